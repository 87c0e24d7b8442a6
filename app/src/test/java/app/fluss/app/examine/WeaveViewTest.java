package app.fluss.app.examine;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.app.model.AnalysedRun;
import app.fluss.app.model.NotedRun;
import app.fluss.app.model.TimeWindow;
import app.fluss.app.theme.Appearance;
import app.fluss.app.theme.Theme;
import app.fluss.core.bench.FactKey;
import app.fluss.core.bench.FactSource;
import app.fluss.core.bench.Setup;
import app.fluss.core.generation.WaysToKnow;
import app.fluss.core.measure.Analysis;
import app.fluss.core.measure.BandLevels;
import app.fluss.core.measure.Figure;
import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.files.draw.Palette.Role;
import app.fluss.files.known.AnalysedLatency;
import app.fluss.files.simulated.ReadyScenario;
import app.fluss.files.study.Attached;
import app.fluss.files.study.DeliveryPath;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.Run;
import app.fluss.files.study.Taking;
import app.fluss.sim.SimulatedRun;
import app.fluss.sim.Simulation;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

/// What the drawn views show, by their pixels: a fault is a pattern that an honest run does not have.
class WeaveViewTest extends ApplicationTest {
    private static final Chain ENGINE = Chain.of(StageKind.ENGINE_GENERATION);

    private static final int WIDTH = 900;
    private static final int HEIGHT = 300;

    private final ObjectProperty<TimeWindow> window = new SimpleObjectProperty<>(new TimeWindow(0, 5000));
    private Theme theme;
    private WeaveView weave;
    private BandView band;

    @Override
    public void start(Stage stage) {
        theme = new Theme();
        theme.appearanceProperty().set(Appearance.LIGHT);
        weave = new WeaveView(theme, window);
        band = new BandView(theme, window, (_, _) -> {});
        StackPane root = new StackPane(weave, band);
        weave.setPrefSize(WIDTH, HEIGHT);
        band.setPrefSize(WIDTH, HEIGHT);
        stage.setScene(new Scene(root, WIDTH, HEIGHT));
        theme.dress(stage.getScene());
        stage.show();
    }

    private static AnalysedRun analysed(String scenario) {
        SimulatedRun simulated = Simulation.run(ReadyScenario.named(scenario).lasting(5));
        Run run = new Run(
                1,
                1,
                new DeliveryPath(
                        1, "path", ENGINE.with(0, ENGINE.stages().getFirst().with(FactKey.MULTIPLIER, "2"))),
                "run",
                true,
                Setup.EMPTY.withDisplay(simulated.scenario().display().mode(), FactSource.SIMULATED),
                Double.NaN,
                List.of(new Attached(EvidenceKinds.FRAME_LOG, 1, 1, "", "log.csv")),
                List.of(),
                List.of(),
                Taking.UNRECORDED);
        Analysis analysis = Analysis.of(simulated.log().all(), run.settings());
        return new AnalysedRun(
                run,
                analysis,
                List.of(),
                BandLevels.of(analysis.times()),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                WaysToKnow.of(analysis, Optional.empty()),
                new AnalysedLatency(
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        List.of(),
                        Figure.missing("not looked at"),
                        Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                new NotedRun(run.claimed(), Optional.empty(), Map.of(), Map.of(), List.of()),
                Optional.empty());
    }

    private static WeaveView.Shown woven(String scenario) {
        AnalysedRun run = analysed(scenario);
        return new WeaveView.Shown(run.analysis(), run.band().elapsedMs());
    }

    private int pixels(Region view, Role role) {
        WritableImage[] image = new WritableImage[1];
        interact(() -> image[0] = view.snapshot(null, null));
        Color wanted = theme.colour(role);
        int count = 0;
        for (int y = 0; y < image[0].getHeight(); y++) {
            for (int x = 0; x < image[0].getWidth(); x++) {
                Color c = image[0].getPixelReader().getColor(x, y);
                boolean same = Math.abs(c.getRed() - wanted.getRed())
                                + Math.abs(c.getGreen() - wanted.getGreen())
                                + Math.abs(c.getBlue() - wanted.getBlue())
                        < 0.02;
                count += same ? 1 : 0;
            }
        }
        return count;
    }

    @Test
    void phantomImagesShowInTheAccentAndHonestOnesDoNot() {
        interact(() -> weave.show(woven("phantom-images")));
        int phantom = pixels(weave, Role.WARM);
        int rendered = pixels(weave, Role.WATER);
        interact(() -> weave.show(woven("capture-generation")));
        int honest = pixels(weave, Role.WARM);
        assertThat(rendered).as("rendered images are drawn").isGreaterThan(2000);
        assertThat(phantom).as("rings of phantom images").isGreaterThan(20 * Math.max(10, honest));
        assertThat(pixels(weave, Role.FOAM)).as("generated images are drawn").isGreaterThan(500);
    }

    @Test
    void theBandDrawsFramesWithinItsWindowOnly() {
        interact(() -> {
            band.show(BandView.Shown.of(analysed("native")));
            window.set(new TimeWindow(0, 5000));
        });
        int all = pixels(band, Role.WATER);
        interact(() -> window.set(new TimeWindow(1000, 1060)));
        int few = pixels(band, Role.WATER);
        assertThat(all).isGreaterThan(100);
        assertThat(few).as("four or five frames").isBetween(1, all / 4);
        interact(() -> theme.appearanceProperty().set(Appearance.DARK));
        assertThat(pixels(band, Role.WATER)).as("in the other palette too").isGreaterThan(0);
    }
}
