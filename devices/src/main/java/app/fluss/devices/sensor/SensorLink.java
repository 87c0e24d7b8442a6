package app.fluss.devices.sensor;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;

/// An open line to a sensor. Closing it ends a read that waits.
public interface SensorLink extends Closeable {
    /// What comes from the sensor; its end, or a fault, means that the sensor is gone.
    InputStream input();

    /// What goes to the sensor.
    OutputStream output();

    /// Opens a line, again and again if the sensor goes and comes back.
    @FunctionalInterface
    interface Opener {
        /// Opens it.
        ///
        /// @throws IOException if there is no sensor, in words
        SensorLink open() throws IOException;
    }
}
