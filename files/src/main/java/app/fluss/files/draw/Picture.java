package app.fluss.files.draw;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/// A drawing of a certain size, to be written as a file.
///
/// @param name what it shows, in a few words
/// @param alternative the same for those who do not see it
/// @param width px
/// @param height px
/// @param scale size of text, times the usual
/// @param numbers how its numbers are written
/// @param drawing what is drawn
public record Picture(
        String name, String alternative, double width, double height, double scale, Numbers numbers, Drawing drawing) {
    /// Pixels of a picture file for each px, so that it is sharp on fine screens.
    public static final int FINE = 2;

    /// Charts are mostly one colour: more work on them makes files hardly smaller.
    private static final float QUICK = 0.7f;

    /// A picture drawn once in vectors, in the colours of light.
    ///
    /// @param element to stand within a page that has the text face
    /// @param file of its own, with the letters of the text face that it needs
    public record Vector(String element, String file) {}

    /// As a PNG file, {@value #FINE} pixels for each px.
    public byte[] png(Palette palette) {
        return png(palette, FINE);
    }

    /// As a PNG file.
    ///
    /// @param fine pixels for each px
    public byte[] png(Palette palette, int fine) {
        BufferedImage image = new BufferedImage(
                (int) Math.ceil(width * fine), (int) Math.ceil(height * fine), BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = image.createGraphics();
        g.scale(fine, fine);
        draw(g, palette, true);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        ImageWriteParam quick = writer.getDefaultWriteParam();
        quick.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        quick.setCompressionQuality(QUICK);
        try (ImageOutputStream to = new MemoryCacheImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, null, null), quick);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /// As an SVG file of its own, with the letters of the text face that it needs.
    public String svg(Palette palette) {
        return Svg.file(this, palette);
    }

    /// As an SVG element to stand within a page that has the text face.
    ///
    /// @param prefix of all its ids, letters and figures: no other picture on the page has it
    public String inlineSvg(String prefix) {
        return Svg.inline(this, prefix);
    }

    /// As an element and as a file, drawn once.
    ///
    /// @param prefix of all its ids, letters and figures: no other picture on the page has it
    public Vector vector(String prefix) {
        return Svg.both(this, prefix);
    }

    /// Draws it by other graphics.
    ///
    /// @param ground whether its ground is filled
    public void draw(Graphics2D g, Palette palette, boolean ground) {
        Pen pen = new Graphics2DPen(g, palette, numbers, scale);
        if (ground) {
            pen.fill(Palette.Role.SURFACE);
            pen.fillRect(0, 0, width, height);
        }
        drawing.draw(pen, width, height);
    }
}
