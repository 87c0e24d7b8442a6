package app.fluss.core.bench;

import java.util.Locale;
import java.util.Set;

/// When two values of a fact are one: `100%` and `100 %`, `1920x1080` and `1920 × 1080`, 60 and 60.0.
public final class FactValue {
    /// Refresh rates closer than this share are one mode as two tools tell it: 59.94 and 60 are two. Our own
    /// convention.
    private static final double SAME_HZ = 0.0005;

    private static final double SAME_NUMBER = 1e-6;

    /// Lengths of a scene closer than this share are one: nobody stops at the same frame. Our own convention.
    private static final double SAME_LENGTH = 0.05;

    private static final double SAME_SCALE = 0.005;
    private static final Set<String> NOTHING = Set.of("off", "none", "no", "-", "–");

    private FactValue() {}

    /// Whether two values of a fact are the same.
    public static boolean same(FactKey key, String a, String b) {
        if (key == FactKey.RENDER_SCALE) {
            return close(TypedScale.of(a), TypedScale.of(b), SAME_SCALE) || same(a, b);
        }
        return switch (key.type()) {
            case FactType.Quantity(String unit, double _, double _) ->
                close(FactKey.number(a), FactKey.number(b), tolerance(key, unit));
            case FactType.Choice _, FactType.Text _ -> same(a, b);
        };
    }

    /// Whether two values of the analyst's own fact are the same: numbers by value, words without case and spaces.
    public static boolean same(String a, String b) {
        return close(FactKey.number(a), FactKey.number(b), SAME_NUMBER) || plain(a).equals(plain(b));
    }

    private static double tolerance(FactKey key, String unit) {
        return key == FactKey.SCENE_S ? SAME_LENGTH : unit.equals("Hz") ? SAME_HZ : SAME_NUMBER;
    }

    private static boolean close(double a, double b, double share) {
        return Math.abs(a - b) <= share * Math.max(Math.abs(a), Math.abs(b));
    }

    private static String plain(String value) {
        String text = value.toLowerCase(Locale.ROOT).replace('×', 'x').replaceAll("\\s+", "");
        return NOTHING.contains(text) ? "off" : text;
    }
}
