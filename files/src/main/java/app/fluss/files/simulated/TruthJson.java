package app.fluss.files.simulated;

import app.fluss.sim.SimulatedRun;
import app.fluss.sim.truth.Click;
import app.fluss.sim.truth.Flare;
import app.fluss.sim.truth.HeadsetTruth;
import app.fluss.sim.truth.Hitch;
import app.fluss.sim.truth.ImageTruth;
import app.fluss.sim.truth.Shown;
import app.fluss.sim.truth.Truth;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The truth of a simulated run as JSON. Images are columns of equal length; a time that never came is null.
final class TruthJson {
    private static final double SCALE = 10_000;

    /// Above this the columns are left out: a tree of them would not fit into memory.
    private static final int MOST_IMAGES = 300_000;

    private TruthJson() {}

    static ObjectNode of(SimulatedRun run) {
        Truth truth = run.truth();
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("simulated", true)
                .put("scenario", run.scenario().name())
                .put("seed", run.scenario().seed())
                .put("duration_s", truth.seconds());
        node.putObject("frames")
                .put("rendered", truth.fate().rendered())
                .put("shown", truth.fate().shown())
                .put("lost", truth.fate().lost())
                .put("replaced", truth.fate().replaced());
        node.put("presented", truth.presented());
        put(node.putObject("screen"), truth.shown());
        truth.panel().ifPresent(panel -> put(node.putObject("panel"), panel));
        node.put("clip_distinct", run.clip().get().distinct());
        truth.link()
                .ifPresent(link -> node.putObject("link")
                        .put("sent", link.sent())
                        .put("lost", link.lost())
                        .put("jitter_ms", link.jitterMs()));
        truth.headset().ifPresent(headset -> put(node.putObject("headset"), headset));
        clicks(node.putArray("clicks"), truth);
        ArrayNode flares = node.putArray("flares");
        for (Flare flare : truth.flares()) {
            flares.addObject().put("at_ms", rounded(flare.atMs())).put("lasts_ms", rounded(flare.lastsMs()));
        }
        ArrayNode hitches = node.putArray("hitches");
        for (Hitch hitch : truth.hitches()) {
            hitches.addObject()
                    .put("at_ms", rounded(hitch.atMs()))
                    .put("cause", hitch.cause().label())
                    .put("extra_ms", hitch.extraMs());
        }
        if (truth.images().size() <= MOST_IMAGES) {
            images(node.putObject("images"), truth.images());
        } else {
            node.putNull("images").put("images_left_out", "more than " + MOST_IMAGES);
        }
        return node;
    }

    private static void put(ObjectNode node, Shown shown) {
        node.put("shown", shown.shown())
                .put("distinct", shown.distinct())
                .put("lost", shown.lost())
                .put("delivered_fps", shown.deliveredFps());
        ObjectNode holds = node.putObject("hold_counts");
        shown.holds().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(hold -> holds.put(Integer.toString(hold.getKey()), hold.getValue()));
    }

    private static void put(ObjectNode node, HeadsetTruth headset) {
        node.put("refreshes", headset.refreshes()).put("with_new_image", headset.withNewImage());
        put(node, "hand_latency_ms", headset.handLatencyMs());
        put(node, "head_latency_ms", headset.headLatencyMs());
    }

    private static void clicks(ArrayNode array, Truth truth) {
        for (Click click : truth.clicks()) {
            ObjectNode node =
                    array.addObject().put("click_ms", rounded(click.clickMs())).put("answered", click.answered());
            put(node, "partial_light_ms", click.partialMs());
            put(node, "half_light_ms", click.halfMs());
            put(node, "full_light_ms", click.fullMs());
        }
    }

    private static void images(ObjectNode node, ImageTruth images) {
        ArrayNode kinds = node.putArray("kind");
        ArrayNode frames = node.putArray("frame");
        ArrayNode made = node.putArray("made_ms");
        ArrayNode shown = node.putArray("shown_ms");
        ArrayNode held = node.putArray("hold_ms");
        for (int i = 0; i < images.size(); i++) {
            kinds.add(images.isRendered(i) ? "rendered" : "generated");
            frames.add(images.frame(i));
            made.add(rounded(images.madeMs(i)));
            add(shown, images.shownMs(i));
            add(held, images.holdMs(i));
        }
    }

    private static void put(ObjectNode node, String key, double ms) {
        if (Double.isNaN(ms)) {
            node.putNull(key);
        } else {
            node.put(key, rounded(ms));
        }
    }

    private static void add(ArrayNode array, double ms) {
        if (Double.isNaN(ms)) {
            array.addNull();
        } else {
            array.add(rounded(ms));
        }
    }

    private static double rounded(double ms) {
        return Math.rint(ms * SCALE) / SCALE;
    }
}
