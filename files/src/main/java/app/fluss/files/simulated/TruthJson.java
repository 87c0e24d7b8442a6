package app.fluss.files.simulated;

import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.truth.Click;
import app.fluss.sim.truth.Flare;
import app.fluss.sim.truth.HeadsetTruth;
import app.fluss.sim.truth.Hitch;
import app.fluss.sim.truth.ImageTruth;
import app.fluss.sim.truth.Shown;
import app.fluss.sim.truth.Truth;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The truth of a simulated run as JSON. Images are columns of equal length; a time that never came is null.
public final class TruthJson {
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

    /// The shape of `truth.json`.
    public static ObjectNode schema() {
        ObjectNode frames = new ObjectShape("What became of the game's frames.")
                .with("rendered", Shape.count("All."))
                .with("shown", Shape.count("That reached the display."))
                .with("lost", Shape.count("That a newer one replaced before."))
                .with("replaced", Shape.count("That an image of a generator stands for."))
                .node();
        ObjectNode link = new ObjectShape("The stream's packets.")
                .with("sent", Shape.count("All."))
                .with("lost", Shape.count("That never came."))
                .with("jitter_ms", Shape.number("After RFC 3550."))
                .node();
        ObjectNode headset = new ObjectShape("What the headset showed.")
                .with("refreshes", Shape.count("All."))
                .with("with_new_image", Shape.count("That showed a new image of the application."))
                .with("hand_latency_ms", Shape.numberOrNull("From the hand to light."))
                .with("head_latency_ms", Shape.numberOrNull("From the head to light."))
                .node();
        ObjectNode click = new ObjectShape("A click.")
                .with("click_ms", Shape.number("When."))
                .with("answered", Shape.flag("Whether light followed."))
                .with("partial_light_ms", Shape.numberOrNull("First light."))
                .with("half_light_ms", Shape.numberOrNull("Half of the light."))
                .with("full_light_ms", Shape.numberOrNull("All light."))
                .node();
        ObjectNode flare = new ObjectShape("A light that no click caused.")
                .with("at_ms", Shape.number("When."))
                .with("lasts_ms", Shape.number("How long."))
                .node();
        ObjectNode hitch = new ObjectShape("A hitch.")
                .with("at_ms", Shape.number("When."))
                .with("cause", Shape.text("What hitched."))
                .with("extra_ms", Shape.number("How much longer it took."))
                .node();
        ObjectNode images = new ObjectShape("Columns of equal length.")
                .with("kind", Shape.list("", Shape.word("", List.of("rendered", "generated"))))
                .with("frame", Shape.list("The game's frame that it comes from.", Shape.number("")))
                .with("made_ms", Shape.list("When it was whole.", Shape.number("")))
                .with("shown_ms", Shape.list("When it was lit.", Shape.numberOrNull("")))
                .with("hold_ms", Shape.list("How long it stood.", Shape.numberOrNull("")))
                .node();
        return new ObjectShape("What happened on a simulated bench.")
                .with("simulated", Shape.flag("Always true."))
                .with("scenario", Shape.text("Its name."))
                .with("seed", Shape.number("The same seed gives the same run."))
                .with("duration_s", Shape.number("Length, s."))
                .with("frames", frames)
                .with("presented", Shape.count("Images that were handed to the display."))
                .with("screen", ofScreen("What reached the display."))
                .maybe("panel", ofScreen("What the panel lit where the display smooths motion."))
                .with("clip_distinct", Shape.count("Distinct pictures of the clip."))
                .maybe("link", link)
                .maybe("headset", headset)
                .with("clicks", Shape.list("", click))
                .with("flares", Shape.list("", flare))
                .with("hitches", Shape.list("", hitch))
                .with("images", Shape.orNull(images))
                .maybe("images_left_out", Shape.text("Why there are none."))
                .node();
    }

    private static ObjectNode ofScreen(String about) {
        return new ObjectShape(about)
                .with("shown", Shape.count("Images that were shown."))
                .with("distinct", Shape.count("Of them those that differ from the one before."))
                .with("lost", Shape.count("Images that were never seen."))
                .with("delivered_fps", Shape.number("Distinct images a second."))
                .with("hold_counts", Shape.byName("Images by the refreshes that they stood.", Shape.count("")))
                .node();
    }
}
