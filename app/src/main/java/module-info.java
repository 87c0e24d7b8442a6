import org.jspecify.annotations.NullMarked;

/// The window.
@NullMarked
module app.fluss.app {
    requires app.fluss.devices;
    requires app.fluss.files;
    requires app.fluss.sim;
    requires atlantafx.base;
    requires java.desktop;
    requires java.prefs;
    requires javafx.controls;

    exports app.fluss.app to
            javafx.graphics;
}
