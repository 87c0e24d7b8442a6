package app.fluss.app.shell;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Something that can be done: by its keys, from the list of keys, and by typing what it is called.
///
/// @param title what it does, a verb first
/// @param on the screen it belongs to; everywhere if empty
/// @param strokes keys that do it, the usual one first; others only work
/// @param action does it
record Command(String title, Optional<Work> on, List<Stroke> strokes, Runnable action) {
    static Command of(String title, Runnable action, Stroke... strokes) {
        return new Command(title, Optional.empty(), List.of(strokes), action);
    }

    static Command on(Work work, String title, Runnable action, Stroke... strokes) {
        return new Command(title, Optional.of(work), List.of(strokes), action);
    }

    /// Its usual key, or nothing.
    String keys() {
        return strokes.isEmpty() ? "" : strokes.getFirst().text();
    }

    /// The same with its screen.
    String wholeTitle() {
        return Stream.concat(on.stream().map(Work::title), Stream.of(title)).collect(Collectors.joining(": "));
    }
}
