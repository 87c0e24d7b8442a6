package app.fluss.app.probing;

import app.fluss.app.model.Edits;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.NumberField;
import app.fluss.app.theme.Numbers;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.BenchPart;
import app.fluss.core.bench.Fact;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.measure.Figure;
import app.fluss.core.stream.ProbeReport;
import app.fluss.core.stream.ProbeTrace;
import app.fluss.core.stream.TrafficShape;
import app.fluss.devices.probe.ProbeCode;
import app.fluss.devices.probe.ProbePlan;
import app.fluss.devices.probe.ProbeServer;
import app.fluss.files.study.Item;
import app.fluss.files.study.Run;
import java.net.InetSocketAddress;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;

/// Probes the link of a stream from the window, and keeps what was seen with a run.
public final class ProbeDialog implements ProbeJob.Listener {
    private static final double USUAL_FPS = 60;
    private static final double USUAL_MBPS = 40;
    private static final double USUAL_KEY_EVERY_S = 2;
    private static final double USUAL_KEY_FACTOR = 4;
    private static final String LOOPBACK = "127.0.0.1";

    private final Workbench workbench;
    private final Edits edits;
    private final Consumer<String> problems;
    private final Run run;
    private final Dialog<ButtonType> dialog;
    private final ChoiceBox<ProbeSide> side = Choice.of("probe-side", ProbeText.SIDE_OF_LINK, ProbeSide::title);
    private final TextField address = new TextField(LOOPBACK);
    private final TextField port = new TextField(Integer.toString(ProbeServer.PORT));
    private final TextField code = new TextField();
    private final TextField fps = new TextField();
    private final TextField mbps = new TextField();
    private final TextField seconds = new TextField("10");
    private final CheckBox paced = new CheckBox(ProbeText.SPREAD_PACKETS);
    private final GridPane form = new GridPane(10, 6);
    private final Label said = Labels.wrapped("");
    private final ProgressBar bar = new ProgressBar(0);
    private final Button start = Buttons.primary(ProbeText.START, ProbeText.START_TIP, this::start);
    private final Button keep =
            Buttons.quiet(ProbeText.KEEP_WITH_THIS_RUN, ProbeText.KEEP_WITH_THIS_RUN_TIP, this::keep);
    private final Button state = Buttons.quiet(ProbeText.STATE_ON_BENCH, ProbeText.STATE_ON_BENCH_TIP, this::state);
    private @Nullable ProbeJob job;
    private @Nullable ProbeTrace trace;

    private ProbeDialog(Theme theme, Window owner, Workbench workbench, Run run, Consumer<String> problems) {
        this.workbench = workbench;
        this.edits = workbench.edits();
        this.run = run;
        this.problems = problems;
        Setup setup = run.setup();
        fps.setText(NumberField.text(orElse(setup.number(FactKey.STREAM_FPS), USUAL_FPS)));
        mbps.setText(NumberField.text(orElse(setup.number(FactKey.BITRATE_MBPS), USUAL_MBPS)));
        name(address, "probe-address", port, "probe-port", code, "probe-code", fps, "probe-fps", mbps, "probe-mbps");
        seconds.setId("probe-seconds");
        paced.setId("probe-paced");
        start.setId("probe-start");
        keep.setId("probe-keep");
        keep.setDisable(true);
        state.setId("probe-state");
        state.setDisable(true);
        said.setId("probe-said");
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setVisible(false);
        side.getItems().setAll(ProbeSide.values());
        side.valueProperty().subscribe(chosen -> {
            if (chosen != null) {
                show(chosen);
            }
        });
        side.setValue(ProbeSide.CLIENT);
        dialog = Dialogs.make(
                theme, owner, ProbeText.PROBE_LINK_OF.formatted(run.path().name()));
        VBox content = new VBox(
                10,
                Boxes.row(Labels.of(ProbeText.IN_THIS_PROBE, "muted"), side),
                form,
                Boxes.row(start, keep, state),
                bar,
                said,
                Labels.note(ProbeText.PROBE_WARNING));
        Ems.pref(content, 540);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.CLOSE);
        dialog.setOnHidden(_ -> stop());
    }

    private static void name(Object... fields) {
        for (int i = 0; i < fields.length; i += 2) {
            ((Node) fields[i]).setId((String) fields[i + 1]);
        }
    }

    private static double orElse(double value, double otherwise) {
        return Double.isNaN(value) ? otherwise : value;
    }

    /// Opens it for a run.
    public static void open(Theme theme, Window owner, Workbench workbench, Run run, Consumer<String> problems) {
        Dialogs.open(new ProbeDialog(theme, owner, workbench, run, problems).dialog);
    }

    private void show(ProbeSide chosen) {
        form.getChildren().clear();
        int row = 0;
        if (chosen != ProbeSide.STAND_IN) {
            row = add(row, chosen == ProbeSide.HOST ? ProbeText.HOST_ADDRESS : ProbeText.HOSTS_ADDRESS, address);
            row = add(row, ProbeText.UDP_PORT, port);
        }
        if (chosen == ProbeSide.CLIENT) {
            row = add(row, ProbeText.HOST_CODE, code);
        }
        if (chosen != ProbeSide.HOST) {
            row = add(row, ProbeText.IMAGES_PER_SECOND, fps);
            row = add(row, ProbeText.BIT_RATE_MBIT_S, mbps);
            row = add(row, ProbeText.SECONDS_60_AT_MOST, seconds);
            form.add(paced, 0, row, 2, 1);
        }
    }

    private int add(int row, String name, TextField field) {
        form.addRow(row, Labels.of(name, "muted"), field);
        return row + 1;
    }

    private void start() {
        stop();
        try {
            said.setText("");
            InetSocketAddress there =
                    new InetSocketAddress(address.getText().strip(), (int) number(port, ProbeText.PORT));
            job = switch (side.getValue()) {
                case CLIENT -> ProbeJob.client(there, ProbeCode.typed(code.getText()), plan(), this);
                case HOST -> ProbeJob.host(there, this);
                case STAND_IN -> ProbeJob.standIn(plan(), run.id(), this);
            };
            bar.setProgress(0);
            bar.setVisible(true);
            start.setDisable(true);
        } catch (IllegalArgumentException e) {
            said.setText(ProbeText.CORRECT_THIS_FIRST.formatted(e.getMessage()));
        }
    }

    private ProbePlan plan() {
        return new ProbePlan(
                new TrafficShape(
                        number(fps, ProbeText.IMAGES_PER_SECOND),
                        number(mbps, ProbeText.BIT_RATE),
                        USUAL_KEY_EVERY_S,
                        USUAL_KEY_FACTOR,
                        paced.isSelected()),
                number(seconds, ProbeText.SECONDS));
    }

    private static double number(TextField field, String what) {
        double value = NumberField.value(field.getText());
        if (Double.isNaN(value)) {
            throw new IllegalArgumentException(what + " must be a number");
        }
        return value;
    }

    private void stop() {
        if (job != null) {
            job.close();
            job = null;
        }
    }

    @Override
    public void code(String words) {
        said.setText(words);
    }

    @Override
    public void progress(double share) {
        bar.setProgress(share);
    }

    @Override
    public void seen(ProbeTrace seen) {
        trace = seen;
        ProbeReport report = ProbeReport.of(seen);
        ended(ProbeText.PROBE_RESULT.formatted(
                seen.simulated() ? ProbeText.SIMULATED_LINK : "",
                Numbers.percent(report.link().lossShare(), 2),
                Numbers.text(report.roundTripMs(), 2),
                buffer(report.arrivals().bufferMs(0.99)),
                buffer(report.arrivals().bufferMs(0.999))));
        keep.setDisable(false);
        state.setDisable(
                seen.simulated() || link().isEmpty() || !report.oneWayMs().isKnown());
    }

    /// The link that is in use on the bench.
    private Optional<Item> link() {
        return workbench.contentsProperty().get().bench().items(BenchPart.LINK).stream()
                .filter(Item::inUse)
                .findFirst();
    }

    /// What a simulated link is like is no fact of the bench.
    private void state() {
        ProbeTrace measured = trace;
        Optional<Item> link = link();
        if (measured != null && link.isPresent()) {
            ProbeReport report = ProbeReport.of(measured);
            List<Fact> facts = new ArrayList<>();
            add(facts, FactKey.LINK_DELAY_MS, report.oneWayMs());
            add(facts, FactKey.LINK_JITTER_MS, report.jitterMs());
            edits.bench().state(link.get(), facts);
            state.setDisable(true);
        }
    }

    private static void add(List<Fact> facts, FactKey key, Figure figure) {
        if (figure.isKnown()) {
            facts.add(new Fact(
                    key,
                    String.format(Locale.ROOT, "%.3f", figure.orNaN()),
                    FactSource.MEASURED,
                    LocalDate.now(ZoneId.systemDefault())));
        }
    }

    private static String buffer(Figure ms) {
        return ms.isKnown() ? Numbers.text(ms, 1) + " ms" : ProbeText.TOO_MANY_LOST;
    }

    @Override
    public void ended(String words) {
        said.setText(words);
        bar.setVisible(false);
        start.setDisable(false);
    }

    private void keep() {
        ProbeTrace kept = trace;
        if (kept == null) {
            return;
        }
        dialog.close();
        edits.evidence().keepProbe(run, kept, e -> problems.accept(String.valueOf(e.getMessage())));
    }
}
