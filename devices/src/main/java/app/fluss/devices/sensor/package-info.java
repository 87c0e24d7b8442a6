/// A light sensor that sends what it sees, line by line, over a serial port or, for its stand-in, over
/// loopback TCP. The protocol stands in `docs/sensor-protocol.md`.
package app.fluss.devices.sensor;
