package app.fluss.cli;

import app.fluss.files.share.ProductVersion;
import picocli.CommandLine.IVersionProvider;

/// What `fluss --version` says.
final class Version implements IVersionProvider {
    @Override
    public String[] getVersion() {
        return new String[] {"fluss " + ProductVersion.number()};
    }
}
