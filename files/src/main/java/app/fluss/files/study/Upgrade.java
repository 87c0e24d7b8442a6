package app.fluss.files.study;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;

/// Brings a study of an older version up to date, version by version. The new one is written into a file
/// of its own and then put in the old one's place at once, so that there is a whole study under its name
/// at every moment.
final class Upgrade {
    private static final List<UpgradeStep> STEPS = List.of(
            new UpgradeTo2(), new UpgradeTo3(), new UpgradeTo4(), new UpgradeTo5(), new UpgradeTo6(), new UpgradeTo7());

    private Upgrade() {}

    /// Brings a study up to date where it stands; a copy of what it was is kept beside it.
    ///
    /// @param version of the study, below [Schema#VERSION]
    /// @param notices what was done is added, in words for the user
    static void inPlace(Path study, int version, List<String> notices)
            throws IOException, SQLException, StudyException {
        Path copy = freeName(study, version);
        Path fresh = study.resolveSibling("." + study.getFileName() + ".upgrading");
        boolean done = false;
        try {
            Files.deleteIfExists(fresh);
            into(study, version, fresh, notices);
            Files.copy(study, copy, StandardCopyOption.COPY_ATTRIBUTES);
            takeAttributes(study, fresh);
            StudyFile.replace(fresh, study);
            done = true;
        } finally {
            if (!done) {
                Files.deleteIfExists(fresh);
            }
        }
        notices.add(
                "A copy of %s as it was is kept beside it as %s.".formatted(study.getFileName(), copy.getFileName()));
    }

    private static void takeAttributes(Path from, Path to) throws IOException {
        try {
            Files.setPosixFilePermissions(to, Files.getPosixFilePermissions(from));
        } catch (UnsupportedOperationException e) {
            // The system has no such permissions.
        }
    }

    private static Path freeName(Path study, int version) {
        String name = String.valueOf(study.getFileName());
        String stem = name.endsWith(".fluss") ? name.substring(0, name.length() - ".fluss".length()) : name;
        Path free = study.resolveSibling("%s (version %d).fluss".formatted(stem, version));
        for (int number = 2; Files.exists(free); number++) {
            free = study.resolveSibling("%s (version %d, %d).fluss".formatted(stem, version, number));
        }
        return free;
    }

    /// Writes a study of this program's version that holds what an older one holds, which is left as it
    /// is.
    ///
    /// @param fresh is made; an empty file may be there
    static void into(Path study, int version, Path fresh, List<String> notices)
            throws IOException, SQLException, StudyException {
        Path from = study;
        for (UpgradeStep step : STEPS) {
            if (step.from() < version) {
                continue;
            }
            boolean last = step.from() + 1 == Schema.VERSION;
            Path to = last ? fresh : Files.createTempFile("fluss-upgrade", ".fluss");
            one(step, from, to, notices);
            if (!from.equals(study)) {
                Files.delete(from);
            }
            from = to;
        }
        notices.add("%s was brought from version %d to version %d; what could be undone before no longer can."
                .formatted(study.getFileName(), version, Schema.VERSION));
    }

    private static void copy(UpgradeStep step, Steps steps, List<String> notices)
            throws IOException, SQLException, StudyException {
        try {
            step.copy(steps, notices);
        } catch (IllegalArgumentException e) {
            throw new StudyException(
                    "The study cannot be brought up to date, and was left as it is: " + e.getMessage() + ".", e);
        }
    }

    private static void one(UpgradeStep step, Path from, Path to, List<String> notices)
            throws IOException, SQLException, StudyException {
        try (Connection connection = StudyFile.connection(to, true)) {
            Sql sql = new Sql(connection);
            sql.run("ATTACH DATABASE ? AS old", StudyFile.uri(from) + "?mode=ro");
            sql.run("BEGIN IMMEDIATE");
            sql.run("PRAGMA defer_foreign_keys = ON");
            Schema.create(connection, step.from() + 1);
            copy(step, new Steps(from, connection, Optional.empty()), notices);
            sql.run("COMMIT");
            sql.run("DETACH DATABASE old");
        }
    }
}
