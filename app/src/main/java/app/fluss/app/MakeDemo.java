package app.fluss.app;

import app.fluss.app.demo.DemoStudy;
import app.fluss.files.study.StudyException;
import java.io.IOException;
import java.nio.file.Path;

/// Makes the demo study without a window: `STUDY`. A class of its own, for the platform starts its window
/// system for any main class that is an application.
final class MakeDemo {
    private MakeDemo() {}

    public static void main(String... args) throws IOException, StudyException {
        DemoStudy.make(Path.of(args[0]));
    }
}
