package app.fluss.files.share;

import app.fluss.core.measure.Section;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import app.fluss.files.report.Json;
import app.fluss.files.report.VerdictJson;
import app.fluss.files.study.Attached;
import app.fluss.files.study.Outcome;
import app.fluss.files.study.Run;
import java.util.OptionalLong;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// What a report is about, as JSON: games, scenes, paths with their settings, runs with their facts and
/// the checksums of their evidence, and the verdicts.
public final class StudyJson {
    private StudyJson() {}

    static ObjectNode of(Report report) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("study", report.name());
        ArrayNode runs = node.putArray("runs");
        report.games().forEach(game -> game.runs().forEach(one -> run(runs.addObject(), one)));
        node.set("verdicts", VerdictJson.of(report.verdictsOfGames()).get("games"));
        return node;
    }

    private static void run(ObjectNode node, MeasuredRun one) {
        Run run = one.run();
        node.put("game", Shown.words(one.game().name()));
        node.put("scene", Shown.words(one.scene().name()));
        node.put("scene_weight", Json.word(one.scene().weight()));
        node.put("scene_s", one.scene().seconds());
        node.put("path", Shown.words(run.path().name()));
        ArrayNode stages = node.putArray("stages");
        run.path().chain().stages().forEach(stage -> {
            ObjectNode settings =
                    stages.addObject().put("stage", stage.kind().id()).putObject("settings");
            stage.settings().forEach((key, value) -> settings.put(key.id(), Shown.words(value)));
        });
        node.put("run", Shown.words(run.name()));
        node.put("grade", run.grade().toString());
        node.put("simulated", run.simulated());
        node.put("outcome", Json.word(run.taking().outcome()));
        node.put(
                "reason",
                run.taking().reason().isEmpty()
                        ? null
                        : Shown.words(run.taking().reason()));
        OptionalLong measured = run.taking().measuredAtMs();
        node.put("measured_at_ms", measured.isPresent() ? (Long) measured.getAsLong() : null);
        ObjectNode facts = node.putObject("facts");
        run.setup()
                .facts()
                .forEach(fact -> facts.putObject(fact.key().id())
                        .put("value", Shown.words(fact.value()))
                        .put("source", fact.source().title()));
        run.setup()
                .others()
                .forEach((name, value) -> facts.putObject(Shown.words(name))
                        .put("value", Shown.words(value))
                        .put("source", "typed"));
        ObjectNode items = node.putObject("equipment");
        run.setup().items().forEach((part, name) -> items.put(part.title().replace(' ', '_'), Shown.words(name)));
        ArrayNode evidence = node.putArray("evidence");
        for (Attached attached : run.evidence()) {
            evidence.addObject().put("kind", attached.kind().title()).put("sha256", attached.sha256());
        }
        ArrayNode requirements = node.putArray("requirements");
        one.judged()
                .forEach(judged -> requirements
                        .addObject()
                        .put("id", judged.requirement().id())
                        .put("state", judged.state().title())
                        .put("seen", Shown.words(judged.outcome().seen())));
    }

    /// The shape of `study.json`.
    public static ObjectNode schema() {
        return new ObjectShape("What a report is about.")
                .with("study", Shape.text("Its name."))
                .with("runs", Shape.list("Every run.", ofRun()))
                .with("verdicts", VerdictJson.ofGames())
                .node();
    }

    private static ObjectNode ofRun() {
        ObjectNode stage = new ObjectShape("A stage.")
                .with("stage", Shape.text("Its id."))
                .with("settings", Shape.byName("By setting.", Shape.text("")))
                .node();
        ObjectNode fact = new ObjectShape("A fact.")
                .with("value", Shape.text("As it was recorded."))
                .with("source", Shape.text("Who said so."))
                .node();
        ObjectNode evidence = new ObjectShape("A file that was kept.")
                .with("kind", Shape.text("What it is."))
                .with("sha256", Shape.text("Its checksum.").put("pattern", "^[0-9a-f]{64}$"))
                .node();
        ObjectNode requirement = new ObjectShape("A requirement.")
                .with("id", Shape.text("Its id in requirements.json."))
                .with("state", Shape.text("Whether it was met."))
                .with("seen", Shape.text("What was seen."))
                .node();
        return new ObjectShape("A run.")
                .with("game", Shape.text("Its game."))
                .with("scene", Shape.text("Its scene."))
                .with("scene_weight", Shape.word("How heavy the scene is.", Section.Weight.class, Json::word))
                .with("scene_s", Shape.number("How long the scene lasts, s."))
                .with("path", Shape.text("Its path."))
                .with("stages", Shape.list("Of the path, in order; none on the native one.", stage))
                .with("run", Shape.text("Its name."))
                .with("grade", Shape.grade())
                .with("simulated", Shape.flag("Whether a simulated bench gave it."))
                .with("outcome", Shape.word("What became of it.", Outcome.class, Json::word))
                .with("reason", Shape.textOrNull("Why it was discarded or does not count."))
                .with("measured_at_ms", Shape.orNull(Shape.count("When, in ms since 1970 UTC.")))
                .with("facts", Shape.byName("By id.", fact))
                .with("equipment", Shape.byName("By part.", Shape.text("")))
                .with("evidence", Shape.list("", evidence))
                .with("requirements", Shape.list("", requirement))
                .node();
    }
}
