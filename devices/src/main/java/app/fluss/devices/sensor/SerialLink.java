package app.fluss.devices.sensor;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.List;

/// A sensor at a serial port.
public final class SerialLink implements SensorLink {
    private static final int BAUD = 921_600;

    private final SerialPort port;

    private SerialLink(SerialPort port) {
        this.port = port;
    }

    /// A port of this computer.
    ///
    /// @param name the system's name for it
    /// @param title what is at it, as far as the system knows
    public record Port(String name, String title) {}

    /// The ports of this computer.
    public static List<Port> ports() {
        return Arrays.stream(SerialPort.getCommPorts())
                .map(port -> new Port(port.getSystemPortPath(), port.getDescriptivePortName()))
                .toList();
    }

    /// Opens a port at 921600 baud, 8 data bits, no parity, one stop bit.
    ///
    /// @throws IOException if there is no such port, or something else has it
    public static SerialLink open(String name) throws IOException {
        SerialPort port;
        try {
            port = SerialPort.getCommPort(name);
        } catch (SerialPortInvalidPortException e) {
            throw new IOException("There is no port " + name + ". Plug the sensor in and choose its port.", e);
        }
        port.setComPortParameters(BAUD, 8, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
        port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, 0, 0);
        if (!port.openPort()) {
            throw new IOException(
                    "The port %s cannot be opened: is it plugged in, does another program have it, may you use it?"
                            .formatted(name));
        }
        return new SerialLink(port);
    }

    @Override
    public InputStream input() {
        return port.getInputStream();
    }

    @Override
    public OutputStream output() {
        return port.getOutputStream();
    }

    @Override
    public void close() {
        port.closePort();
    }
}
