package app.fluss.files.log;

import app.fluss.core.frame.FrameKind;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Words for rendered and generated images, in the languages in which loggers write. A word counts as a whole.
final class KindWords {
    private static final Set<String> RENDERED = Set.of(
            "rendered",
            "render",
            "real",
            "native",
            "game",
            "app",
            "application",
            "original",
            "source",
            "new",
            "fresh",
            "gerendert",
            "echt",
            "rendu",
            "réel",
            "natif",
            "renderizado",
            "nativo",
            "renderizzato",
            "reale",
            "renderowana",
            "prawdziwa",
            "настоящий",
            "отрисованный",
            "渲染",
            "真实",
            "原生",
            "実フレーム",
            "レンダー",
            "렌더",
            "실제");
    private static final Set<String> GENERATED = Set.of(
            "generated",
            "interpolated",
            "extrapolated",
            "synthetic",
            "synthesized",
            "synthesised",
            "gen",
            "interp",
            "extrap",
            "fake",
            "inserted",
            "reprojected",
            "warped",
            "repeated",
            "generiert",
            "interpoliert",
            "erzeugt",
            "généré",
            "générée",
            "interpolé",
            "generado",
            "interpolado",
            "gerado",
            "generato",
            "interpolato",
            "wygenerowana",
            "сгенерированный",
            "интерполированный",
            "生成",
            "插帧",
            "補間",
            "生成フレーム",
            "생성",
            "보간");

    /// Words in the name of a column of 0 and 1 that say that 1 is a generated image.
    private static final List<String> FLAG_GENERATED = List.of(
            "generated",
            "interpolated",
            "extrapolated",
            "synthetic",
            "generation",
            "framegen",
            "fg",
            "reprojected",
            "reprojection",
            "reproj",
            "warped",
            "repeated",
            "reprojiziert",
            "generiert",
            "généré",
            "generado",
            "gerado",
            "generato",
            "生成",
            "插帧",
            "補間",
            "생성");

    private static final List<String> FLAG_RENDERED = List.of(
            "rendered",
            "real",
            "native",
            "new frame",
            "new image",
            "is new",
            "fresh frame",
            "gerendert",
            "neues bild",
            "rendu",
            "renderizado");

    private KindWords() {}

    /// What a word means; unknown if it is none of ours.
    static FrameKind of(String word) {
        String lower = word.strip().toLowerCase(Locale.ROOT);
        if (RENDERED.contains(lower)) {
            return FrameKind.RENDERED;
        }
        return GENERATED.contains(lower) ? FrameKind.GENERATED : FrameKind.UNKNOWN;
    }

    /// What the values of a column mean if it says which images are generated: every word is one of
    /// ours, or it holds 0 and 1 under a name that says which is which. Words for rendered images alone
    /// may mean anything, as `game` does, where the name does not speak of kinds.
    static Optional<Map<String, FrameKind>> in(ColumnProfile column) {
        Map<String, FrameKind> kinds = new LinkedHashMap<>();
        if (column.isWords()) {
            column.words().forEach(word -> kinds.put(word, of(word)));
            boolean meant = kinds.containsValue(FrameKind.GENERATED) || column.says(NameHint.KIND);
            return meant && !kinds.containsValue(FrameKind.UNKNOWN) ? Optional.of(kinds) : Optional.empty();
        }
        boolean generated = saysOneOf(column, FLAG_GENERATED);
        if (!column.isYesOrNo() || generated == saysOneOf(column, FLAG_RENDERED)) {
            return Optional.empty();
        }
        for (String text : column.texts()) {
            kinds.put(text, kind(text, generated));
        }
        // Nothing but generated images is a switch that was on, and none may come later.
        if (!kinds.containsValue(FrameKind.RENDERED)) {
            return Optional.empty();
        }
        List.of("0", "1", "no", "yes", "false", "true").forEach(text -> kinds.putIfAbsent(text, kind(text, generated)));
        return Optional.of(kinds);
    }

    private static FrameKind kind(String flag, boolean oneIsGenerated) {
        boolean one = Numbers.parse(flag, '.') == 1 || Numbers.yesOrNo(flag) == 1;
        return one == oneIsGenerated ? FrameKind.GENERATED : FrameKind.RENDERED;
    }

    private static boolean saysOneOf(ColumnProfile column, List<String> words) {
        return words.stream().anyMatch(word -> column.name().says(List.of(word.split(" "))));
    }
}
