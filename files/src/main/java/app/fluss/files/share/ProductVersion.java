package app.fluss.files.share;

/// The product's version, which the build writes into a resource: it stands in one place, the parent's
/// build file.
public final class ProductVersion {
    private ProductVersion() {}

    /// The number alone.
    public static String number() {
        return PageTemplate.resource("version.txt").strip();
    }
}
