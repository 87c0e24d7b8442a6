package app.fluss.cli;

import java.awt.Desktop;
import java.awt.GraphicsEnvironment;
import java.io.IOException;
import java.nio.file.Path;

/// Shows a page in the browser that the system has.
final class OpenPage {
    private OpenPage() {}

    /// Opens it.
    ///
    /// @return whether it could be opened
    static boolean of(Path page) {
        if (GraphicsEnvironment.isHeadless()
                || !Desktop.isDesktopSupported()
                || !Desktop.getDesktop().isSupported(Desktop.Action.BROWSE)) {
            return false;
        }
        try {
            Desktop.getDesktop().browse(page.toUri());
            return true;
        } catch (IOException e) {
            return false;
        }
    }
}
