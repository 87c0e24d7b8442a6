package app.fluss.files.study;

import app.fluss.files.log.InputException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Makes everything in a study again from its evidence and compares. What cannot be read is listed, and
/// the check goes on.
final class StudyCheck {
    private final Study study;
    private final Steps steps;
    private final EvidenceShelf shelf;
    private final List<String> wrong = new ArrayList<>();

    StudyCheck(Study study, Steps steps, EvidenceShelf shelf) {
        this.study = study;
        this.steps = steps;
        this.shelf = shelf;
    }

    /// Reads part of a study.
    @FunctionalInterface
    private interface Part {
        Object read() throws StudyException;
    }

    List<String> run() throws IOException {
        rows(() -> steps.read(() -> {
            for (String line : steps.sql().list("PRAGMA integrity_check", row -> row.getString(1))) {
                if (!line.equals("ok")) {
                    wrong.add("The database is damaged: " + line);
                }
            }
            for (String table : steps.sql().list("PRAGMA foreign_key_check", row -> row.getString(1))) {
                wrong.add("A row of table %s belongs to one that is not there.".formatted(table));
            }
            return true;
        }));
        rows(study::games);
        rows(study::scenes);
        rows(study.bench()::read);
        rows(study.plan()::read);
        rows(study.schools()::read);
        rows(study.capture()::open);
        rows(study.feel()::read);
        rows(study.drill()::read);
        rows(() -> {
            study.blind().read().stream()
                    .filter(block -> !block.isUnchanged())
                    .forEach(block -> wrong.add(
                            "The order of blind block %d is not the one that was sealed.".formatted(block.id())));
            return true;
        });
        rows(study::nextUndo);
        for (Run run : runs()) {
            rows(() -> study.sections(run));
            rows(() -> study.notes(run));
            rows(() -> study.capture().checks(run));
        }
        for (EvidenceKind<?, ?> kind : EvidenceKinds.ALL) {
            for (Attached attached : attached(kind)) {
                check(kind, attached);
            }
        }
        return List.copyOf(wrong);
    }

    private void rows(Part part) {
        try {
            part.read();
        } catch (StudyException e) {
            wrong.add(String.valueOf(e.getMessage()));
        }
    }

    private List<Run> runs() {
        try {
            return study.runs();
        } catch (StudyException e) {
            wrong.add(String.valueOf(e.getMessage()));
            return List.of();
        }
    }

    private List<Attached> attached(EvidenceKind<?, ?> kind) {
        try {
            return steps.read(() -> kind.attached(steps.sql(), ""));
        } catch (StudyException e) {
            wrong.add(String.valueOf(e.getMessage()));
            return List.of();
        }
    }

    private void check(EvidenceKind<?, ?> kind, Attached attached) throws IOException {
        try {
            boolean same = kind.withRaw(
                    shelf.kept(),
                    attached.sha256(),
                    attached.fileName(),
                    raw -> kind.isAsKept(shelf.kept(), attached, raw));
            if (!same) {
                wrong.add("%s: the %s is not what its evidence gives.".formatted(attached.fileName(), kind.title()));
            }
        } catch (InputException | StudyException e) {
            wrong.add("%s: %s".formatted(attached.fileName(), e.getMessage()));
        }
    }
}
