package app.fluss.app.shell;

import java.nio.file.Path;
import java.util.function.Consumer;

/// What the program around a window does for it.
///
/// @param config where mappings and overlays are remembered
/// @param openStudy opens another study in the window
/// @param openDemo opens the demo in the window
public record Outside(Path config, Consumer<Path> openStudy, Runnable openDemo) {}
