/// Watching a folder for a log that a program is writing.
package app.fluss.devices.folder;
