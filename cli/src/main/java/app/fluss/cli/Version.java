package app.fluss.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine.IVersionProvider;

/// The product's version, which the build writes into a resource: it stands in one place, the parent's build file.
final class Version implements IVersionProvider {
    @Override
    public String[] getVersion() throws IOException {
        return new String[] {"fluss " + number()};
    }

    /// The number alone.
    static String number() throws IOException {
        try (InputStream in = Version.class.getResourceAsStream("version.txt")) {
            if (in == null) {
                throw new IOException("the build left out its version");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
        }
    }
}
