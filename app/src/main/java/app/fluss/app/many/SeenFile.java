package app.fluss.app.many;

import app.fluss.core.path.NameGuess;
import app.fluss.files.clip.ClipFile;
import app.fluss.files.log.InputException;
import app.fluss.files.log.Mapping;
import app.fluss.files.log.MappingGuess;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.log.TimeChoice;
import app.fluss.files.study.Candidate;
import app.fluss.files.study.EvidenceKind;
import app.fluss.files.study.EvidenceKinds;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// A file among many, with what it was found to be.
///
/// @param file where it is
/// @param kind what evidence it is; empty if it is none that can be added here
/// @param words what it is, or why it cannot be used, for people
/// @param guess what it is of, by its name
/// @param mapping what the columns of a log mean; empty of anything else, and of a log that can be read in two ways
/// @param rivals the two ways to read a log; empty if there is one
record SeenFile(
        Path file,
        Optional<EvidenceKind<?, ?>> kind,
        String words,
        NameGuess guess,
        Optional<Mapping> mapping,
        List<TimeChoice> rivals) {
    private static final Set<EvidenceKind<?, ?>> OF_THEIR_OWN =
            Set.of(EvidenceKinds.FRAME_LOG, EvidenceKinds.READINGS, EvidenceKinds.SUMMARY);

    /// Whether it makes a run of its own; else it belongs to one.
    boolean makesRun() {
        return kind.filter(OF_THEIR_OWN::contains).isPresent();
    }

    /// Whether it is evidence that belongs to the run of another file.
    boolean belongs() {
        return kind.isPresent() && !makesRun();
    }

    static SeenFile look(Path file, NameGuess guess, MappingMemory memory) {
        if (ClipFile.isClip(file)) {
            return new SeenFile(
                    file,
                    Optional.of(EvidenceKinds.CLIP_COUNT),
                    ManyText.CLIP_COUNTED,
                    guess,
                    Optional.empty(),
                    List.of());
        }
        try {
            Candidate candidate = new Candidate(file);
            Optional<EvidenceKind<?, ?>> kind = EvidenceKinds.of(candidate);
            if (kind.isEmpty()) {
                return unusable(file, guess, ManyText.NOTHING_THAT_IS_KNOWN);
            } else if (kind.get() != EvidenceKinds.FRAME_LOG) {
                return new SeenFile(file, kind, kind.get().title(), guess, Optional.empty(), List.of());
            }
            MappingGuess columns = MappingGuess.of(candidate.sample());
            Optional<Mapping> known = columns.certain()
                    ? Optional.of(columns.mapping())
                    : memory.recall(candidate.sample().header());
            if (known.isPresent()) {
                return new SeenFile(file, kind, ManyText.FRAME_LOG_KNOWN_COLUMNS, guess, known, List.of());
            } else if (!columns.rivals().isEmpty()) {
                return new SeenFile(
                        file, kind, ManyText.FRAME_LOG_TWO_READINGS, guess, Optional.empty(), columns.rivals());
            } else if (!columns.mapping().hasTime()) {
                return unusable(file, guess, ManyText.NO_TIME);
            }
            return new SeenFile(
                    file,
                    kind,
                    ManyText.FRAME_LOG.formatted(columns.why()),
                    guess,
                    Optional.of(columns.mapping()),
                    List.of());
        } catch (InputException e) {
            return unusable(file, guess, String.valueOf(e.getMessage()));
        } catch (IOException e) {
            return unusable(file, guess, ManyText.IT_CANNOT_BE_READ.formatted(e.getMessage()));
        }
    }

    private static SeenFile unusable(Path file, NameGuess guess, String why) {
        return new SeenFile(file, Optional.empty(), why, guess, Optional.empty(), List.of());
    }
}
