package app.fluss.files.study;

import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.work.Progress;
import app.fluss.files.link.ProbeFile;
import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/// A probe of a stream's link.
final class LinkProbeKind extends EvidenceKind<ProbeTrace, ProbeTrace> {
    LinkProbeKind() {
        super("link probe", "link_probe", Optional.empty());
    }

    @Override
    public boolean tells(Candidate file) {
        return file.endsWith(".json");
    }

    @Override
    public ProbeTrace read(Path file, Progress progress) throws IOException, InputException {
        return ProbeFile.read(file);
    }

    @Override
    String ending(String fileName) {
        return ".json";
    }

    @Override
    Rows pack(ProbeTrace trace, Packing packing) {
        return (kept, run, sha256) -> kept.sql()
                .insert(
                        "INSERT INTO link_probe (run_id, sha256, images, simulated) VALUES (?, ?, ?, ?)",
                        run,
                        sha256,
                        trace.images(),
                        trace.simulated());
    }

    @Override
    ProbeTrace load(Kept kept, Attached attached) throws StudyException, IOException {
        try {
            return withRaw(kept, attached.sha256(), attached.fileName(), ProbeFile::read);
        } catch (InputException e) {
            throw new StudyException(String.valueOf(e.getMessage()), e);
        }
    }

    @Override
    boolean isAsKept(Kept kept, Attached attached, Path raw) throws StudyException, IOException, InputException {
        int images = kept.steps()
                .read(() -> kept.sql()
                        .list("SELECT images FROM link_probe WHERE id = ?", row -> row.getInt(1), attached.id()))
                .getFirst();
        return ProbeFile.read(raw).images() == images;
    }
}
