package app.fluss.app.compare;

import app.fluss.app.model.PathWork;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.ChartView;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.core.ladder.Knee;
import app.fluss.core.ladder.SettingLadder;
import app.fluss.files.chart.LadderChart;
import javafx.scene.layout.VBox;

/// Every setting of which a scene has runs that differ in nothing else, lined up.
final class LadderPane extends VBox {
    private final Theme theme;

    LadderPane(Theme theme) {
        super(10);
        this.theme = theme;
        setId("ladders");
    }

    void show(PathWork work) {
        getChildren().clear();
        for (SettingLadder ladder : work.ladders()) {
            String knee = switch (ladder.knee()) {
                case Knee.At(int rung, String words) ->
                    "◈ Knee at %s. %s".formatted(ladder.name(ladder.rungs().get(rung)), words);
                case Knee.None(String why) -> "No knee. " + why;
            };
            ChartView<LadderChart> chart = new ChartView<>(theme, new LadderChart(ladder));
            getChildren()
                    .add(Boxes.panel(
                            Boxes.head(
                                    theme,
                                    capital(ladder.setting().title()),
                                    chart,
                                    Labels.of(ladder.stages().replace('-', ' ').replace('_', ' '), "chip"),
                                    Labels.of(
                                            "nothing else that is recorded differs · card load: of the card that generates",
                                            "muted",
                                            "small")),
                            chart,
                            Labels.wrapped(knee)));
        }
        if (getChildren().isEmpty()) {
            getChildren()
                    .add(Boxes.panel(
                            Labels.heading("No two paths of this scene differ in one setting only"),
                            Labels.note(
                                    "Measure the same path with another multiplier, motion-estimation size, queue, cap or"
                                            + " performance mode, and nothing else changed. Three values show where more stops paying."
                                            + " Plan, or Tune, makes such paths.")));
        } else if (work.laddersEstimated()) {
            getChildren()
                    .add(Labels.note(
                            "Latency is estimated from the stages of each run: it was not measured in all of them."));
        }
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
