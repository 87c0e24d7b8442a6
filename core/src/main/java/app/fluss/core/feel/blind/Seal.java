package app.fluss.core.feel.blind;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A hidden order with the number that seals it. The SHA-256 of [#text()] is shown before anybody plays;
/// order and number are shown after, so that everybody can check that nothing was changed in between.
///
/// @param order which side comes when, 4 to 200
/// @param nonce 128 bits as 32 hexadecimal digits, lower case, so that the order cannot be found by trying them all
public record Seal(List<Side> order, String nonce) {
    /// Fewest trials of a block: {@value}.
    public static final int FEWEST = 4;

    /// Most trials of a block: {@value}.
    public static final int MOST = 200;

    private static final int NONCE_BYTES = 16;
    private static final Pattern NONCE = Pattern.compile("[0-9a-f]{32}");

    /// @throws IllegalArgumentException outside the ranges
    public Seal {
        order = List.copyOf(order);
        if (order.size() < FEWEST || order.size() > MOST) {
            throw new IllegalArgumentException(
                    "a blind block has %d to %d trials, got %d".formatted(FEWEST, MOST, order.size()));
        }
        if (!NONCE.matcher(nonce).matches()) {
            throw new IllegalArgumentException(
                    "a seal has a number of 32 hexadecimal digits, got '%s'".formatted(nonce));
        }
    }

    /// Draws an order by independent coin flips.
    ///
    /// @param random for what must not be guessed, a cryptographic one
    public static Seal draw(int trials, RandomGenerator random) {
        byte[] nonce = new byte[NONCE_BYTES];
        random.nextBytes(nonce);
        return new Seal(
                Stream.generate(() -> random.nextBoolean() ? Side.A : Side.B)
                        .limit(trials)
                        .toList(),
                HexFormat.of().formatHex(nonce));
    }

    /// Reads an order as [#letters()] writes it.
    ///
    /// @throws IllegalArgumentException if it is none
    public static Seal of(String letters, String nonce) {
        return new Seal(
                letters.chars()
                        .mapToObj(letter -> Side.valueOf(Character.toString(letter)))
                        .toList(),
                nonce);
    }

    /// The order as letters.
    public String letters() {
        return order.stream().map(Side::name).collect(Collectors.joining());
    }

    /// What is hashed: `order:number`, ASCII, without a line end.
    public String text() {
        return letters() + ":" + nonce;
    }

    /// The SHA-256 of [#text()], 64 hexadecimal digits.
    public String hash() {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text().getBytes(StandardCharsets.US_ASCII)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
