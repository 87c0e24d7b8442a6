/// A program of the user's that switches a path. Entry type: [app.fluss.devices.script.SwitchScript].
package app.fluss.devices.script;
