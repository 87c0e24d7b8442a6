package app.fluss.app.shell;

import app.fluss.app.help.HelpPage;
import app.fluss.files.study.Run;
import java.nio.file.Path;

/// What can be done from anywhere in the window.
interface Ways {
    /// Shows a step of the order of work.
    void go(Work work);

    /// Looks at a run.
    void examine(Run run);

    /// Shows what the study has.
    void overview();

    /// Lets the user choose logs, recordings and studies to open.
    void open();

    void openStudy(Path study);

    void openDemo();

    void enterReadings();

    void simulate();

    void report();

    void handOn();

    void takeIn();

    void settings();

    /// Lets the user find a command by its name.
    void palette();

    void shortcuts();

    /// Shows what can be measured with what there is.
    void means();

    void help(HelpPage page);
}
