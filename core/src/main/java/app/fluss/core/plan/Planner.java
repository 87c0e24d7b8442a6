package app.fluss.core.plan;

import app.fluss.core.path.Chain;
import app.fluss.core.path.StageKind;
import app.fluss.core.path.Switch;
import app.fluss.core.plan.PlannedStep.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/// Orders the runs of a session: game by game and scene by scene, the paths of a scene by a [Williams] design,
/// whose treatments are given to the paths in the way that costs the fewest changes.
public final class Planner {
    private static final int MOST_TRIED = 720;
    private static final Switch NONE = new Switch(List.of(), false, false);

    private final PlanSettings settings;
    private final Random random;
    private final List<PlannedStep> sheet = new ArrayList<>();
    private Chain set;
    private int workedS;

    private Planner(PlanSettings settings, Chain set) {
        this.settings = settings;
        this.random = new Random(settings.seed());
        this.set = set;
    }

    /// The run sheet for what is still to be measured.
    ///
    /// @param wishes in the order in which games and scenes are best measured
    /// @param set the path that the bench is set to now
    public static List<PlannedStep> plan(List<Wish> wishes, PlanSettings settings, Chain set) {
        Planner planner = new Planner(settings, set);
        Map<Long, Map<Long, List<Wish>>> games = new LinkedHashMap<>();
        for (Wish wish : wishes) {
            games.computeIfAbsent(wish.game(), _ -> new LinkedHashMap<>())
                    .computeIfAbsent(wish.scene(), _ -> new ArrayList<>())
                    .add(wish);
        }
        for (var game : games.values()) {
            boolean started = false;
            for (List<Wish> scene : game.values()) {
                started |= planner.scene(scene, !started);
            }
        }
        return List.copyOf(planner.sheet);
    }

    /// How long a sheet takes, s.
    public static int totalS(List<PlannedStep> sheet) {
        return sheet.stream().mapToInt(PlannedStep::totalS).sum();
    }

    /// @return whether anything of the scene is on the sheet
    private boolean scene(List<Wish> wishes, boolean startsGame) {
        List<Wish> wanted = wishes.stream().filter(wish -> wish.repeats() > 0).toList();
        if (wanted.isEmpty()) {
            return false;
        }
        List<Wish> order = order(wanted);
        List<Role> roles = new ArrayList<>(Collections.nCopies(order.size(), Role.RUN));
        Wish baseline = wishes.stream()
                .filter(wish -> wish.chain().isNative())
                .findFirst()
                .orElse(null);
        if (settings.brackets() && baseline != null && wishes.size() > 1) {
            if (!order.getFirst().chain().isNative()) {
                order.addFirst(baseline);
                roles.addFirst(Role.BRACKET);
            }
            if (!order.getLast().chain().isNative()) {
                order.add(baseline);
                roles.add(Role.BRACKET);
            }
        }
        for (int i = 0; i < order.size(); i++) {
            add(roles.get(i), order.get(i), startsGame && i == 0);
        }
        return true;
    }

    private void add(Role role, Wish wish, boolean startsGame) {
        Switch change = Switch.between(set, wish.chain());
        boolean restarts = startsGame || change.restartsGame();
        int beforeS = settings.coolDownS() + changeS(change, startsGame);
        int totalS = beforeS + wish.sceneS() * (restarts ? 2 : 1);
        if (settings.breakEveryMin() > 0 && workedS > 0 && workedS + totalS > settings.breakEveryMin() * 60) {
            sheet.add(new PlannedStep(Role.BREAK, wish, NONE, 0, settings.breakMin() * 60));
            workedS = 0;
        }
        if (restarts) {
            sheet.add(new PlannedStep(
                    Role.WARM_UP, wish, new Switch(change.steps(), true, change.movesCable()), beforeS, wish.sceneS()));
            sheet.add(new PlannedStep(role, wish, NONE, settings.coolDownS(), wish.sceneS()));
            totalS += settings.coolDownS();
        } else {
            sheet.add(new PlannedStep(role, wish, change, beforeS, wish.sceneS()));
        }
        workedS += totalS;
        set = wish.chain();
    }

    private int changeS(Switch change, boolean startsGame) {
        int restart = startsGame || change.restartsGame() ? settings.restartS() : 0;
        int other = change.steps().isEmpty() ? 0 : settings.switchS();
        return change.movesCable() ? settings.cableS() + restart : Math.max(restart, other);
    }

    private List<Wish> order(List<Wish> wishes) {
        List<Wish> first = new ArrayList<>();
        List<Wish> second = new ArrayList<>();
        for (Wish wish : wishes) {
            (wish.chain().has(StageKind.SECOND_GPU) ? second : first).add(wish);
        }
        if (!settings.groupByCable() || first.isEmpty() || second.isEmpty()) {
            return counterbalanced(wishes, 0, Integer.MAX_VALUE);
        }
        // A B B A over the two ways of plugging, so that neither has the earlier half of the session.
        int half = (wishes.stream().mapToInt(Wish::repeats).max().orElse(1) + 1) / 2;
        List<Wish> order = counterbalanced(first, 0, half);
        order.addAll(counterbalanced(second, 0, Integer.MAX_VALUE));
        order.addAll(counterbalanced(first, half, Integer.MAX_VALUE));
        return order;
    }

    /// The runs of rounds `[from, to)`, one row of the design each.
    private List<Wish> counterbalanced(List<Wish> wishes, int from, int to) {
        int n = wishes.size();
        int[][] rows = Williams.rows(n);
        List<Integer> rowOrder = shuffled(rows.length, n > 2);
        int[][] costS = costs(wishes);
        List<Integer> best = List.of();
        int bestS = Integer.MAX_VALUE;
        for (int tried = 0; tried < MOST_TRIED; tried++) {
            List<Integer> order = laidOut(rows, rowOrder, shuffled(n, true), wishes, from, to);
            int costs = 0;
            for (int i = 0; i < order.size(); i++) {
                costs += costS[i == 0 ? n : order.get(i - 1)][order.get(i)];
            }
            if (costs < bestS) {
                best = order;
                bestS = costs;
            }
        }
        return new ArrayList<>(best.stream().map(wishes::get).toList());
    }

    private List<Integer> shuffled(int n, boolean shuffle) {
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            numbers.add(i);
        }
        if (shuffle) {
            Collections.shuffle(numbers, random);
        }
        return numbers;
    }

    /// What it takes to go from each path to each, s; the last row is from what the bench is set to.
    private int[][] costs(List<Wish> wishes) {
        int n = wishes.size();
        int[][] costS = new int[n + 1][n];
        for (int from = 0; from <= n; from++) {
            Chain before = from == n ? set : wishes.get(from).chain();
            for (int to = 0; to < n; to++) {
                costS[from][to] = changeS(Switch.between(before, wishes.get(to).chain()), false);
            }
        }
        return costS;
    }

    private static List<Integer> laidOut(
            int[][] rows, List<Integer> rowOrder, List<Integer> given, List<Wish> wishes, int from, int to) {
        int rounds = wishes.stream().mapToInt(Wish::repeats).max().orElse(0);
        List<Integer> order = new ArrayList<>();
        for (int round = from; round < Math.min(to, rounds); round++) {
            for (int treatment : rows[rowOrder.get(round % rows.length)]) {
                if (round < wishes.get(given.get(treatment)).repeats()) {
                    order.add(given.get(treatment));
                }
            }
        }
        return order;
    }
}
