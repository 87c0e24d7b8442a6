package app.fluss.app.share;

/// The texts of reports and sharing, by the class that shows them.
final class ShareText {
    // PagePreview
    static final String PREVIEW = "Preview";
    static final String PREVIEW_TIP = "Page before";
    static final String NEXT_PAGE_TIP = "Next page";
    static final String OF = "%d of %d";

    // ReportDialog
    static final String OWN_SCHOOLS = "the school of each game";
    static final String SCHOOL = "School";
    static final String GAME = "Game";
    static final String REPORT = "Report";
    static final String UPDATE_PREVIEW = "Update preview";
    static final String UPDATE_PREVIEW_TIP = "Builds the report as chosen";
    static final String GAMES = "Games";
    static final String JUDGED_BY = "Judged by";
    static final String CONTENTS = "Contents";
    static final String SAVE_FOLDER = "Save folder…";
    static final String SAVE_FOLDER_TIP = "Page, PDF, figures, verdicts, charts and cards";
    static final String SAVE_AS_PDF = "Save as PDF…";
    static final String SAVE_AS_PDF_TIP = "As it will be printed";
    static final String SAVE_AS_PAGE = "Save as page…";
    static final String SAVE_AS_PAGE_TIP = "One self-contained HTML file";
    static final String PRINT = "Print…";
    static final String PRINT_TIP = "By a printer of the system";
    static final String CARD_OF = "Card of";
    static final String CARD = "Card";
    static final String CHOOSE_GAME = "Choose a game.";
    static final String CALCULATING = "Calculating…";
    static final String SAVE_INTO_FOLDER = "Save the report into a folder";
    static final String REPORT_PDF = "report.pdf";
    static final String REPORT_HTML = "report.html";
    static final String PAGE = "Page";
    static final String SAVE_REPORT = "Save the report";
    static final String REPORT_OF_STUDY = "Report of a study";

    // StudySharing
    static final String STUDY = "Study";
    static final String HAND_ON_GAMES = "Hand on games";
    static final String HAND_ON_EXPLAINED =
            "Their scenes, runs and evidence go along, with the bench and the schools. The plan and what could "
                    + "be undone stay behind.";
    static final String HAND_ON = "Hand on…";
    static final String CHOOSE_GAME_FIRST = "Choose a game to hand on.";
    static final String HAND_ON_AS = "Hand on as";
    static final String TAKE_IN = "Take in another analyst's study";
    static final String WHOSE = "Whose is it? Its runs are marked with this name";

    // SystemPrinting
    static final String NO_PRINTER = "No printer is set up on this system. Save the pages as PDF instead.";

    private ShareText() {}
}
