/// A light sensor that sends what it sees, line by line, over a serial port (`docs/sensor-protocol.md`), or into two
/// channels of a sound input beside the click; and their stand-ins. Entry type:
/// [app.fluss.devices.sensor.SensorSession].
package app.fluss.devices.sensor;
