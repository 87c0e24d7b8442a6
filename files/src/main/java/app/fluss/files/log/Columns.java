package app.fluss.files.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Where each column of a file goes: to a numeric column of the [RowStore], to the kinds, to the programs, or
/// nowhere.
final class Columns {
    static final int SKIP = -1;
    static final int KIND = -2;
    static final int PROCESS = -3;

    private final int[] targets;
    private final List<MappedColumn> numeric = new ArrayList<>();

    Columns(Mapping mapping) {
        targets = new int[mapping.columns().size()];
        for (int i = 0; i < targets.length; i++) {
            MappedColumn column = mapping.columns().get(i);
            boolean superfluous = switch (column.role()) {
                case FRAME_TIME -> mapping.indexOf(Role.PRESENT).isPresent();
                case DISPLAY_WAIT -> mapping.indexOf(Role.DISPLAYED).isPresent();
                default -> false;
            };
            if (column.role() == Role.KIND) {
                targets[i] = KIND;
            } else if (column.role() == Role.PROCESS) {
                targets[i] = PROCESS;
            } else if (column.role().isNumber() && !superfluous) {
                targets[i] = numeric.size();
                numeric.add(column);
            } else {
                targets[i] = SKIP;
            }
        }
    }

    int[] targets() {
        return targets.clone();
    }

    /// The mapped numeric columns, in the order of the store.
    List<MappedColumn> numeric() {
        return numeric;
    }

    RowStore store(int expectedRows) {
        return new RowStore(numeric.size(), has(KIND), has(PROCESS), expectedRows);
    }

    /// Memory for one row in a store, bytes.
    int bytesPerRow() {
        return numeric.size() * Double.BYTES + (has(KIND) ? 1 : 0) + (has(PROCESS) ? 1 : 0);
    }

    private boolean has(int target) {
        return Arrays.stream(targets).anyMatch(t -> t == target);
    }
}
