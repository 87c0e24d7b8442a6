import org.jspecify.annotations.NullMarked;

/// The jobs of Fluss without a window.
@NullMarked
module app.fluss.cli {
    requires app.fluss.devices;
    requires app.fluss.files;
    requires app.fluss.sim;
    requires java.desktop;
    requires info.picocli;

    opens app.fluss.cli to
            info.picocli;
}
