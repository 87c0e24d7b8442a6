package app.fluss.files.study;

import app.fluss.core.measure.Section;
import java.nio.file.Files;
import java.nio.file.Path;

/// A process that edits a study and imports into it until it is killed. After each commit it says so on its standard
/// output: what was acknowledged must be there afterwards.
final class StudyWriter {
    private StudyWriter() {}

    /// @param arguments the study, and a number that no earlier writer had
    static void main(String[] arguments) throws Exception {
        Path folder = Files.createTempDirectory("fluss-writer");
        int first = Integer.parseInt(arguments[1]) * 100_000;
        try (Study study = Study.open(Path.of(arguments[0]))) {
            for (int n = first; ; n++) {
                Run run = StudyMaker.add(study, folder, n, 20_000);
                System.out.println("run " + n);
                study.addSection(run, new Section("section " + n, Section.Weight.WORST, 100, 900));
                System.out.println("section " + n);
                study.setOutcome(run, Outcome.DISCARDED, "reason " + n);
                System.out.println("outcome " + n);
            }
        }
    }
}
