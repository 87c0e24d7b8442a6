package app.fluss.core.path;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a file is of, by its name and that of its folder. Only a proposal: shown, and corrected before it is taken.
///
/// @param game its name; empty if nothing is left for it
/// @param path its name; empty if none is named
/// @param run the name of the file without its ending
public record NameGuess(String game, String path, String run) {
    private static final Pattern PATH_WORDS = Pattern.compile(
            "(?i)\\b((?:(?:generation|gen)\\s*)?(?:off|on)|native|nativ|engine|driver|capture|second\\s*gpu|dual\\s*gpu|stream\\w*"
                    + "|smoothing|(?:game|film|cinema|movie|monitor)\\s+mode|television|tv|vr|reprojection|cap\\s*\\d{2,3})\\b(?:\\s*(?:generation|gen|fg))?(?:\\s*(?:x\\d{1,2}|\\d{1,2}x))?");
    private static final Pattern NUMBER =
            Pattern.compile("(?i)\\b(?:run|take|log|frames?|trial|readings?|summary)?\\s*\\d{0,8}$");

    /// Guesses.
    ///
    /// @param fileName with its ending
    /// @param folder name of the folder; empty if not known
    /// @param games those that are known
    /// @param paths those that are known
    public static NameGuess of(String fileName, String folder, Collection<String> games, Collection<String> paths) {
        String run = fileName.replaceFirst("\\.[^.]*$", "");
        String words = words(run);
        Optional<String> knownPath = known(words, paths).or(() -> known(words(folder), paths));
        Named named = Named.in(words);
        String path = knownPath
                .filter(known -> known.length() >= named.path().length()) // more is said than what is known
                .orElseGet(() -> named.path().isEmpty() ? named(folder) : named.path());
        String rest = words.substring(0, named.from) + " " + words.substring(named.to);
        String game = known(words, games).or(() -> known(words(folder), games)).orElseGet(() -> {
            String left = NUMBER.matcher(rest.strip()).replaceFirst("").strip();
            return left.isEmpty() ? folderGame(folder) : capital(left);
        });
        return new NameGuess(game, path, run);
    }

    /// Where words for paths stand one after the other.
    ///
    /// @param words of a name
    private record Named(String words, int from, int to) {
        static Named in(String words) {
            Matcher named = PATH_WORDS.matcher(words);
            if (!named.find()) {
                return new Named(words, 0, 0);
            }
            int from = named.start();
            int to = named.end();
            while (named.find() && words.substring(to, named.start()).isBlank()) {
                to = named.end();
            }
            return new Named(words, from, to);
        }

        String path() {
            return words.substring(from, to).strip();
        }
    }

    /// The same for files that were found together: one of which no path is known, and whose name begins with the game
    /// of
    /// the others, goes on with the name of its path.
    public static List<NameGuess> together(List<NameGuess> files) {
        List<String> games = files.stream()
                .filter(one -> !one.path.isEmpty())
                .map(NameGuess::game)
                .toList();
        return files.stream()
                .map(one -> one.path.isEmpty() ? one.after(games) : one)
                .toList();
    }

    private NameGuess after(List<String> games) {
        String words = game.toLowerCase(Locale.ROOT);
        return games.stream()
                .filter(other -> !other.isEmpty() && words.startsWith(other.toLowerCase(Locale.ROOT) + " "))
                .max(Comparator.comparingInt(String::length))
                .map(other ->
                        new NameGuess(other, game.substring(other.length()).strip(), run))
                .orElse(this);
    }

    private static String named(String folder) {
        return Named.in(words(folder)).path();
    }

    private static String folderGame(String folder) {
        return PATH_WORDS.matcher(words(folder)).find() ? "" : capital(words(folder));
    }

    private static String words(String name) {
        return name.replaceAll("[_\\-.+,;]+", " ").replaceAll("\\s+", " ").strip();
    }

    /// The longest known name that a text holds.
    private static Optional<String> known(String text, Collection<String> names) {
        String within = " " + text.toLowerCase(Locale.ROOT) + " ";
        List<String> held = new ArrayList<>();
        for (String name : names) {
            if (within.contains(" " + words(name).toLowerCase(Locale.ROOT) + " ")) {
                held.add(name);
            }
        }
        return held.stream().max(Comparator.comparingInt(String::length));
    }

    private static String capital(String words) {
        return words.isEmpty() ? "" : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
