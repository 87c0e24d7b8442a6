package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.frame.FrameKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// What the columns of a log mean: by our own headers where they stand, else by the data itself.
///
/// A column that rises steadily is a time stamp, its unit told by its step; values that would be frame times in
/// some unit are frame times or work; few distinct words are the kind or the program. Names only break ties:
/// loggers name columns as they please.
///
/// @param mapping the guess
/// @param certain whether every column that was mapped has one of our own headers
public record MappingGuess(Mapping mapping, boolean certain) {
    private static final String OWN_KIND = "kind";
    private static final String OWN_FRAME_TIME = "frame_time_ms";
    private static final String OWN_PROCESS = "process";
    private static final int FEW_WORDS = 6;
    private static final double LONGEST_DISPLAY_WAIT_MS = 500;

    /// Guesses.
    public static MappingGuess of(Sample sample) {
        Optional<Mapping> own = ownHeader(sample);
        return own.map(mapping -> new MappingGuess(mapping, true))
                .orElseGet(() -> new MappingGuess(fromData(sample), false));
    }

    private static Optional<Mapping> ownHeader(Sample sample) {
        List<MappedColumn> columns = new ArrayList<>();
        for (String name : sample.header()) {
            columns.add(new MappedColumn(name, ownRole(name), TimeUnit.MS));
        }
        Mapping mapping = new Mapping(columns, kindsIn(sample, columns));
        return mapping.hasTime() ? Optional.of(mapping) : Optional.empty();
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

    private static Mapping fromData(Sample sample) {
        List<MappedColumn> columns = new ArrayList<>();
        List<ColumnProfile> profiles = new ArrayList<>();
        for (int i = 0; i < sample.header().size(); i++) {
            profiles.add(ColumnProfile.of(sample, i));
        }
        Optional<ColumnProfile> present = profiles.stream()
                .filter(ColumnProfile::isTimeStamp)
                .min(Comparator.comparing((ColumnProfile p) -> p.nameHas("display", "content", "sim")));
        Set<Role> taken = new LinkedHashSet<>();
        for (ColumnProfile profile : profiles) {
            Role role = guess(profile, present);
            boolean free = role == Role.IGNORED || taken.add(role);
            columns.add(
                    free
                            ? new MappedColumn(profile.name(), role, profile.unit())
                            : MappedColumn.ignored(profile.name()));
        }
        return new Mapping(columns, kindsIn(sample, columns));
    }

    private static Role guess(ColumnProfile profile, Optional<ColumnProfile> present) {
        if (profile.isWords()) {
            if (profile.words().size() > FEW_WORDS) {
                return Role.IGNORED;
            }
            boolean kinds = profile.words().stream().anyMatch(word -> kind(word) != FrameKind.UNKNOWN);
            return kinds ? Role.KIND : Role.PROCESS;
        }
        if (present.isPresent() && present.get() == profile) {
            return Role.PRESENT;
        }
        if (profile.isTimeStamp()) {
            double wait =
                    profile.firstMs() - present.map(ColumnProfile::firstMs).orElse(Double.NaN);
            boolean follows = wait >= 0 && wait < LONGEST_DISPLAY_WAIT_MS;
            if (profile.nameHas("content", "sim", "game")) {
                return Role.CONTENT;
            }
            return follows ? Role.DISPLAYED : Role.IGNORED;
        }
        return profile.isNumeric() ? guessNumber(profile, present.isPresent()) : Role.IGNORED;
    }

    private static Role guessNumber(ColumnProfile profile, boolean hasTimeStamps) {
        boolean gpu = profile.nameHas("gpu");
        boolean cpu = profile.nameHas("cpu");
        if (profile.nameHas("load", "usage", "util", "%", "pct")) {
            return gpu ? Role.GPU_LOAD : cpu ? Role.CPU_LOAD : Role.IGNORED;
        }
        if (profile.nameHas("temp")) {
            return gpu ? Role.GPU_TEMPERATURE : Role.IGNORED;
        }
        if (profile.nameHas("clock", "mhz")) {
            return gpu ? Role.GPU_CLOCK : Role.IGNORED;
        }
        if (profile.nameHas("power", "watt")) {
            return cpu ? Role.IGNORED : Role.POWER;
        }
        if (profile.nameHas("mem", "vram")) {
            return Role.VRAM;
        }
        if (!profile.couldBeFrameTime()) {
            return Role.IGNORED;
        }
        if (gpu || cpu) {
            return gpu ? Role.GPU : Role.CPU;
        }
        return hasTimeStamps ? Role.IGNORED : Role.FRAME_TIME;
    }

    private static Map<String, FrameKind> kindsIn(Sample sample, List<MappedColumn> columns) {
        Map<String, FrameKind> kinds = new LinkedHashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            if (columns.get(i).role() == Role.KIND) {
                for (String word : ColumnProfile.of(sample, i).words()) {
                    kinds.put(word, kind(word));
                }
                kinds.putIfAbsent("rendered", FrameKind.RENDERED);
                kinds.putIfAbsent("generated", FrameKind.GENERATED);
            }
        }
        return kinds;
    }

    private static FrameKind kind(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        if (containsAny(lower, "gen", "interp", "extrap", "synth")) {
            return FrameKind.GENERATED;
        }
        return containsAny(lower, "rend", "real", "native", "game", "app") ? FrameKind.RENDERED : FrameKind.UNKNOWN;
    }

    private static boolean containsAny(String text, String... parts) {
        for (String part : parts) {
            if (text.contains(part)) {
                return true;
            }
        }
        return false;
    }
}
