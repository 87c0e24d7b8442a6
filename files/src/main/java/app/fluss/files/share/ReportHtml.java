package app.fluss.files.share;

import app.fluss.core.verdict.Verdict;
import app.fluss.files.chart.VerdictSign;
import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.TextFace;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;

/// A report as one page that needs nothing beside it: style, text face, charts and the little script that
/// sorts tables are within, and it can be read without the script, offline and printed.
public final class ReportHtml {
    private ReportHtml() {}

    /// The page.
    public static String of(Report report) {
        Map<String, ReportChart> charts = new LinkedHashMap<>();
        report.charts().forEach(chart -> charts.put(chart.id(), chart));
        return of(
                report,
                id -> Objects.requireNonNull(charts.get(id), id).picture().inlineSvg(ReportChart.prefix(id)));
    }

    /// The page, with charts that were drawn already.
    ///
    /// @param drawn gives the element of a chart by its id
    static String of(Report report, UnaryOperator<String> drawn) {
        String script = PageTemplate.resource("sort.js");
        Map<String, Object> values = new LinkedHashMap<>(report.values());
        values.put("style", style());
        values.put("script", script);
        values.put("scriptHash", hash(script));
        Map<String, String> signs = new HashMap<>();
        return PageTemplate.filled(
                "report.html",
                values,
                id -> id.startsWith(Page.SIGN)
                        ? signs.computeIfAbsent(id.substring(Page.SIGN.length()), ReportHtml::sign)
                        : drawn.apply(id));
    }

    /// The word stands beside the sign, so the sign itself is not read out.
    private static String sign(String word) {
        String svg = new VerdictSign(Verdict.Word.valueOf(word)).picture().inlineSvg("s");
        return svg.replaceFirst("<title>[^<]*</title>", "")
                .replaceFirst(" aria-label=\"[^\"]*\"", "")
                .replaceFirst(" role=\"img\"", " aria-hidden=\"true\" class=\"sign\"");
    }

    /// Colours by their roles, for light and dark; drawn charts are told by the colours that they were
    /// drawn in.
    private static String style() {
        StringBuilder css = new StringBuilder();
        for (TextFace.Weight weight : TextFace.Weight.values()) {
            String face = Base64.getEncoder().encodeToString(TextFace.bytes(weight));
            String source = "src:url(data:font/ttf;base64,%s)".formatted(face);
            css.append("@font-face{font-family:'%s';font-weight:%d;%s}\n"
                    .formatted(TextFace.NAME, weight.number(), source));
        }
        css.append(":root{").append(colours(Palette.LIGHT)).append("}\n");
        css.append("@media screen and (prefers-color-scheme:dark){:root{")
                .append(colours(Palette.DARK))
                .append("}}\n");
        for (Role role : Role.values()) {
            int rgb = Palette.LIGHT.rgb(role);
            String drawn = "rgb(%d,%d,%d)".formatted(rgb >> 16, rgb >> 8 & 0xFF, rgb & 0xFF);
            css.append("svg [fill=\"%s\"]{fill:var(%s)}svg [stroke=\"%s\"]{stroke:var(%s)}\n"
                    .formatted(drawn, token(role), drawn, token(role)));
        }
        return css.append(PageTemplate.resource("report.css")).toString();
    }

    private static String colours(Palette palette) {
        StringBuilder css =
                new StringBuilder("color-scheme:%s;".formatted(palette.name().toLowerCase(Locale.ROOT)));
        for (Role role : Role.values()) {
            css.append("%s:%s;".formatted(token(role), palette.hex(role)));
        }
        return css.toString();
    }

    private static String token(Role role) {
        return "--" + role.name().toLowerCase(Locale.ROOT);
    }

    private static String hash(String script) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(script.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e); // every Java has it
        }
    }
}
