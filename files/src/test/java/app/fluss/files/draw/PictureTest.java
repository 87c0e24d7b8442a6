package app.fluss.files.draw;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.files.draw.Palette.Role;
import app.fluss.files.draw.Pen.Align;
import app.fluss.files.draw.Pen.Baseline;
import app.fluss.files.draw.TextFace.Weight;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;

/// One drawing of everything a pen can do, as picture and as vector file.
class PictureTest {
    private static final String TEXT = "1 % < ½ & “Reed”";

    private static void everything(Pen pen, double width, double height) {
        pen.fill(Role.WATER);
        pen.fillRect(0, 0, 10, height);
        pen.fill(Role.WARM, 0.5);
        pen.fillRoundRect(20, 0, 20, 20, 6);
        pen.stroke(Role.INK);
        pen.lineWidth(2);
        pen.dashes(3, 2);
        pen.line(0, 30, width, 30);
        pen.dashes();
        pen.polyline(new double[] {0, 10, 20}, new double[] {40, 35, 40});
        pen.fillPolygon(new double[] {50, 60, 55}, new double[] {0, 0, 10});
        pen.strokePolygon(new double[] {70, 80, 75}, new double[] {0, 0, 10});
        pen.strokeRect(90, 2, 10, 10);
        pen.fillOval(110, 2, 10, 10);
        pen.strokeOval(130, 2, 10, 10);
        pen.fillColumns(150, new double[] {5, Double.NaN, 7}, new double[] {4, 4, 4});
        pen.opacity(0.4);
        pen.clipped(160, 0, 5, 5, () -> pen.fillRect(150, 0, 40, 40));
        pen.opacity(1);
        pen.fill(Role.INK);
        pen.font(14, Weight.SEMI_BOLD);
        pen.align(Align.RIGHT);
        pen.baseline(Baseline.BOTTOM);
        pen.text(TEXT, width, height);
    }

    private static Picture picture() {
        return new Picture("Everything", "All strokes", 200, 60, 1, Numbers.NEUTRAL, PictureTest::everything);
    }

    private static int at(BufferedImage image, int x, int y) {
        return image.getRGB(x * Picture.FINE, y * Picture.FINE) & 0xFFFFFF;
    }

    @Test
    void aPictureHasTwoPixelsForEachInTheColoursOfThePalette() throws Exception {
        for (Palette palette : Palette.values()) {
            BufferedImage image =
                    ImageIO.read(new ByteArrayInputStream(picture().png(palette)));
            assertThat(image.getWidth()).isEqualTo(400);
            assertThat(image.getHeight()).isEqualTo(120);
            assertThat(at(image, 5, 50)).isEqualTo(palette.rgb(Role.WATER));
            assertThat(at(image, 45, 50)).isEqualTo(palette.rgb(Role.SURFACE));
            assertThat(at(image, 170, 2)).as("clipped away").isEqualTo(palette.rgb(Role.SURFACE));
            assertThat(at(image, 162, 2)).isNotEqualTo(palette.rgb(Role.SURFACE));
        }
    }

    @Test
    void whatWasRecordedIsDrawnAgainAlike() {
        Picture again = RecordedDrawing.of(picture());
        assertThat(again.png(Palette.DARK)).isEqualTo(picture().png(Palette.DARK));
        assertThat(again.svg(Palette.LIGHT)).isEqualTo(picture().svg(Palette.LIGHT));
    }

    /// The file is well-formed, says what it shows, and carries the letters that it needs and no others.
    @Test
    void aVectorFileCarriesItsLetters() throws Exception {
        String svg = picture().svg(Palette.LIGHT);
        Document document = DocumentBuilderFactory.newDefaultNSInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        NodeList texts = document.getElementsByTagName("text");
        assertThat(texts.getLength()).isEqualTo(1);
        assertThat(texts.item(0).getTextContent()).isEqualTo(TEXT);
        assertThat(document.getDocumentElement().getAttribute("aria-label")).isEqualTo("All strokes");
        Matcher face = Pattern.compile("base64,([A-Za-z0-9+/=]+)\\)").matcher(svg);
        assertThat(face.find()).isTrue();
        byte[] letters = Base64.getDecoder().decode(face.group(1));
        assertThat(face.find()).as("one weight was used").isFalse();
        try (TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(letters))) {
            assertThat(TEXT.codePoints().filter(c -> c != ' ')).allMatch(c -> glyph(font, c) > 0);
            assertThat(glyph(font, 'Z')).isZero();
        }
        assertThat(letters.length).isLessThan(TextFace.bytes(Weight.SEMI_BOLD).length / 2);
    }

    private static int glyph(TrueTypeFont font, int letter) {
        try {
            return font.getUnicodeCmapLookup().getGlyphId(letter);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void textThatDoesNotFitIsCut() {
        Pen pen = new Graphics2DPen(
                new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB).createGraphics(),
                Palette.LIGHT,
                Numbers.NEUTRAL,
                1);
        assertThat(pen.cut("short", 100)).isEqualTo("short");
        String cut = pen.cut("driver generation 2×, on the desk of another analyst", 80);
        assertThat(cut).endsWith("…").startsWith("driver");
        assertThat(pen.width(cut)).isLessThanOrEqualTo(80);
    }

    @Test
    void numbersInReportsAreNeutral() {
        assertThat(Numbers.NEUTRAL.text(-71389.26, 1)).isEqualTo("−71\u00A0389.3");
        assertThat(Numbers.NEUTRAL.text(-0.04, 1)).isEqualTo("0.0");
    }
}
