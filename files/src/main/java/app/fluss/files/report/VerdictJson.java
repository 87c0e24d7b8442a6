package app.fluss.files.report;

import app.fluss.core.attribute.Part;
import app.fluss.core.attribute.Waterfall;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Held;
import app.fluss.core.verdict.Rule;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.Settle;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.PooledOverRigs;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Verdicts as JSON.
public final class VerdictJson {
    private VerdictJson() {}

    /// The games of a study.
    public static ObjectNode of(List<GameVerdicts> all) {
        ObjectNode node = Json.object();
        ObjectNode games = node.putObject("games");
        for (GameVerdicts one : all) {
            ObjectNode game = games.putObject(one.game());
            game.put("school", one.school().id());
            game.put("primary", one.primary().orElse(null));
            game.put(
                    "reason",
                    one.cases().without().isEmpty() ? null : one.cases().without());
            rigs(game, one);
            ObjectNode paths = game.putObject("paths");
            one.paths().forEach((path, verdict) -> {
                ObjectNode ofPath = paths.putObject(path);
                put(ofPath, path, verdict);
                attribution(ofPath, one.path(path).attribution());
            });
        }
        return node;
    }

    /// Gains over rigs, where a path was measured on several.
    private static void rigs(ObjectNode node, GameVerdicts game) {
        List<PooledOverRigs> pooled = PooledOverRigs.of(game.cases());
        if (pooled.isEmpty()) {
            return;
        }
        ObjectNode paths = node.putObject("over_rigs");
        for (PooledOverRigs one : pooled) {
            ObjectNode path = paths.putObject(one.path());
            Json.put(path, "delivered_gain", one.gain().ratio());
            Json.put(path, "ci", one.gain().interval());
            path.put("reason", one.gain().ratio() instanceof Figure.Missing(String why) ? why : null);
            Json.put(path, "i_squared", Figure.ofFinite(one.gain().iSquared(), "not pooled"));
            ArrayNode rigs = path.putArray("rigs");
            one.gain().rigs().forEach(rig -> {
                ObjectNode ofRig = rigs.addObject().put("rig", rig.rig());
                Json.put(ofRig, "delivered_gain", rig.ratio());
                Json.put(ofRig, "ci", rig.interval());
            });
        }
    }

    private static void put(ObjectNode node, String path, Verdict verdict) {
        node.put("verdict", Json.word(verdict.word()));
        node.put("sentence", Said.sentence(path, verdict));
        node.put("scene", verdict.scene().orElse(null));
        node.put("grade", verdict.grade().map(Grade::toString).orElse(null));
        ArrayNode claims = node.putArray("claims");
        verdict.claims().forEach(claim -> put(claims.addObject(), claim, verdict.flipsAt(claim)));
        ArrayNode settle = node.putArray("would_settle");
        for (Settle one : verdict.wouldSettle()) {
            settle.addObject()
                    .put("kind", Json.word(one.kind()))
                    .put("scene", one.scene().isEmpty() ? null : one.scene())
                    .put("path", path)
                    .put("runs", one.runs())
                    .put("words", one.words());
        }
        verdict.reserves().forEach(node.putArray("reserves")::add);
        verdict.doubts().forEach(node.putArray("doubts")::add);
        verdict.settings()
                .ifPresentOrElse(
                        known -> node.putObject("settings")
                                .put("words", known.words())
                                .put("path", known.isEstimated() ? null : known.path())
                                .put("estimated", known.isEstimated()),
                        () -> node.putNull("settings"));
    }

    /// Steps from the native path to the package, in order; null where there are none.
    private static void attribution(ObjectNode node, Optional<PathAttribution> known) {
        Optional<Waterfall> steps = known.map(taken -> taken.rate().steps())
                .filter(way -> !way.steps().isEmpty());
        if (steps.isEmpty()) {
            node.putNull("attribution");
        } else {
            ArrayNode array = node.putArray("attribution");
            for (int i = 0; i < steps.get().steps().size(); i++) {
                Part part = steps.get().steps().get(i);
                ObjectNode step = array.addObject();
                step.put("step", i + 1).put("factor", part.name()).put("ratio", part.value());
                Json.put(step, "ci", part.interval());
            }
        }
        known.map(PathAttribution::missing)
                .filter(missing -> !missing.isEmpty())
                .ifPresent(missing -> missing.forEach(node.putArray("attribution_missing")::add));
    }

    private static void put(ObjectNode node, Claim claim, List<Double> flipsAt) {
        Optional<Interval> interval = claim.interval();
        node.put("measure", Json.word(claim.asked().rule()));
        node.put("rule", claim.asked().rule().atLeast() ? "at_least" : "at_most");
        node.put("bound", claim.asked().bound());
        node.put("source", claim.asked().source());
        Json.put(node, "value", claim.held().value());
        Json.put(node, "ci", interval);
        node.put("state", Json.word(claim.state()));
        node.put("kind", Json.word(claim.held().kind()));
        node.put("scene", claim.scene());
        node.putArray("runs").add(claim.held().runsA()).add(claim.held().runsB());
        node.put("reason", claim.held().value() instanceof Figure.Missing(String why) ? why : null);
        ArrayNode flips = node.putArray("flips_at");
        flipsAt.forEach(flips::add);
    }

    /// The shape of the object.
    public static ObjectNode schema() {
        return new ObjectShape("What follows for the games of a study.")
                .with("games", ofGames())
                .node();
    }

    /// The shape of its games, by name.
    public static ObjectNode ofGames() {
        ObjectNode rig = new ObjectShape("One rig.")
                .with("rig", Shape.text("Its name."))
                .with("delivered_gain", Shape.numberOrNull("Delivered rate over the native one."))
                .with("ci", Shape.interval("Of the gain."))
                .node();
        ObjectNode overRigs = new ObjectShape("A path that was measured on several rigs.")
                .with("delivered_gain", Shape.numberOrNull("Over all rigs."))
                .with("ci", Shape.interval("Of the gain."))
                .with("reason", Shape.textOrNull("Why there is none."))
                .with("i_squared", Shape.numberOrNull("The part of the spread that lies between rigs, 0 to 1."))
                .with("rigs", Shape.list("Each by itself.", rig))
                .node();
        return Shape.byName(
                "By game.",
                new ObjectShape("A game.")
                        .with("school", Shape.text("What is asked for: the school's id."))
                        .with("primary", Shape.textOrNull("The path that comes first; null if none does."))
                        .with("reason", Shape.textOrNull("Why nothing follows."))
                        .maybe("over_rigs", Shape.byName("By path.", overRigs))
                        .with("paths", Shape.byName("By path.", ofPath()))
                        .node());
    }

    private static ObjectNode ofPath() {
        ObjectNode settle = new ObjectShape("What would settle it.")
                .with("kind", Shape.word("More of the same, or what else.", Settle.Kind.class, Json::word))
                .with("scene", Shape.textOrNull("Where."))
                .with("path", Shape.text("With which path."))
                .with("runs", Shape.count("Runs a side; 0 where runs alone would not."))
                .with("words", Shape.text("For people."))
                .node();
        ObjectNode settings = new ObjectShape("Other settings at which every claim holds.")
                .with("words", Shape.text("Which."))
                .with("path", Shape.textOrNull("The path that was measured at them."))
                .with("estimated", Shape.flag("Whether they were worked out and not measured."))
                .node();
        ObjectNode step = new ObjectShape("A step from the native path to this one.")
                .with("step", Shape.count("Its place, from 1."))
                .with("factor", Shape.text("What changed."))
                .with("ratio", Shape.number("What that did to the delivered rate."))
                .with("ci", Shape.interval("Of the ratio."))
                .node();
        return new ObjectShape("A path.")
                .with("verdict", Shape.word("What to do.", Verdict.Word.class, Json::word))
                .with("sentence", Shape.text("The same in words."))
                .with("scene", Shape.textOrNull("Where the weakest claim was measured."))
                .with("grade", Shape.orNull(Shape.grade()))
                .with("claims", Shape.list("What was asked.", ofClaim()))
                .with("would_settle", Shape.list("", settle))
                .with("reserves", Shape.list("Faults of runs for which \"use\" is never said.", Shape.text("")))
                .with("doubts", Shape.list("What weakens the verdict.", Shape.text("")))
                .with("settings", Shape.orNull(settings))
                .with("attribution", Shape.orNull(Shape.list("In order.", step)))
                .maybe("attribution_missing", Shape.list("Runs that would be needed.", Shape.text("")))
                .node();
    }

    private static ObjectNode ofClaim() {
        return new ObjectShape("A claim.")
                .with("measure", Shape.word("What it is about.", Rule.class, Json::word))
                .with("rule", Shape.word("Which way.", List.of("at_least", "at_most")))
                .with("bound", Shape.number("The bound."))
                .with("source", Shape.text("Where the bound comes from."))
                .with("value", Shape.numberOrNull("The figure."))
                .with("ci", Shape.interval("Of the figure."))
                .with("state", Shape.word("Whether it holds.", Claim.State.class, Json::word))
                .with("kind", Shape.word("What the interval speaks of.", Held.Kind.class, Json::word))
                .with("scene", Shape.text("Where it was measured."))
                .with("runs", Shape.pair("Runs of each side.", Shape.count("")))
                .with("reason", Shape.textOrNull("Why there is no figure."))
                .with("flips_at", Shape.list("Bounds at which the verdict would change.", Shape.number("")))
                .node();
    }
}
