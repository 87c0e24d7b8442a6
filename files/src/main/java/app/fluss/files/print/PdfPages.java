package app.fluss.files.print;

import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Picture;
import app.fluss.files.draw.TextFace;
import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.w3c.dom.Element;

/// Writes pages as PDF, charts as vectors and text as text, with the text face within. Nothing outside
/// the page is ever fetched.
public final class PdfPages {
    private static final String CHART = "application/x-fluss-chart";

    static {
        XRLog.setLoggingEnabled(false); // what it meets in a page of ours is ours to test
    }

    private PdfPages() {}

    /// A style sheet for printing: `@ink@` and the like stand for colours.
    public static String style(String sheet) {
        String css = sheet;
        for (Role role : Role.values()) {
            css = css.replace("@%s@".formatted(role.name().toLowerCase(Locale.ROOT)), Palette.LIGHT.hex(role));
        }
        return css;
    }

    /// The place of a picture on a page.
    public static String object(String id, double widthMm, double heightMm) {
        return String.format(
                Locale.ROOT,
                "<object type=\"%s\" data=\"%s\" style=\"width:%.2fmm;height:%.2fmm\"></object>",
                CHART,
                id,
                widthMm,
                heightMm);
    }

    /// Writes a page.
    ///
    /// @param page well-formed XHTML
    /// @param pictures by the ids of their places
    /// @param out stays open
    public static void write(String page, Map<String, Picture> pictures, OutputStream out) throws IOException {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.withProducer("Fluss");
        for (ExternalResourceControlPriority when : ExternalResourceControlPriority.values()) {
            builder.useExternalResourceAccessControl((_, _) -> false, when);
        }
        for (TextFace.Weight weight : TextFace.Weight.values()) {
            String alone = weight == TextFace.Weight.REGULAR ? TextFace.NAME : TextFace.NAME + " SemiBold";
            builder.useFont(() -> TextFace.open(weight), TextFace.NAME, weight.number(), FontStyle.NORMAL, true);
            if (!alone.equals(TextFace.NAME)) {
                builder.useFont(() -> TextFace.open(weight), alone, 400, FontStyle.NORMAL, true);
            }
        }
        builder.useObjectDrawerFactory(new Drawers(pictures));
        builder.withHtmlContent(page, "");
        builder.toStream(out);
        builder.run();
    }

    private record Drawers(Map<String, Picture> pictures) implements FSObjectDrawerFactory {
        @Override
        public FSObjectDrawer createDrawer(Element element) {
            Picture picture = Objects.requireNonNull(pictures.get(element.getAttribute("data")));
            return (_, x, y, width, height, device, _, dots) -> {
                float wide = (float) (width / dots);
                float high = (float) (height / dots);
                device.drawWithGraphics((float) x, (float) y, wide, high, g -> {
                    g.scale(wide / picture.width(), high / picture.height());
                    picture.draw(g, Palette.LIGHT, false);
                });
                return Map.of();
            };
        }

        @Override
        public boolean isReplacedObject(Element element) {
            return element.getAttribute("type").equals(CHART);
        }
    }
}
