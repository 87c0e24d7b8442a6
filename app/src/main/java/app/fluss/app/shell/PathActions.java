package app.fluss.app.shell;

import app.fluss.app.importing.HostLogFlow;
import app.fluss.app.model.Workbench;
import app.fluss.app.path.PathPane;
import app.fluss.app.probing.ProbeDialog;
import app.fluss.app.theme.Theme;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.study.Run;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.stage.Window;

/// What the user can add to what is worked out for a path: the log of a stream's host, a probe of its link.
final class PathActions implements PathPane.Actions {
    private final Workbench workbench;
    private final Theme theme;
    private final Supplier<Window> owner;
    private final Consumer<String> problems;
    private final HostLogFlow hostLogs;

    PathActions(
            Workbench workbench, Theme theme, MappingMemory memory, Supplier<Window> owner, Consumer<String> problems) {
        this.workbench = workbench;
        this.theme = theme;
        this.owner = owner;
        this.problems = problems;
        this.hostLogs = new HostLogFlow(workbench, memory, owner, problems);
    }

    @Override
    public void addHostLog() {
        hostLogs.choose();
    }

    @Override
    public void probeLink() {
        Run run = workbench.selectedProperty().get();
        if (run != null) {
            ProbeDialog.open(theme, owner.get(), workbench, run, problems);
        }
    }
}
