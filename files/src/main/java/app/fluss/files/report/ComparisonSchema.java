package app.fluss.files.report;

import app.fluss.core.compare.Confound;
import app.fluss.core.compare.Drift;
import app.fluss.core.compare.GenerationMeasure;
import app.fluss.core.compare.Method;
import app.fluss.core.measure.Measure;
import app.fluss.files.json.ObjectShape;
import app.fluss.files.json.Shape;
import tools.jackson.databind.node.ObjectNode;

/// The shapes of what [ComparisonJson] writes.
public final class ComparisonSchema {
    private static final String RATIO = "The other side over the baseline.";
    private static final String RATIO_CI = "Of the ratio.";
    private static final String DIFFERENCE = "difference";
    private static final String LESS = "The other side less the baseline.";
    private static final String NO_INTERVAL = "Why there is no interval.";

    private ComparisonSchema() {}

    /// Runs against runs, a study, or a table of run figures.
    public static ObjectNode of() {
        ObjectNode schema =
                Shape.anyOf(runs(new ObjectShape("Runs against runs.")).node(), study(), table());
        schema.putObject("$defs").set(DIFFERENCE, difference());
        return schema;
    }

    private static ObjectShape runs(ObjectShape shape) {
        for (Measure measure : Measure.COMPARED) {
            shape.with(measure.comparisonKey(), Shape.defined(DIFFERENCE, measure.title()));
        }
        shape.maybe(ComparisonJson.LATENCY, Shape.defined(DIFFERENCE, "input-to-display latency"))
                .figures(GenerationMeasure.values());
        for (GenerationMeasure measure : GenerationMeasure.values()) {
            shape.maybe(measure.description().json() + "_ci", Shape.interval("Of the " + measure.title() + "."));
        }
        ObjectNode confound = new ObjectShape("A fact that differs and should not.")
                .with("fact", Shape.text("Its name."))
                .with("a", Shape.text("At the baseline."))
                .with("b", Shape.text("At the other side."))
                .with("kind", Shape.word("Where it differs.", Confound.Kind.class, Json::dashed))
                .node();
        return shape.with("primary", Shape.text("The figure that the comparison is about."))
                .with("judged", Shape.count("Figures that Holm's adjustment counts."))
                .with("confounds", Shape.orNull(Shape.list("Null where no facts were looked at.", confound)))
                .with("drift", drift())
                .with("findings", Shape.findings());
    }

    private static ObjectNode difference() {
        ObjectNode steadiness = new ObjectShape("How steady a single run was.")
                .with("a", Shape.interval("At the baseline."))
                .with("b", Shape.interval("At the other side."))
                .node();
        return new ObjectShape("A figure at both sides.")
                .with("a", Shape.numberOrNull("Mean at the baseline."))
                .with("b", Shape.numberOrNull("Mean at the other side."))
                .with(DIFFERENCE, Shape.numberOrNull(LESS))
                .with("ci", Shape.interval("Of the difference."))
                .with("ratio", Shape.numberOrNull(RATIO))
                .with("ratio_ci", Shape.interval(RATIO_CI))
                .with("method", method())
                .maybe("borrowed_from", Shape.count("Runs that lent their spread."))
                .maybe("hodges_lehmann", Shape.number("The median of all differences."))
                .maybe("hodges_lehmann_ci", Shape.interval("Of that."))
                .with("runs", Shape.pair("Runs of each side.", Shape.count("")))
                .with("grade", Shape.pair("Of each side's evidence.", Shape.orNull(Shape.grade())))
                .with("a_ci", Shape.interval("Of the baseline's mean."))
                .with("b_ci", Shape.interval("Of the other side's mean."))
                .with("holm_p", Shape.numberOrNull("With all judged figures counted."))
                .with("stands", Shape.flag("Whether the difference stands with all judged figures counted."))
                .with("steadiness", Shape.orNull(steadiness))
                .with("reason", Shape.textOrNull("Why there is no difference, or no interval of it."))
                .with("note", Shape.textOrNull("What else is to be known."))
                .node();
    }

    private static ObjectNode drift() {
        return new ObjectShape("How the baseline moved by itself.")
                .with("figure", Shape.text("The rate that is looked at."))
                .with("state", Shape.word("Whether it could be told.", Drift.State.class, Json::dashed))
                .with("per_hour", Shape.numberOrNull("Its slope, an hour."))
                .with("per_hour_ci", Shape.interval("Of the slope."))
                .with("carried", Shape.numberOrNull("The same over the gap between the sides."))
                .with("carried_ci", Shape.interval("Of that."))
                .with("reason", Shape.textOrNull("Why it could not be told."))
                .node();
    }

    private static ObjectNode study() {
        ObjectShape pair = new ObjectShape("A level against the baseline.")
                .with("within", Shape.textOrNull("What both have in common."))
                .with("baseline", Shape.text("The first side."))
                .with("level", Shape.text("The other side."))
                .with("may_say", Shape.text("What such runs can say."));
        ObjectShape toggled = new ObjectShape("A run that switched in place.")
                .with("run", Shape.text("Its name."))
                .with("path", Shape.text("Its path."))
                .with("primary", Shape.text("The figure that it is about."));
        for (Measure measure : Measure.COMPARED) {
            toggled.maybe(measure.comparisonKey(), Shape.defined(DIFFERENCE, measure.title()));
        }
        ObjectShape overScenes = new ObjectShape("A level over all scenes.")
                .with("within", Shape.textOrNull("What both have in common."))
                .with("baseline", Shape.text("The first side."))
                .with("level", Shape.text("The other side."));
        for (Measure measure : Measure.COMPARED) {
            overScenes.maybe(measure.comparisonKey(), overall("scenes"));
        }
        ObjectNode scene = new ObjectShape("A scene.")
                .with("scene", Shape.text("Its game and name."))
                .with("comparisons", Shape.list("", runs(pair).node()))
                .with("toggles", Shape.list("", toggled.node()))
                .node();
        return byChance(new ObjectShape("A study.")
                .with("by", Shape.text("What the sides differ in."))
                .with("scenes", Shape.list("", scene))
                .with("overall", Shape.list("", overScenes.node())));
    }

    private static ObjectNode table() {
        ObjectNode cell = new ObjectShape("A figure of a path against the baseline.")
                .with(DIFFERENCE, Shape.numberOrNull(LESS))
                .with("ci", Shape.interval("Of the difference."))
                .with("hodges_lehmann", Shape.number("The median of all differences."))
                .with("ratio", Shape.numberOrNull(RATIO))
                .with("ratio_ci", Shape.interval(RATIO_CI))
                .with("method", method())
                .with("n", Shape.pair("Runs of each side.", Shape.count("")))
                .with("holm_p", Shape.numberOrNull("With all judged figures counted."))
                .with("stands", Shape.flag("Whether the difference stands with all judged figures counted."))
                .with("reason", Shape.textOrNull(NO_INTERVAL))
                .node();
        return byChance(new ObjectShape("A table of run figures.")
                .with("baseline", Shape.text("The path that all are held against."))
                .with("games", named("game", named("path", named("figure", cell))))
                .with("overall", named("path", named("figure", overall("games")))));
    }

    private static ObjectNode named(String what, ObjectNode each) {
        return Shape.byName("By " + what + ".", each);
    }

    private static ObjectNode overall(String over) {
        return new ObjectShape("Over " + over + ".")
                .with("ratio", Shape.numberOrNull(RATIO))
                .with("ratio_ci", Shape.interval(RATIO_CI))
                .with(over, Shape.list("Those that count.", Shape.text("")))
                .with("left_out", Shape.list("Those that do not, and why.", Shape.text("")))
                .node();
    }

    private static ObjectNode byChance(ObjectShape shape) {
        return shape.with("intervals", Shape.count("95 % intervals in the result."))
                .with("by_chance", Shape.number("How many of them would miss by chance alone."))
                .node();
    }

    private static ObjectNode method() {
        return Shape.word("What the interval speaks of.", Method.class, Method::id);
    }
}
