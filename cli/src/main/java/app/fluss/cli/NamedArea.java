package app.fluss.cli;

import app.fluss.core.picture.Area;

/// A rectangle and what it is called.
record NamedArea(String name, Area area) {}
