package app.fluss.files.share;

import app.fluss.files.report.VerdictJson;
import app.fluss.files.study.Attached;
import app.fluss.files.study.Run;
import java.util.Locale;
import java.util.OptionalLong;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// What a report is about, as JSON: games, scenes, paths with their settings, runs with their facts and
/// the checksums of their evidence, and the verdicts.
final class StudyJson {
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
        node.put("scene_weight", one.scene().weight().name().toLowerCase(Locale.ROOT));
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
        node.put("outcome", run.taking().outcome().name().toLowerCase(Locale.ROOT));
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
}
