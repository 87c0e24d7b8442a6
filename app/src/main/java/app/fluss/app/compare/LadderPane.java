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
                    CompareText.KNEE_AT.formatted(ladder.name(ladder.rungs().get(rung)), words);
                case Knee.None(String why) -> CompareText.NO_KNEE.formatted(why);
            };
            ChartView<LadderChart> chart = new ChartView<>(theme, new LadderChart(ladder));
            getChildren()
                    .add(Boxes.panel(
                            Boxes.head(
                                    theme,
                                    capital(ladder.setting().title()),
                                    chart,
                                    Labels.of(ladder.stages().replace('-', ' ').replace('_', ' '), "chip"),
                                    Labels.of(CompareText.LADDER_NOTE, "muted", "small")),
                            chart,
                            Labels.wrapped(knee)));
        }
        if (getChildren().isEmpty()) {
            getChildren()
                    .add(Boxes.panel(Labels.heading(CompareText.NO_LADDER), Labels.note(CompareText.NO_LADDER_HINT)));
        } else if (work.laddersEstimated()) {
            getChildren().add(Labels.note(CompareText.LADDER_ESTIMATED));
        }
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
