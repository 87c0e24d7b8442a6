/// What is in a log file? Entry types: [app.fluss.files.log.LogImport] reads a frame log of any header,
/// [app.fluss.files.log.FrameLogWriter] writes one with our own. Files are untrusted: whatever they hold, the
/// result is a log or an [app.fluss.files.log.InputException] that says where and why.
package app.fluss.files.log;
