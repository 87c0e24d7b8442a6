/// What this machine says of itself.
package app.fluss.devices.machine;
