package app.fluss.core.path;

import app.fluss.core.bench.FactKey;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a path is, by the name that somebody typed. Shown beside the name before it is taken, for a name proves
/// nothing.
public final class PathGuess {
    private static final Pattern NATIVE = Pattern.compile(
            "\\b(native|off|none|without|no generation|no smoothing|(game|monitor) mode|base(line)?|nativ|ohne|aus|natif|sans"
                    + "|nativo|sin)\\b");
    private static final Pattern SMOOTHING_OFF =
            Pattern.compile("\\b(no|without) smoothing\\b|\\bsmoothing (is )?off\\b");
    private static final Pattern MULTIPLIER =
            Pattern.compile("(?:\\b|[x×*])(\\d{1,2}(?:[.,]\\d+)?)\\s*[x×*]|[x×*]\\s*(\\d{1,2}(?:[.,]\\d+)?)\\b");
    private static final Pattern CAP =
            Pattern.compile("\\bcap(?:ped)?\\D{0,9}(\\d{2,3})\\b|\\b(\\d{2,3})\\D{0,5}cap\\b");

    private static final List<Map.Entry<Pattern, StageKind>> KINDS = List.of(
            Map.entry(Pattern.compile("\\b(vr|headset|reprojection)\\b"), StageKind.VR_REPROJECTION),
            Map.entry(Pattern.compile("\\b(second|dual|two|2nd)\\b.*\\b(gpus?|cards?)\\b"), StageKind.SECOND_GPU),
            Map.entry(Pattern.compile("\\b(stream\\w*)\\b"), StageKind.HOME_STREAM),
            Map.entry(
                    Pattern.compile("\\b(smoothing|tv|television|(film|cinema|movie) mode)\\b"),
                    StageKind.DISPLAY_SMOOTHING),
            Map.entry(Pattern.compile("\\b(engine|in-?game)\\b"), StageKind.ENGINE_GENERATION),
            Map.entry(Pattern.compile("\\bdriver\\b"), StageKind.DRIVER_GENERATION),
            Map.entry(Pattern.compile("\\bcaptur\\w*\\b"), StageKind.CAPTURE_GENERATION));

    private PathGuess() {}

    /// The stages that a name speaks of.
    ///
    /// @return native where it says so, a generator of which no more is known where it says nothing
    public static Chain of(String name) {
        String words = name.strip().toLowerCase(Locale.ROOT);
        Optional<StageKind> kind = KINDS.stream()
                .filter(one -> one.getKey().matcher(words).find())
                .map(Map.Entry::getValue)
                .filter(one -> one != StageKind.DISPLAY_SMOOTHING
                        || !SMOOTHING_OFF.matcher(words).find())
                .findFirst();
        if (kind.isEmpty()) {
            Optional<String> cap = number(CAP, words);
            if (cap.isPresent()) {
                return new Chain(List.of(new Stage(StageKind.FRAME_CAP, Map.of(FactKey.CAP_FPS, cap.get()))));
            } else if (NATIVE.matcher(words).find()) {
                return Chain.NATIVE;
            }
        }
        StageKind stage = kind.orElse(StageKind.OTHER_GENERATION);
        Optional<String> multiplier = number(MULTIPLIER, words)
                .filter(number -> stage.isGenerator()
                        && FactKey.MULTIPLIER.problem(number).isEmpty());
        return new Chain(List.of(multiplier
                .map(number -> new Stage(stage, Map.of(FactKey.MULTIPLIER, number)))
                .orElseGet(() -> new Stage(stage))));
    }

    private static Optional<String> number(Pattern pattern, String words) {
        Matcher found = pattern.matcher(words);
        return found.find()
                ? Optional.of((found.group(1) == null ? found.group(2) : found.group(1)).replace(',', '.'))
                : Optional.empty();
    }
}
