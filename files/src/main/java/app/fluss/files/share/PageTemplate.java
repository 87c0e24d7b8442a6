package app.fluss.files.share;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;

/// Templates of pages, and what is put into them.
final class PageTemplate {
    private PageTemplate() {}

    static String resource(String name) {
        try (InputStream in = PageTemplate.class.getResourceAsStream(name)) {
            return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// Fills a template.
    ///
    /// @param pictures what stands where a chart is to be, by its id
    static String filled(String name, Map<String, Object> values, UnaryOperator<String> pictures) {
        Template template = Mustache.compiler()
                .emptyStringIsFalse(true)
                .withLoader(part -> new StringReader(resource(part + ".html")))
                .compile(resource(name));
        String text = template.execute(values);
        StringBuilder filled = new StringBuilder(text.length() * 2);
        String mark = ReportChart.place();
        int at = 0;
        for (int begins = text.indexOf(mark); begins >= 0; begins = text.indexOf(mark, at)) {
            int ends = text.indexOf(mark, begins + 1);
            filled.append(text, at, begins).append(pictures.apply(text.substring(begins + 1, ends)));
            at = ends + 1;
        }
        return filled.append(text, at, text.length()).toString();
    }
}
