package app.fluss.app.shell;

import app.fluss.app.decide.DecideScreen;
import app.fluss.app.model.Workbench;
import app.fluss.files.study.Run;

/// Where clicks in Decide lead.
final class DecideWays implements DecideScreen.Ways {
    private final Workbench workbench;
    private final OrderOfWork order;

    DecideWays(Workbench workbench, OrderOfWork order) {
        this.workbench = workbench;
        this.order = order;
    }

    @Override
    public void examine(Run run) {
        workbench.selectedProperty().set(run);
        order.choose(Work.EXAMINE);
    }

    @Override
    public void compare(Run run) {
        workbench.selectedProperty().set(run);
        order.choose(Work.COMPARE);
    }

    @Override
    public void plan() {
        order.choose(Work.PLAN);
    }
}
