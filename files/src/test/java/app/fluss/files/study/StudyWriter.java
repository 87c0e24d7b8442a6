package app.fluss.files.study;

import app.fluss.core.measure.Section;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// A process that edits a study and imports into it until it is killed. After each commit it says so on its standard
/// output: what was acknowledged must be there afterwards.
final class StudyWriter {
    /// So many that most kills fall into a commit.
    private static final int MARKS = 20;

    private StudyWriter() {}

    /// @param arguments the study, and a number that no earlier writer had
    static void main(String[] arguments) throws Exception {
        Path folder = Files.createTempDirectory("fluss-writer");
        int first = Integer.parseInt(arguments[1]) * 100_000;
        try (Study study = Study.open(Path.of(arguments[0]))) {
            for (int n = first; ; n++) {
                Run run = StudyMaker.add(study, folder, n, 60_000);
                System.out.println("run " + n);
                for (int mark = 0; mark < MARKS; mark++) {
                    String name = "section " + n + "-" + mark;
                    study.addSection(run, new Section(name, Section.Weight.WORST, 100, 900));
                    System.out.println(name);
                }
                study.gamesAndRuns().setOutcome(List.of(run), Outcome.DISCARDED, "reason " + n);
                System.out.println("outcome " + n);
            }
        }
    }
}
