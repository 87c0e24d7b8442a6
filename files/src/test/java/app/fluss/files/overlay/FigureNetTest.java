package app.fluss.files.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.overlay.FigureNet;
import app.fluss.core.overlay.FigureShapes;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.InputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The net that ships, on figures drawn here in faces that it did not learn from, sharp and blurred.
class FigureNetTest {
    private static final int[] HEIGHTS = {10, 12, 15, 19, 26, 34};
    private static final double SURE = 0.9;
    private static final float[] BLUR = {1 / 16f, 2 / 16f, 1 / 16f, 2 / 16f, 4 / 16f, 2 / 16f, 1 / 16f, 2 / 16f, 1 / 16f
    };

    private int told;
    private int drawn;

    private static float[] glyph(Font unit, char name, int height, double shift, boolean blurred) {
        FontRenderContext context = new FontRenderContext(null, true, true);
        double tall = unit.createGlyphVector(context, "0").getVisualBounds().getHeight();
        Font font = unit.deriveFont((float) (100 * height / tall));
        Rectangle2D ink = font.createGlyphVector(context, String.valueOf(name)).getVisualBounds();
        int width = (int) Math.ceil(ink.getWidth() + shift) + 2;
        BufferedImage image = new BufferedImage(width, 3 * height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setFont(font);
        g.setColor(Color.WHITE);
        g.drawString(String.valueOf(name), (float) (1 - ink.getX() + shift), 2f * height);
        g.dispose();
        BufferedImage seen = blurred ? new ConvolveOp(new Kernel(3, 3, BLUR)).filter(image, null) : image;
        float[] shares = new float[width * 3 * height];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = seen.getRaster().getSample(i % width, i / width, 0) / 255f;
        }
        return FigureShapes.normal(shares, width, height, height);
    }

    private static Font face(String name) throws Exception {
        try (InputStream in = FigureNetTest.class.getResourceAsStream(name)) {
            return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(100f);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Cabin_400Regular.ttf",
                "Cabin_700Bold.ttf",
                "DMMono_400Regular.ttf",
                "PathwayGothicOne_400Regular.ttf"
            })
    void figuresOfOtherFacesAreTold(String name) throws Exception {
        FigureNet net = ClipOverlays.net();
        Font face = face(name);
        for (int height : HEIGHTS) {
            for (char figure = '0'; figure <= '9'; figure++) {
                for (double shift : new double[] {0, 0.5}) {
                    see(net.guess(glyph(face, figure, height, shift, false)), figure);
                    see(net.guess(glyph(face, figure, height, shift, true)), figure);
                }
            }
        }
        assertThat(told).isGreaterThanOrEqualTo((int) (0.97 * drawn));
    }

    private void see(FigureNet.Guess guess, char figure) {
        drawn++;
        told += guess.figure() == figure && guess.none() < 0.5 ? 1 : 0;
        assertThat(guess.figure() == figure || guess.of(guess.figure()) < SURE)
                .as("no other figure than %s for sure", figure)
                .isTrue();
    }

    @Test
    void lettersOfUnitsAreNoFigures() throws Exception {
        Font face = face("Cabin_400Regular.ttf");
        for (char letter : "FPGUWfpsm%".toCharArray()) {
            for (int height : HEIGHTS) {
                FigureNet.Guess guess = ClipOverlays.net().guess(glyph(face, letter, height, 0, true));
                assertThat(guess.of(guess.figure()))
                        .as("%s at %d px", letter, height)
                        .isLessThan(SURE);
            }
        }
    }
}
