package app.fluss.app.quick;

/// The texts of entering readings, by the class that shows them.
final class QuickText {
    // QuickDialog
    static final String ADD_RUNS = "Add runs";
    static final String CORRECT_RUN = "Correct the run";
    static final String ENTER_READINGS = "Enter readings";
    static final String PASTE_TABLE = "Paste table";
    static final String PASTE_TABLE_TIP = "Paste rows from a spreadsheet (Ctrl+V in any cell)";
    static final String TABLE_HINT =
            "One row per run. Blank game and scene carry on from the row above. A range such as 33–40 is an "
                    + "average with its ends. Noted from an overlay a run has grade D, a tool's figures of the whole run "
                    + "have grade C.";
    static final String TAKEN_FOR = "taken for";
    static final String LOW_TIP = "As the tool shows it, /s";
    static final String LOW_BY_TIP =
            "How the tool makes its lows. Three conventions are in use; leave unknown if it does not say";
    static final String FELT_TIP = "1 drags, 5 follows the hand; or words";
    static final String RATE_TIP = "/s; 33–40 where it jumps";
    static final String ROW = "Row %d, %s: %s";
    static final String CORRECT_THIS_RUN = "Correct run";
    static final String ADD_RUN = "Add run";
    static final String ADD_SO_MANY_RUNS = "Add %d runs";
    static final String NOTHING_TYPED_YET = "Nothing typed yet.";
    static final String RUN = "1 run";
    static final String RUNS = "%s runs";
    static final String NEAR_NAME =
            ". “%s” is taken for the same as “%s” and will be a path of its own: give both one name if they are "
                    + "one.";
    static final String NO_TABLE_COPIED = "There is no table on the clipboard: copy the cells of a spreadsheet first.";
    static final String TOO_MANY_ROWS = "Only the first %d rows were taken: add them, then paste the rest.";

    // QuickFlow
    static final String STUDY_READ_ONLY = "Open a study that can be written first; this one is read-only.";

    // QuickRowFields
    static final String BASIS_TIP = "Noted from an overlay (grade D), or a tool's figures of the whole run (grade C)";
    static final String FIELD_OF_ROW = "%s, row %d";
    static final String ENGINE_GENERATION_2X = "engine generation 2x";
    static final String DRIVER_GENERATION_2X = "driver generation 2x";
    static final String SECOND_GPU_2X = "second GPU 2x";
    static final String TAKEN_FOR_TIP = "What the path is taken for, by its name: %s";

    private QuickText() {}
}
