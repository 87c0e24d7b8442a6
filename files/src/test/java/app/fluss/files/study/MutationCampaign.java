package app.fluss.files.study;

import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/// Damages a valid study at random, opens it and reads all of it: it opens, or it is refused in words; nothing else is
/// thrown, and opening and reading changes no byte. `bench/mutate-study.sh` runs it for ten thousand times.
final class MutationCampaign {
    private static final int PAGE = 4096;

    private MutationCampaign() {}

    /// What came of a campaign.
    ///
    /// @param refused opening said no
    /// @param unreadable it opened, and reading said no
    /// @param clean all of it could be read
    record Result(int refused, int unreadable, int clean) {}

    /// Makes as many mutations, each from a number of its own.
    ///
    /// @throws AssertionError if one does what none may, with its number
    static Result run(Path folder, int mutations, long seed) throws Exception {
        Path whole = folder.resolve("whole.fluss");
        try (Study study = Study.open(whole)) {
            StudyMaker.add(study, folder, 1, 120);
            StudyMaker.add(study, folder, 2, 60);
            study.gamesAndRuns().remove(List.of(study.runs().getLast()));
        }
        byte[] bytes = Files.readAllBytes(whole);
        int refused = 0;
        int unreadable = 0;
        int clean = 0;
        Path damaged = folder.resolve("damaged.fluss");
        for (int n = 0; n < mutations; n++) {
            byte[] mutated = mutate(bytes, new SplittableRandom(seed + n));
            Files.write(damaged, mutated);
            try (Study study = Study.open(damaged)) {
                try {
                    StudyMaker.readAll(study);
                    clean++;
                } catch (StudyException e) {
                    unreadable++;
                }
            } catch (StudyException e) {
                refused++;
            } catch (Throwable e) {
                throw new AssertionError("mutation %d of seed %d".formatted(n, seed), e);
            }
            if (!Arrays.equals(Files.readAllBytes(damaged), mutated)) {
                throw new AssertionError("mutation %d of seed %d changed the file".formatted(n, seed));
            }
        }
        return new Result(refused, unreadable, clean);
    }

    /// Bytes that are none, words of the right size, pages in each other's place, an end that is missing.
    private static byte[] mutate(byte[] whole, SplittableRandom random) {
        byte[] bytes = whole.clone();
        for (int change = random.nextInt(1, 9); change > 0; change--) {
            int at = random.nextInt(random.nextInt(4) == 0 ? 200 : bytes.length - 8);
            switch (random.nextInt(6)) {
                case 0 -> bytes[at] = (byte) random.nextInt();
                case 1 -> bytes[at] ^= (byte) (1 << random.nextInt(8));
                case 2 -> ByteBuffer.wrap(bytes).putInt(at, random.nextInt());
                case 3 -> ByteBuffer.wrap(bytes).putLong(at, random.nextBoolean() ? Long.MAX_VALUE : -1);
                case 4 -> Arrays.fill(bytes, at, Math.min(bytes.length, at + random.nextInt(64)), (byte) 0);
                default -> {
                    int from = random.nextInt(bytes.length / PAGE) * PAGE;
                    int to = random.nextInt(bytes.length / PAGE) * PAGE;
                    System.arraycopy(whole, from, bytes, to, PAGE);
                }
            }
        }
        return random.nextInt(20) == 0 ? Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes;
    }

    /// @param arguments how many mutations
    static void main(String[] arguments) throws Exception {
        Path folder = Files.createTempDirectory("fluss-mutate");
        long seed = System.nanoTime();
        Result result = run(folder, Integer.parseInt(arguments[0]), seed);
        System.out.printf(
                "seed %d: %d refused, %d opened and said no on reading, %d read whole%n",
                seed, result.refused, result.unreadable, result.clean);
    }
}
