package app.fluss.files.log;

/// What one column of a log means.
///
/// @param name its header
/// @param role its meaning
/// @param unit its unit; only counts where the role is a time
public record MappedColumn(String name, Role role, TimeUnit unit) {
    static MappedColumn ignored(String name) {
        return new MappedColumn(name, Role.IGNORED, TimeUnit.MS);
    }
}
