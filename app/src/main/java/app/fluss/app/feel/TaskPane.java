package app.fluss.app.feel;

import app.fluss.app.theme.Aside;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Numbers;
import app.fluss.core.feel.FeelTask;
import app.fluss.core.feel.FlashLimits;
import app.fluss.core.feel.Phase;
import app.fluss.core.feel.Pulses;
import app.fluss.core.feel.Rehearsal;
import app.fluss.core.feel.StaircaseRule;
import app.fluss.core.feel.TwoIntervals;
import app.fluss.core.measure.Figure;
import app.fluss.files.study.FeelSession;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// A task while it is done: the field, what is asked, how far it is, and the way to stop it.
final class TaskPane extends VBox {
    private static final int TIMED_PULSES = 90;

    private final FeelTask task;
    private final FeelSession.Taker taker;
    private final PulseSource source;
    private final RandomGenerator random;
    private final Consumer<Ended> ended;
    private final FieldView field;
    private final Label says = Labels.of("", "recording-result");
    private final Label detail = Labels.of("", "muted");
    private final ProgressBar progress = new ProgressBar(0);
    private final Button first = Buttons.primary(FeelText.FIRST, FeelText.FIRST_TIP, () -> answer(true));
    private final Button second = Buttons.primary(FeelText.SECOND, FeelText.SECOND_TIP, () -> answer(false));
    private final Button goOn = Buttons.primary(FeelText.GO_ON, FeelText.GO_ON_TIP, this::goOn);
    private final long[] timed = new long[TIMED_PULSES];
    private int timedCount;
    private boolean isOver;
    private @Nullable Pulses pulses;
    private @Nullable TaskRun run;

    /// How a task ended.
    ///
    /// @param session what was done, if it is enough to be kept
    /// @param words what there is to say
    record Ended(Optional<FeelSession> session, String words) {}

    /// @param random draws orders and scenes
    /// @param ended is told once, when the task is done or stopped
    TaskPane(
            FeelTask task, FeelSession.Taker taker, PulseSource source, RandomGenerator random, Consumer<Ended> ended) {
        super(10);
        this.task = task;
        this.taker = taker;
        this.source = source;
        this.random = random;
        this.ended = ended;
        setId("feel-task");
        field = new FieldView(task.title() + ": " + task.question());
        first.setId("feel-first");
        second.setId("feel-second");
        goOn.setId("feel-go-on");
        says.setId("feel-says");
        progress.setAccessibleText(FeelText.PROGRESS);
        Button stop = Buttons.quiet(FeelText.STOP, FeelText.STOP_TIP, this::stop);
        stop.setId("feel-stop");
        HBox answers = new HBox(8, first, second, goOn);
        HBox head = Boxes.row(progress, Boxes.spacer(), says, detail, answers, Boxes.spacer(), stop);
        head.setMinHeight(USE_PREF_SIZE);
        VBox.setVgrow(field, Priority.ALWAYS);
        HBox.setHgrow(detail, Priority.SOMETIMES);
        getChildren().setAll(head, field);
        setFocusTraversable(true);
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        field.addEventHandler(MouseEvent.ANY, this::pointed);
        sceneProperty().subscribe((_, now) -> {
            if (now == null) {
                stop();
            }
        });
        show();
        source.start(this::pulse);
    }

    private void pulse(long nanos) {
        TaskRun running = run;
        if (running == null) {
            time(nanos);
            return;
        }
        switch (running) {
            case TaskRun.Choosing choosing -> {
                Phase before = choosing.trials().phase();
                choosing.trials().pulse(nanos);
                field.show(choosing.trials().picture(field.getWidth(), field.getHeight()));
                if (choosing.trials().phase() != before) {
                    show();
                }
            }
            case TaskRun.Aiming aiming -> {
                aiming.aim().pulse(nanos);
                field.show(aiming.aim().picture(field.getWidth(), field.getHeight()));
            }
        }
    }

    /// The window's own pulses are timed first: levels depend on what it reaches.
    private void time(long nanos) {
        if (timedCount < TIMED_PULSES) {
            if (timedCount == 0 || nanos > timed[timedCount - 1]) {
                timed[timedCount++] = nanos;
            }
            return;
        }
        if (pulses == null) {
            // The first pulses after a change of the screen are late.
            Pulses known = Pulses.of(Arrays.copyOfRange(timed, TIMED_PULSES / 3, TIMED_PULSES));
            pulses = known;
            rehearse(known);
        }
    }

    /// Nothing is shown before its pictures have been looked at.
    private void rehearse(Pulses known) {
        double width = field.getWidth();
        double height = field.getHeight();
        Aside.run(
                () -> Rehearsal.of(task, known, random, width, height),
                rehearsed -> begin(known, rehearsed),
                e -> end(FeelText.NOT_SHOWN_UNCHECKED.formatted(e.getMessage())));
    }

    private void begin(Pulses known, FlashLimits rehearsed) {
        if (isOver) {
            return;
        }
        if (!rehearsed.areKept()) {
            end(FeelText.NOT_SHOWN_FLASHES);
            return;
        }
        run = TaskRun.begin(task, known, random);
        field.hidePointer(task.needsPointer());
        show();
    }

    private void pointed(MouseEvent event) {
        TaskRun running = run;
        if (running == null) {
            return;
        }
        long now = source.now();
        switch (running) {
            case TaskRun.Choosing choosing -> choosing.trials().pointed(now, event.getX(), event.getY());
            case TaskRun.Aiming aiming -> {
                aiming.aim().pointed(now, event.getX(), event.getY());
                if (event.getEventType() == MouseEvent.MOUSE_PRESSED && event.getButton() == MouseButton.PRIMARY) {
                    aiming.aim().clicked(now, event.getX(), event.getY(), field.getWidth(), field.getHeight());
                    afterwards();
                }
            }
        }
    }

    private void pressed(KeyEvent event) {
        switch (event.getCode()) {
            case DIGIT1, NUMPAD1, LEFT -> answer(true);
            case DIGIT2, NUMPAD2, RIGHT -> answer(false);
            case ENTER -> goOn();
            case ESCAPE -> stop();
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void answer(boolean namedFirst) {
        if (run instanceof TaskRun.Choosing choosing) {
            choosing.trials().answer(namedFirst);
            afterwards();
        }
    }

    private void goOn() {
        if (run instanceof TaskRun.Choosing choosing) {
            choosing.trials().goOn();
            show();
        }
    }

    private void afterwards() {
        show();
        if (run != null && run.isDone()) {
            end(FeelText.DONE);
        }
    }

    /// Ends the task at once.
    void stop() {
        end(FeelText.STOPPED);
    }

    private void end(String how) {
        TaskRun running = run;
        source.stop();
        if (isOver) {
            return;
        }
        isOver = true;
        Pulses known = pulses;
        Optional<FeelSession> session =
                running == null || known == null ? Optional.empty() : running.session(taker, known, Instant.now());
        String more = session.isPresent() ? firstGuess(running) : FeelText.NOTHING_KEPT;
        ended.accept(new Ended(session, how + more));
    }

    /// What the reversals say, beside the fit of all trials.
    private static String firstGuess(@Nullable TaskRun running) {
        return running instanceof TaskRun.Choosing choosing
                        && choosing.trials().staircases().firstGuess() instanceof Figure.Known(double guess)
                ? FeelText.FIRST_GUESS.formatted(
                        Numbers.percent(Figure.of(StaircaseRule.TWO_DOWN.convergesOn()), 0),
                        Numbers.percent(Figure.of(StaircaseRule.THREE_DOWN.convergesOn()), 0),
                        Numbers.text(guess, 1))
                : "";
    }

    private void show() {
        TaskRun running = run;
        boolean asks = running instanceof TaskRun.Choosing choosing
                && choosing.trials().phase() == Phase.QUESTION;
        boolean rests = running instanceof TaskRun.Choosing choosing
                && choosing.trials().phase() == Phase.REST;
        show(first, asks);
        show(second, asks);
        show(goOn, rests);
        progress.setProgress(running == null ? 0 : running.done());
        switch (running) {
            case null -> {
                says.setText(FeelText.MEASURING_WINDOW);
                detail.setText("");
            }
            case TaskRun.Choosing choosing -> says(choosing.trials());
            case TaskRun.Aiming aiming -> {
                says.setText(FeelText.CLICK_BRIGHT_TARGET);
                detail.setText(aiming.aim().isBetweenSequences() ? FeelText.FIRST_CLICK : thrown());
            }
        }
        if (asks || rests) {
            requestFocus();
        }
    }

    private static void show(Button button, boolean shown) {
        button.setVisible(shown);
        button.setManaged(shown);
    }

    private void says(TwoIntervals trials) {
        says.setText(
                switch (trials.phase()) {
                    case READY -> task.needsPointer() ? FeelText.FOLLOW_DISC : FeelText.LOOK_AT_MIDDLE;
                    case FIRST -> "1";
                    case BETWEEN -> "–";
                    case SECOND -> "2";
                    case QUESTION -> task.question();
                    case REST -> trials.isHopeless() ? FeelText.WINDOW_MISSES_FRAMES : FeelText.REST;
                    case DONE -> FeelText.DONE;
                });
        detail.setText(
                switch (trials.phase()) {
                    case REST -> trials.isHopeless() ? FeelText.CLOSE_OTHER_PROGRAMS : FeelText.REST_EYES;
                    case READY, QUESTION -> thrown();
                    case FIRST, BETWEEN, SECOND, DONE -> "";
                });
    }

    private String thrown() {
        Pulses known = pulses;
        TaskRun running = run;
        if (known == null || running == null) {
            return "";
        }
        return FeelText.WINDOW_PACE.formatted(
                Numbers.text(known.hz(), 1),
                Numbers.text(known.wanderMs(), 2),
                Numbers.percent(Figure.of(known.missedShare()), 0),
                running.thrownAway());
    }

    /// What is being done; empty before the window was timed.
    Optional<TaskRun> running() {
        return Optional.ofNullable(run);
    }
}
