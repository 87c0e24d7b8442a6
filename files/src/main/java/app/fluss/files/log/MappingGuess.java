package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// What the columns of a log mean: by our own headers where they stand, else by ranking every column for every role, by
/// its name, its values and its agreement with others.
///
/// @param mapping the guess
/// @param certain whether every column that was mapped has one of our own headers
/// @param why what speaks for the column that places the images in time; empty for our own headers
/// @param rivals two readings that give different rates and of which neither is clearly better; empty if one is
/// @param cases what speaks for and against each column, in their order; empty for our own headers
public record MappingGuess(
        Mapping mapping, boolean certain, String why, List<TimeChoice> rivals, List<ColumnCase> cases) {
    private static final String OWN_KIND = "kind";
    private static final String OWN_FRAME_TIME = "frame_time_ms";
    private static final String OWN_PROCESS = "process";
    private static final int FEW_WORDS = 6;
    private static final double LONGEST_DISPLAY_WAIT_MS = 500;

    /// Numbers of frames rise by less than this from row to row on average, however many were lost.
    private static final double MOST_NUMBERS_A_ROW = 8;

    private static final double LONGEST_STREAM_WAIT_MS = 2000;
    private static final double SAME_STEP = 0.2;
    private static final double LONGEST_WORK = 4;

    /// Keeps a copy.
    public MappingGuess {
        rivals = List.copyOf(rivals);
        cases = List.copyOf(cases);
    }

    /// Guesses.
    public static MappingGuess of(Sample sample) {
        Optional<Mapping> own = ownHeader(sample);
        return own.map(mapping -> new MappingGuess(mapping, true, "", List.of(), List.of()))
                .orElseGet(() -> fromData(sample));
    }

    private static Optional<Mapping> ownHeader(Sample sample) {
        List<MappedColumn> columns = new ArrayList<>();
        Map<String, FrameKind> kinds = new LinkedHashMap<>();
        for (int i = 0; i < sample.header().size(); i++) {
            String name = sample.header().get(i);
            Role role = ownRole(name);
            columns.add(new MappedColumn(name, role, TimeUnit.MS));
            if (role == Role.KIND) {
                ColumnProfile.of(sample, i).words().forEach(word -> kinds.put(word, KindWords.of(word)));
            }
        }
        Mapping mapping = new Mapping(columns, kinds);
        // Others have a frame time of that name too, beside columns of their own.
        boolean ours = mapping.indexOf(Role.IGNORED).isEmpty()
                || mapping.indexOf(Role.PRESENT).isPresent();
        return ours && mapping.hasTime() ? Optional.of(mapping) : Optional.empty();
    }

    private static Role ownRole(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        Optional<Channel> channel = Channel.ofHeader(lower);
        if (channel.isPresent()) {
            for (Role role : Role.values()) {
                if (role.channel().equals(channel)) {
                    return role;
                }
            }
        }
        return switch (lower) {
            case OWN_KIND -> Role.KIND;
            case OWN_FRAME_TIME -> Role.FRAME_TIME;
            case OWN_PROCESS -> Role.PROCESS;
            default -> Role.IGNORED;
        };
    }

    private static MappingGuess fromData(Sample sample) {
        List<ColumnProfile> profiles = new ArrayList<>();
        for (int i = 0; i < sample.header().size(); i++) {
            profiles.add(ColumnProfile.of(sample, i));
        }
        Optional<TimeRanking.Choice> time = TimeRanking.of(profiles);
        Mapping mapping = mapping(sample, profiles, time.map(TimeRanking.Choice::chosen));
        return new MappingGuess(
                mapping,
                false,
                time.map(TimeRanking.Choice::chosen)
                        .map(chosen -> "The time is " + chosen.text() + ", by " + chosen.why() + ".")
                        .orElse(""),
                time.flatMap(choice -> choice.rival()
                                .map(rival -> List.of(
                                        TimeChoice.of(choice.chosen(), mapping),
                                        TimeChoice.of(rival, mapping(sample, profiles, Optional.of(rival))))))
                        .orElse(List.of()),
                cases(profiles, mapping, time));
    }

    private static List<ColumnCase> cases(
            List<ColumnProfile> profiles, Mapping mapping, Optional<TimeRanking.Choice> time) {
        List<ColumnCase> cases = new ArrayList<>();
        for (int i = 0; i < profiles.size(); i++) {
            ColumnProfile profile = profiles.get(i);
            Optional<ColumnCase> asTime = time.stream()
                    .flatMap(choice -> choice.all().stream())
                    .filter(reading -> reading.column() == profile)
                    .findFirst()
                    .map(TimeReading::judged);
            cases.add(
                    switch (mapping.columns().get(i).role()) {
                        case PRESENT, FRAME_TIME -> asTime.orElse(ColumnCase.NONE);
                        case IGNORED ->
                            new ColumnCase(
                                    List.of(),
                                    asTime.map(ColumnCase::speaksAgainst).orElse(List.of()));
                        case KIND -> new ColumnCase(List.of("all its words are kinds of images"), List.of());
                        case DISPLAYED, CONTENT -> new ColumnCase(List.of("it goes with the time"), List.of());
                        default -> new ColumnCase(List.of("its name"), List.of());
                    });
        }
        return cases;
    }

    private static Mapping mapping(Sample sample, List<ColumnProfile> profiles, Optional<TimeReading> time) {
        List<MappedColumn> columns = new ArrayList<>();
        Map<String, FrameKind> kinds = new LinkedHashMap<>();
        Set<Role> taken = new LinkedHashSet<>();
        for (int i = 0; i < profiles.size(); i++) {
            ColumnProfile profile = profiles.get(i);
            MappedColumn column = column(sample.header().get(i), profile, time);
            boolean free = column.role() == Role.IGNORED || taken.add(column.role());
            columns.add(free ? column : MappedColumn.ignored(column.name()));
            if (free && column.role() == Role.KIND) {
                kinds.putAll(KindWords.in(profile).orElseThrow());
            }
        }
        return new Mapping(columns, kinds);
    }

    private static MappedColumn column(String name, ColumnProfile profile, Optional<TimeReading> time) {
        if (time.isPresent() && time.get().column() == profile) {
            return new MappedColumn(name, time.get().role(), time.get().unit());
        }
        if (KindWords.in(profile).isPresent()) {
            return new MappedColumn(name, Role.KIND, TimeUnit.MS);
        }
        if (profile.isWords()) {
            return new MappedColumn(name, isProgram(profile) ? Role.PROCESS : Role.IGNORED, TimeUnit.MS);
        }
        if (!profile.isNumeric()) {
            return MappedColumn.ignored(name);
        }
        if (profile.isYesOrNo() && profile.says(NameHint.DROPPED) && !profile.says(NameHint.HOW_MANY)) {
            return new MappedColumn(name, Role.DROPPED, TimeUnit.MS);
        }
        Optional<Role> sensor = sensor(profile);
        if (sensor.isPresent()) {
            return new MappedColumn(name, sensor.get(), TimeUnit.MS);
        }
        return time.flatMap(reading -> otherTime(name, profile, reading)).orElseGet(() -> MappedColumn.ignored(name));
    }

    /// Programs are named as such, or end as programs do.
    private static boolean isProgram(ColumnProfile column) {
        return column.words().size() <= FEW_WORDS
                && (column.says(NameHint.PROCESS)
                        || column.words().stream()
                                .allMatch(word -> word.toLowerCase(Locale.ROOT).endsWith(".exe")));
    }

    /// What a sensor shows, by its name.
    private static Optional<Role> sensor(ColumnProfile column) {
        boolean gpu = column.says(NameHint.GPU);
        boolean cpu = column.says(NameHint.CPU);
        if (column.says(NameHint.ENERGY)) {
            return Optional.of(Role.IGNORED);
        }
        if (column.says(NameHint.LOAD) || column.name().isPercent()) {
            return Optional.of(gpu ? Role.GPU_LOAD : cpu ? Role.CPU_LOAD : Role.IGNORED);
        }
        if (column.says(NameHint.TEMPERATURE)) {
            return Optional.of(gpu ? Role.GPU_TEMPERATURE : Role.IGNORED);
        }
        if (column.says(NameHint.CLOCK)) {
            return Optional.of(gpu ? Role.GPU_CLOCK : Role.IGNORED);
        }
        if (column.says(NameHint.POWER)) {
            return Optional.of(cpu ? Role.IGNORED : Role.POWER);
        }
        if (column.says(NameHint.MEMORY)) {
            return Optional.of(gpu || column.name().says(List.of("vram")) ? Role.VRAM : Role.IGNORED);
        }
        return Optional.empty();
    }

    /// Other times, held against the one that was chosen: when an image was shown, what it depicts, and the work of
    /// processor and card.
    private static Optional<MappedColumn> otherTime(String name, ColumnProfile column, TimeReading time) {
        if (isFrameNumber(column)) {
            return Optional.of(new MappedColumn(name, Role.FRAME, TimeUnit.MS));
        }
        if (column.isRising()) {
            return TimeReading.stamps(column)
                    .filter(_ -> time.role() == Role.PRESENT)
                    .filter(_ -> !column.says(NameHint.COUNTER) || column.says(NameHint.STAMP))
                    .flatMap(stamps ->
                            stampRole(column, stamps, time).map(role -> new MappedColumn(name, role, stamps.unit())));
        }
        if (column.says(NameHint.DISPLAY_WAIT)) {
            TimeUnit unit = column.name().unit().orElse(time.unit());
            boolean fits = column.median() >= 0 && unit.toMs(column.median()) < LONGEST_DISPLAY_WAIT_MS;
            return fits ? Optional.of(new MappedColumn(name, Role.DISPLAY_WAIT, unit)) : Optional.empty();
        }
        boolean gpu = column.says(NameHint.GPU);
        boolean work = gpu || column.says(NameHint.CPU);
        if (!work
                || column.says(NameHint.COMPOSITOR)
                || column.says(NameHint.LATENCY)
                || column.says(NameHint.RATE)
                || !(column.median() > 0)) {
            return Optional.empty();
        }
        TimeUnit unit = column.name().unit().orElse(TimeUnit.ofFrameTime(column.median()));
        return unit.toMs(column.median()) <= LONGEST_WORK * time.frameMs()
                ? Optional.of(new MappedColumn(name, gpu ? Role.GPU : Role.CPU, unit))
                : Optional.empty();
    }

    private static Optional<Role> stampRole(ColumnProfile column, TimeReading stamps, TimeReading time) {
        double steps = stamps.unit().toMs(column.meanRowStep())
                / time.unit().toMs(time.column().meanRowStep());
        if (column.counts() || Math.abs(Math.log(steps)) > SAME_STEP) {
            return Optional.empty();
        }
        if (column.says(NameHint.CONTENT)) {
            return Optional.of(Role.CONTENT);
        }
        Optional<Role> onTheWay = onTheWay(column);
        double wait = stamps.unit().toMs(column.first())
                - time.unit().toMs(time.column().first());
        if (onTheWay.isPresent()) {
            return onTheWay.filter(_ -> Math.abs(wait) < LONGEST_STREAM_WAIT_MS);
        }
        boolean follows = wait >= 0 && wait < LONGEST_DISPLAY_WAIT_MS;
        return follows && column.says(NameHint.DISPLAY) ? Optional.of(Role.DISPLAYED) : Optional.empty();
    }

    /// Where a stream's image was, by the name of the column.
    private static Optional<Role> onTheWay(ColumnProfile column) {
        if (column.says(NameHint.DISPLAY)) {
            return Optional.empty();
        }
        if (column.says(NameHint.ENCODED)) {
            return Optional.of(Role.ENCODED);
        }
        if (column.says(NameHint.RECEIVED)) {
            return Optional.of(Role.RECEIVED);
        }
        return column.says(NameHint.DECODED) ? Optional.of(Role.DECODED) : Optional.empty();
    }

    private static boolean isFrameNumber(ColumnProfile column) {
        boolean named =
                column.says(NameHint.FRAME_NUMBER) || (column.name().isOneWord() && column.says(NameHint.IMAGE));
        return named && column.isRising() && column.isWhole() && column.meanStep() < MOST_NUMBERS_A_ROW;
    }
}
