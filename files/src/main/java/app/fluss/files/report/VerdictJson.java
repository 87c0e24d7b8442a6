package app.fluss.files.report;

import app.fluss.core.attribute.Part;
import app.fluss.core.attribute.Waterfall;
import app.fluss.core.compare.Interval;
import app.fluss.core.measure.Figure;
import app.fluss.core.measure.Grade;
import app.fluss.core.verdict.Claim;
import app.fluss.core.verdict.Said;
import app.fluss.core.verdict.Settle;
import app.fluss.core.verdict.Verdict;
import app.fluss.files.attribute.PathAttribution;
import app.fluss.files.verdict.GameVerdicts;
import app.fluss.files.verdict.PooledOverRigs;
import java.util.List;
import java.util.Locale;
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
        node.put("verdict", word(verdict.word().name()));
        node.put("sentence", Said.sentence(path, verdict));
        node.put("scene", verdict.scene().orElse(null));
        node.put("grade", verdict.grade().map(Grade::toString).orElse(null));
        ArrayNode claims = node.putArray("claims");
        verdict.claims().forEach(claim -> put(claims.addObject(), claim, verdict.flipsAt(claim)));
        ArrayNode settle = node.putArray("would_settle");
        for (Settle one : verdict.wouldSettle()) {
            settle.addObject()
                    .put("kind", word(one.kind().name()))
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
        node.put("measure", word(claim.asked().rule().name()));
        node.put("rule", claim.asked().rule().atLeast() ? "at_least" : "at_most");
        node.put("bound", claim.asked().bound());
        node.put("source", claim.asked().source());
        Json.put(node, "value", claim.held().value());
        Json.put(node, "ci", interval);
        node.put("state", word(claim.state().name()));
        node.put("kind", word(claim.held().kind().name()));
        node.put("scene", claim.scene());
        node.putArray("runs").add(claim.held().runsA()).add(claim.held().runsB());
        node.put("reason", claim.held().value() instanceof Figure.Missing(String why) ? why : null);
        ArrayNode flips = node.putArray("flips_at");
        flipsAt.forEach(flips::add);
    }

    private static String word(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
