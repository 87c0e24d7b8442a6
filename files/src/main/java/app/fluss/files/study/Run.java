package app.fluss.files.study;

import app.fluss.core.bench.Setup;
import app.fluss.core.measure.AnalysisSettings;
import app.fluss.core.measure.Claimed;
import app.fluss.core.measure.DisplayMode;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.toggle.ToggleMark;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// One measured repetition of a scene on a path. What it was measured on is its own: later changes of the
/// bench or of the path do not change it.
///
/// @param id its number in the study
/// @param sceneId the scene
/// @param path the path, with its stages and settings as they were
/// @param name what the analyst calls it
/// @param simulated whether it comes from a simulation and not from a bench
/// @param setup what it was measured on
/// @param claimedFps the mean of what a counter said, as the analyst typed it, /s; NaN if nothing was
/// @param evidence what it rests on
/// @param claims what tools and counters said, from their files, the better one first
/// @param toggles where its path was switched on and off while it ran, in time; empty for a run on one path
/// @param taking how it was taken
public record Run(
        long id,
        long sceneId,
        DeliveryPath path,
        String name,
        boolean simulated,
        Setup setup,
        double claimedFps,
        List<Attached> evidence,
        List<Claim> claims,
        List<ToggleMark> toggles,
        Taking taking) {
    /// Name of the fact that says from which other study a run was taken in.
    public static final String COMES_FROM = "comes_from";

    /// Keeps a copy.
    public Run {
        evidence = List.copyOf(evidence);
        claims = List.copyOf(claims);
        toggles = List.copyOf(toggles);
    }

    /// The study of another analyst that it was taken in from; empty for a run of this study's own.
    public String origin() {
        return setup.others().getOrDefault(COMES_FROM, "");
    }

    /// Whether it counts.
    public boolean isKept() {
        return taking.outcome() == Outcome.KEPT;
    }

    /// Whether its path was switched on and off while it ran. Such a run is compared within itself and
    /// counts with no other.
    public boolean isToggled() {
        return !toggles.isEmpty();
    }

    /// What tools and counters said of it, and what was typed.
    public Claimed claimed() {
        Claimed all = claims.stream().map(Claim::said).reduce(Claimed::or).orElse(Claimed.NONE);
        return Double.isNaN(claimedFps) ? all : all.or(Claimed.ofMean(Figure.of(claimedFps)));
    }

    /// Whether it counts in comparisons with other runs.
    public boolean isCompared() {
        return isKept() && !isToggled();
    }

    /// Whether it has evidence of a kind.
    public boolean has(EvidenceKind<?, ?> kind) {
        return attached(kind).isPresent();
    }

    /// Its evidence of a kind, if it has some.
    public Optional<Attached> attached(EvidenceKind<?, ?> kind) {
        return evidence.stream().filter(one -> one.kind() == kind).findFirst();
    }

    /// Whether it has frames.
    public boolean hasLog() {
        return has(EvidenceKinds.FRAME_LOG);
    }

    /// How good its evidence is: that of its best kind, with measured latency beside a log the best there
    /// is.
    public Grade grade() {
        Grade best = evidence.stream()
                .flatMap(one -> one.kind().grade().stream())
                .min(Comparator.naturalOrder())
                .orElse(Grade.E);
        return best == Grade.B && has(EvidenceKinds.LATENCY) ? Grade.A : best;
    }

    /// The display mode it was measured on, if that was recorded.
    public Optional<DisplayMode> display() {
        return setup.display();
    }

    /// The frame cap, /s; NaN if none was recorded.
    public double capFps() {
        return setup.capFps();
    }

    /// What an analysis of this run needs to know.
    public AnalysisSettings settings() {
        AnalysisSettings settings = AnalysisSettings.NONE
                .withMultiplier(path.multiplier())
                .withCap(capFps())
                .withGrade(grade())
                .withClaimed(claimed());
        settings = path.chain().drawsAll() ? settings.asNative() : settings;
        settings = taking.measuredAtMs().isPresent()
                ? settings.measuredAt(taking.measuredAtMs().getAsLong())
                : settings;
        return display().isPresent() ? settings.withDisplay(display().get()) : settings;
    }
}
