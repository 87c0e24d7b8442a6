package app.fluss.app.compare;

import app.fluss.app.model.Comparing;
import app.fluss.app.model.Comparison;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.files.compare.Grouping;
import app.fluss.files.study.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;

/// Chooses what makes the groups, which of them the others are held against, and which is looked at.
final class GroupBar extends FlowPane {
    private static final Grouping.ByHand PICK = new Grouping.ByHand(Set.of(), Set.of());

    private static final double WIDE = 160;

    private final Workbench workbench;
    private final Theme theme;
    private final Consumer<Comparison> chosen;
    private final ChoiceBox<Grouping> by = Choice.of("compare-by", CompareText.COMPARE_BY, GroupBar::name);
    private final ChoiceBox<String> against = Choice.of("compare-against", CompareText.COMPARE_AGAINST, level -> level);
    private final List<ToggleButton> levels = new ArrayList<>();
    private boolean filling;

    /// @param chosen is told which group is to be looked at
    GroupBar(Workbench workbench, Theme theme, Consumer<Comparison> chosen) {
        super(6, 6);
        this.workbench = workbench;
        this.theme = theme;
        this.chosen = chosen;
        setId("group-bar");
        // A choice asks for the room of its longest item, once it was opened.
        Ems.pref(by, WIDE);
        Ems.pref(against, WIDE);
        Tips.on(by, CompareText.GROUP_BY_TIP);
        Tips.on(against, CompareText.BASELINE_TIP);
        by.valueProperty().subscribe((_, now) -> choose(now));
        against.valueProperty().subscribe((_, now) -> {
            if (!filling && now != null) {
                Comparing how = workbench.comparingProperty().get();
                workbench.comparingProperty().set(new Comparing(how.by(), Optional.of(now)));
            }
        });
    }

    private static String name(Grouping grouping) {
        return isPick(grouping) ? CompareText.RUNS_PICKED_BY_HAND : grouping.title();
    }

    /// Entries that stay are not filled in again.
    private static <T> void offer(ChoiceBox<T> box, List<T> entries) {
        if (!box.getItems().equals(entries)) {
            box.getItems().setAll(entries);
        }
    }

    /// Whether it is the entry by which sides are picked, and not sides that were. At the first look comparing whole
    /// records would take long.
    private static boolean isPick(@Nullable Grouping grouping) {
        return grouping instanceof Grouping.ByHand(Set<Long> baseline, Set<Long> other)
                && baseline.isEmpty()
                && other.isEmpty();
    }

    private void choose(Grouping grouping) {
        if (filling || grouping == null) {
            return;
        }
        if (isPick(grouping)) {
            pick(PICK);
        } else {
            workbench.comparingProperty().set(new Comparing(grouping, Optional.empty()));
        }
    }

    /// Lets the user pick two sides among the runs of the scene.
    ///
    /// @param begun the sides to begin with
    void pick(Grouping.ByHand begun) {
        new PickDialog(theme, getScene().getWindow(), scene(), begun)
                .ask(
                        picked -> workbench.comparingProperty().set(new Comparing(picked, Optional.empty())),
                        () -> fill(workbench.comparisonsProperty().get()));
    }

    /// The runs of the scene that count.
    private List<Run> scene() {
        Run run = workbench.selectedProperty().get();
        return run == null
                ? List.of()
                : workbench.contentsProperty().get().runs().stream()
                        .filter(other -> other.sceneId() == run.sceneId() && other.isCompared())
                        .toList();
    }

    /// Shows what can be chosen.
    void fill(List<Comparison> comparisons) {
        filling = true;
        Comparing how = workbench.comparingProperty().get();
        List<Run> scene = scene();
        List<Grouping> offered = new ArrayList<>(Grouping.offered(scene));
        if (!offered.contains(how.by())) {
            offered.add(how.by());
        }
        offered.add(PICK);
        offer(by, offered);
        by.setValue(how.by());
        List<String> levels = new ArrayList<>(scene.stream()
                .flatMap(run -> how.by().place(run).stream())
                .map(Grouping.Place::level)
                .distinct()
                .toList());
        String held = comparisons.isEmpty()
                ? how.baseline().orElse(null)
                : comparisons.getFirst().baseline();
        if (held != null && !levels.contains(held)) {
            levels.add(held);
        }
        offer(against, levels);
        against.setValue(held);
        against.setDisable(
                how.by() instanceof Grouping.ByHand || against.getItems().size() < 2);
        levels(comparisons);
        filling = false;
    }

    private void levels(List<Comparison> comparisons) {
        levels.clear();
        ToggleGroup group = new ToggleGroup();
        for (Comparison comparison : comparisons) {
            ToggleButton button = new ToggleButton(comparison.name());
            button.getStyleClass().add("quiet");
            button.setMnemonicParsing(false);
            button.setToggleGroup(group);
            button.setOnAction(_ -> {
                button.setSelected(true);
                chosen.accept(comparison);
            });
            levels.add(button);
        }
        getChildren()
                .setAll(
                        Labels.of(CompareText.COMPARE_BY, "muted"),
                        by,
                        Labels.of(CompareText.AGAINST, "muted"),
                        against);
        getChildren().addAll(levels);
    }

    /// Marks the group that is looked at.
    void mark(Comparison shown) {
        levels.forEach(button -> button.setSelected(button.getText().equals(shown.name())));
    }
}
