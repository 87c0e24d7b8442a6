package app.fluss.files.log;

import app.fluss.core.frame.FrameKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What the columns of a log mean, in the order of the file.
///
/// @param columns one for each column
/// @param kinds word in the kind column to what it means; other words mean what they say, or [FrameKind#UNKNOWN]
public record Mapping(List<MappedColumn> columns, Map<String, FrameKind> kinds) {
    /// Copies what it is given.
    public Mapping {
        columns = List.copyOf(columns);
        kinds = Map.copyOf(kinds);
    }

    /// Whether a column has a role.
    public boolean has(Role role) {
        return indexOf(role).isPresent();
    }

    /// Index of the first column with a role, 0-based.
    Optional<Integer> indexOf(Role role) {
        for (int i = 0; i < columns.size(); i++) {
            if (columns.get(i).role() == role) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /// Whether the log can be placed in time with it: it needs hand-over times or frame times.
    public boolean hasTime() {
        return indexOf(Role.PRESENT).isPresent() || indexOf(Role.FRAME_TIME).isPresent();
    }

    /// The headers that it is for.
    List<String> header() {
        return columns.stream().map(MappedColumn::name).toList();
    }

    /// The same, with one column meaning something else. A role that only one column can have is taken from the
    /// column that had it.
    public Mapping with(int index, Role role, TimeUnit unit) {
        List<MappedColumn> changed = new ArrayList<>(columns);
        for (int i = 0; i < changed.size(); i++) {
            if (i != index && role != Role.IGNORED && changed.get(i).role() == role) {
                changed.set(i, MappedColumn.ignored(changed.get(i).name()));
            }
        }
        changed.set(index, new MappedColumn(columns.get(index).name(), role, unit));
        return new Mapping(changed, kinds);
    }
}
