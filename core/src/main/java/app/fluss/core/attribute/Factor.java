package app.fluss.core.attribute;

/// One thing that can be off, as in the native path, or on, as in the package.
///
/// @param name for people
/// @param off its level in the native path, for people
/// @param on its level in the package, for people
/// @param restarts whether the game must be started anew when it changes
public record Factor(String name, String off, String on, boolean restarts) {
    /// One that is there or not, without a restart.
    public static Factor switched(String name) {
        return new Factor(name, "off", "on", false);
    }
}
