package app.fluss.app.recorded;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Columns;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.app.theme.WhenLookedAt;
import app.fluss.core.measure.Figure;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.OverlaySeries;
import app.fluss.core.overlay.Stand;
import app.fluss.core.picture.PictureCount;
import app.fluss.files.overlay.RecordedNumber;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.StoredNumbers;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// The numbers on a recording of a run: what the counter said and what the eye got of it in one picture,
/// each number over time, and every reading with its picture, to be corrected.
public final class RecordedPane extends VBox {
    private final Workbench workbench;
    private final CounterView chart;
    private final ReadingPanel reading;
    private final Label headline = Labels.wrapped("", "great");
    private final Label source = Labels.of("", "muted", "small");
    private final HBox choices = Boxes.row();
    private final ToggleGroup group = new ToggleGroup();
    private final GridPane figures = new GridPane(14, 4);
    private final TextField bound = new TextField();
    private final ScrollPane recorded;
    private final VBox nothing;
    private @Nullable AnalysedRun run;
    private String chosen = "";
    private int selected = -1;

    /// @param add lets the user choose a recording
    /// @param tryOut reads the recording that ships with Fluss
    public RecordedPane(Workbench workbench, Theme theme, Runnable add, Runnable tryOut) {
        super(10);
        this.workbench = workbench;
        setId("recorded");
        chart = new CounterView(theme, this::select);
        reading = new ReadingPanel(() -> workbench.edits().evidence(), this::select);
        headline.setId("counter-headline");
        bound.setId("bound");
        bound.setPrefColumnCount(4);
        bound.setMinWidth(USE_PREF_SIZE);
        bound.setText("60");
        bound.textProperty().subscribe(() -> showNumber());
        choices.setSpacing(2);
        VBox over = Boxes.panel(
                Boxes.row(
                        headline,
                        Boxes.spacer(),
                        Buttons.quiet(RecordedText.ANOTHER_RECORDING, RecordedText.ANOTHER_RECORDING_TIP, add),
                        Buttons.quiet(RecordedText.REMOVE, RecordedText.REMOVE_TIP, this::remove),
                        new ShareBar(theme, RecordedText.COUNTER_OVER_TIME, chart)),
                source,
                choices,
                chart,
                Labels.of(RecordedText.COUNTER_LEGEND, "muted", "small"));
        VBox.setVgrow(chart, Priority.ALWAYS);
        VBox.setVgrow(over, Priority.ALWAYS);
        figures.setId("counter-figures");
        VBox one = Boxes.panel(Labels.heading(RecordedText.MARKED_READING), reading);
        VBox all = Boxes.panel(Labels.heading(RecordedText.OVER_WHOLE_RECORDING), figures);
        recorded = Boxes.scrolling(new VBox(10, over, Columns.even(theme, 360, one, all)));
        // The chart takes what is left; where nothing is, all of it scrolls.
        recorded.setFitToHeight(true);
        VBox.setVgrow(recorded, Priority.ALWAYS);
        nothing = Boxes.panel(
                Labels.heading(RecordedText.NO_RECORDING),
                Labels.note(RecordedText.NO_RECORDING_HINT),
                Boxes.row(
                        Buttons.primary(RecordedText.READ_RECORDING, RecordedText.READ_RECORDING_TIP, add),
                        Buttons.quiet(RecordedText.TRY_DRAWN, RecordedText.TRY_DRAWN_TIP, tryOut)));
        group.selectedToggleProperty().subscribe(toggle -> {
            if (toggle != null && !toggle.getUserData().equals(chosen)) {
                chosen = String.valueOf(toggle.getUserData());
                selected = -1;
                showNumber();
            }
        });
        WhenLookedAt.fill(this, () -> show(workbench.analysedProperty().get()), workbench.analysedProperty());
    }

    private void show(@Nullable AnalysedRun now) {
        boolean same = now != null && run != null && now.run().id() == run.run().id();
        run = now;
        if (now == null) {
            return;
        }
        Optional<StoredNumbers> numbers = now.recorded();
        if (numbers.isEmpty()) {
            getChildren().setAll(nothing);
            return;
        }
        if (!same) {
            chosen = "";
            selected = -1;
        }
        showChoices(numbers.get());
        Optional<OverlaySeries> rate = numbers.get().of(OverlayKind.RATE);
        Optional<PictureCount> count =
                now.pictures().map(pictures -> pictures.differences().count()).filter(PictureCount::isCounted);
        headline.setText(words(
                rate.map(OverlaySeries::mean).orElse(Figure.missing(RecordedText.NO_FRAME_RATE_READ)),
                count.map(seen -> seen.deliveredFps(now.pictures().orElseThrow().fps()))));
        source.setText(RecordedText.PICTURES_AT_S_GRADE.formatted(
                numbers.get().read().clipName(),
                Numbers.text(numbers.get().read().pictures(), 0),
                Numbers.text(numbers.get().read().fps(), 0),
                EvidenceKinds.RECORDING.grade().orElseThrow(),
                numbers.get().read().missing().isEmpty()
                        ? ""
                        : " · " + numbers.get().read().missing()));
        showNumber();
        getChildren().setAll(recorded);
    }

    private static String words(Figure claimed, Optional<Double> delivered) {
        String eye = delivered
                .map(fps -> RecordedText.EYE_GOT_S.formatted(Numbers.text(fps, 1)))
                .orElse(RecordedText.NONE_TOLD_APART);
        return claimed.isKnown()
                ? RecordedText.COUNTER_SAID_S.formatted(Numbers.text(claimed, 1), eye)
                : RecordedText.FRAME_RATE_NOT_READ.formatted(eye);
    }

    private void showChoices(StoredNumbers numbers) {
        List<RecordedNumber> all = numbers.read().numbers();
        if (all.stream().noneMatch(number -> number.name().equals(chosen))) {
            chosen = all.isEmpty() ? "" : all.getFirst().name();
        }
        choices.getChildren().clear();
        group.getToggles().clear();
        for (RecordedNumber number : all) {
            ToggleButton button = new ToggleButton(title(number));
            button.getStyleClass().add("quiet");
            button.setId("number-" + number.name());
            button.setUserData(number.name());
            button.setToggleGroup(group);
            button.setSelected(number.name().equals(chosen));
            button.setMinWidth(USE_PREF_SIZE);
            choices.getChildren().add(button);
        }
    }

    private static String title(RecordedNumber number) {
        return number.kind() == OverlayKind.OTHER
                ? number.name()
                : number.kind().title();
    }

    private Optional<RecordedNumber> number() {
        return Optional.ofNullable(run)
                .flatMap(AnalysedRun::recorded)
                .flatMap(numbers -> numbers.read().numbers().stream()
                        .filter(number -> number.name().equals(chosen))
                        .findFirst());
    }

    private void select(int stand) {
        selected = stand;
        showNumber();
    }

    private void showNumber() {
        AnalysedRun now = run;
        Optional<RecordedNumber> number = number();
        if (now == null || number.isEmpty()) {
            return;
        }
        StoredNumbers numbers = now.recorded().orElseThrow();
        RecordedNumber one = number.get();
        OverlaySeries series = numbers.series(one);
        List<Stand> stands = numbers.readings(one);
        if (selected < 0 || selected >= stands.size()) {
            selected = firstOpen(stands);
        }
        chart.show(CounterView.Shown.of(now, numbers, one, selected));
        reading.show(numbers, one, selected);
        showFigures(one, series);
    }

    private static int firstOpen(List<Stand> stands) {
        for (int i = 0; i < stands.size(); i++) {
            if (!stands.get(i).isRead()) {
                return i;
            }
        }
        return 0;
    }

    private void showFigures(RecordedNumber number, OverlaySeries series) {
        String unit = number.kind().unit();
        figures.getChildren().clear();
        figure(RecordedText.MEAN_OVER_TIME, text(series.mean(), 2, unit), Numbers.reason(series.mean()));
        figure(
                RecordedText.LOWEST_TO_HIGHEST,
                Numbers.range(series.low(), series.high(), 1) + " " + unit,
                Numbers.reason(series.low()));
        figure(
                RecordedText.RENEWED_EVERY,
                text(series.updatePeriodS(), 3, "s"),
                RecordedText.COUNTERS_OWN_PERIOD.formatted(Numbers.reason(series.updatePeriodS())));
        figure(RecordedText.CHANGES_THAT_WERE_READ, Numbers.text(series.changes(), 0), "");
        figure(
                RecordedText.OPEN,
                RecordedText.PERCENT_OF_TIME.formatted(Numbers.text(100 * series.openShare(), 1)),
                RecordedText.OPEN_DEFINITION);
        double least = NumberField.value(bound.getText());
        HBox asked = Boxes.row(Labels.of(RecordedText.BELOW, "muted"), bound, Labels.of(unit, "muted"));
        asked.setMinWidth(USE_PREF_SIZE);
        figures.addRow(
                figures.getRowCount(),
                asked,
                Labels.wrapped(
                        least >= 0
                                ? RecordedText.OF_TIME.formatted(Numbers.percent(series.shareBelow(least), 1))
                                : RecordedText.TYPE_NUMBER,
                        "strong"));
    }

    private static String text(Figure figure, int decimals, String unit) {
        return figure.isKnown() ? Numbers.text(figure, decimals) + " " + unit : Numbers.MISSING;
    }

    private void figure(String name, String value, String explanation) {
        Label named = Labels.of(name, "muted");
        named.setMinWidth(USE_PREF_SIZE);
        Label shown = Labels.wrapped(value, "strong");
        if (!explanation.isBlank()) {
            Tips.on(shown, explanation);
        }
        figures.addRow(figures.getRowCount(), named, shown);
    }

    private void remove() {
        AnalysedRun now = run;
        if (now != null) {
            workbench.edits().evidence().remove(now.run(), EvidenceKinds.RECORDING);
        }
    }
}
