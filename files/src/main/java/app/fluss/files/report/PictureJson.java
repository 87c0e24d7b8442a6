package app.fluss.files.report;

import app.fluss.core.measure.Figure;
import app.fluss.core.picture.PictureQuality;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import tools.jackson.databind.node.ObjectNode;

/// How close one picture is to another, as JSON.
public final class PictureJson {
    private PictureJson() {}

    /// The object; the ratio of equal pictures is infinite, and so is not given.
    public static ObjectNode of(PictureQuality quality) {
        ObjectNode node = Json.object();
        node.put("equal", quality.meanSquaredError() == 0);
        node.put("mean_squared_error", quality.meanSquaredError());
        Json.put(node, "psnr_db", Figure.ofFinite(quality.psnrDb(), "the pictures are equal"));
        Json.put(node, "ssim", Figure.ofFinite(quality.ssim(), "the pictures are smaller than the window"));
        return node;
    }

    /// The shape of the object.
    public static ObjectNode schema() {
        return new ObjectShape("How close one picture is to another.")
                .with("equal", Shape.flag("Whether every pixel is the same."))
                .with("mean_squared_error", Shape.number("Of the pixels' light, in steps of 255, squared."))
                .with("psnr_db", Shape.numberOrNull("Peak signal-to-noise ratio, dB."))
                .with("ssim", Shape.numberOrNull("Structural similarity, at most 1."))
                .node();
    }
}
