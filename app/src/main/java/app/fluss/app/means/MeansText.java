package app.fluss.app.means;

/// The texts of what can be measured, by the class that shows them.
final class MeansText {
    // MeansDialog
    static final String TITLE = "What can I measure with what I have?";
    static final String ANSWERS_HEADING = "What that answers, one path against native";
    static final String MINUTES_EXPLAINED =
            "Minutes are our own estimate for one game, three runs of a minute a side, everything at hand. "
                    + "Grades: A a frame log and measured latency, B a frame log, C a tool's summary, D numbers read off a "
                    + "counter or a picture.";
    static final String WHAT_THERE_IS = "What there is";
    static final String GRADE_MIN = "grade %s · %d min";
    static final String NOT_YET = "not yet";
    static final String NEEDS = "Needs %s.";
    static final String AND = " and ";

    private MeansText() {}
}
