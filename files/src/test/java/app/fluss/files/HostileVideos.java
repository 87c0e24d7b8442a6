package app.fluss.files;

import app.fluss.files.log.InputException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.SplittableRandom;

/// Damages videos at random and reads them in the decoder's own process: whatever becomes of that one, this one goes on
/// and
/// has the pictures or a typed fault. Run by `bench/fuzz-videos.sh`.
final class HostileVideos {
    private HostileVideos() {}

    /// @param args how many rounds of each, the videos
    public static void main(String[] args) throws Exception {
        int rounds = Integer.parseInt(args[0]);
        Path folder = Files.createTempDirectory("videos");
        for (int clip = 1; clip < args.length; clip++) {
            Path whole = Path.of(args[clip]);
            byte[] bytes = Files.readAllBytes(whole);
            Path file = folder.resolve(whole.getFileName());
            int read = 0;
            int refused = 0;
            for (int round = 0; round < rounds; round++) {
                Files.write(file, Damage.of(bytes, new SplittableRandom(round)));
                try {
                    Damage.readClip(file);
                    read++;
                } catch (InputException e) {
                    refused++;
                } catch (IOException | RuntimeException | Error e) {
                    throw new AssertionError("%s, round %d: see %s".formatted(whole, round, file), e);
                }
            }
            System.out.printf("%s: %d read, %d refused%n", whole.getFileName(), read, refused);
            Files.delete(file);
        }
        Files.delete(folder);
    }
}
