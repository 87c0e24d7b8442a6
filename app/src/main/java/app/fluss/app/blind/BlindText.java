package app.fluss.app.blind;

/// The texts of blind blocks, by the class that shows them.
final class BlindText {
    // BlindDialog
    static final String PATH = "Path A";
    static final String PATH_B = "Path B";
    static final String TRIALS = "Trials";
    static final String SWITCHED_BY = "Switched by";
    static final String DRAW_ORDER = "Draw the order";
    static final String BLIND_BLOCK = "Blind block";
    static final String SCENE = "Scene";
    static final String NAME_ONLY = "name only";
    static final String PLAYER = "Player";
    static final String BLOCK_EXPLAINED =
            "Can the player tell the paths apart in the game itself? Each trial shows A or B, decided by a coin "
                    + "flip of its own. The order is sealed: its SHA-256 is shown before the trials, the order after them.";
    static final String RIGHT_NEEDED =
            "%d of %d right are needed (5 %%, one-sided). A player who is right three times out of four would be "
                    + "found with a probability of %.0f %%.";
    static final String CHOOSE_TWO_DIFFERENT_PATHS = "Choose two different paths.";
    static final String ENTER_PLAYER = "Enter the player's name, up to 60 characters.";

    // BlindList
    static final String ADD_BLOCK = "Blind block…";
    static final String ADD_BLOCK_TIP = "Plan trials in a hidden order: can two paths be told apart?";
    static final String BLOCK_NEEDS =
            "A blind block needs a scene and two paths. Both are described in Bench (Ctrl+1).";
    static final String BLIND_BLOCKS = "Blind blocks";
    static final String REMOVE = "Remove";
    static final String REMOVE_TIP = "Can be undone (Ctrl+Z)";
    static final String PLAY = "Play →";
    static final String PLAY_TIP = "Continues with the next trial";
    static final String AGAINST = "%s against %s";
    static final String OF_TRIALS = "%s · %d of %d trials · %s";

    // BlindPane
    static final String SMOOTHNESS = "Smoothness";
    static final String SHAKES = "shakes";
    static final String FLOWS = "flows";
    static final String RESPONSE = "Response";
    static final String DRAGS = "drags";
    static final String FOLLOWS_HAND = "follows the hand";
    static final String KEEP_ANSWER = "Keep the answer";
    static final String KEEP_ANSWER_TIP = "Goes on to the next trial (Enter)";
    static final String END_EARLY = "End early…";
    static final String END_EARLY_TIP = "The answers so far count, and the order is revealed";
    static final String SET_PATH = "1 · Set the path";
    static final String SAY_WHICH = "2 · Play the scene, then say which it was";
    static final String RATINGS_ARE_OPTIONAL = "Ratings are optional.";
    static final String TRIAL_OF_PLAYS = "Trial %d of %d · %s · %s plays";
    static final String PATHS_OF_TRIAL = "%s. A is %s, B is %s. Play the same stretch of the scene in every trial.";
    static final String NOTE_HASH = "SHA-256 of the hidden order; note it down or give it to somebody now";
    static final String HASH = "SHA-256 of the hidden order";
    static final String PATH_NOT_SET = "The path of this trial is not set yet.";
    static final String WHICH_ONE_WAS_IT = "Which one was it?";
    static final String END_BLIND_BLOCK = "End the blind block";
    static final String END_BLOCK_WARNING =
            "Stopping because of the answers so far weakens the result: decide the number of trials beforehand. "
                    + "The answers so far count, and the order is revealed.";
    static final String END_IT = "End it";
    static final String ENDED_WITHOUT_ANSWER = "The blind block ended without an answer.";
    static final String BLOCK_ENDED = "The blind block has ended.";

    // BlindResultPanel
    static final String BLIND_AGAINST_B = "Blind: %s (A) against %s (B)";
    static final String SIMULATED = "simulated";
    static final String SHARE_RIGHT = "%s to %s would be right (95 %%); d′ %s. %s";
    static final String SMOOTHNESS_RESPONSE = "Smoothness: %s. Response: %s.";
    static final String HERE = "%s. Here %s";
    static final String SEAL_HOLDS =
            "are the order and its number; their SHA-256 is the one that was shown before the trials:";
    static final String SEAL_BROKEN = "the order does not match the one that was sealed:";
    static final String ORDER_AND_NUMBER = "Order and number";
    static final String HASH_SHOWN_BEFORE = "SHA-256 that was shown before";
    static final String ENDED_TRIALS_EARLY = "Ended %d trials early.";
    static final String NOT_RATED = "not rated on both paths";
    static final String RATED_PAIRS = "A higher in %d, B in %d, equal in %d pairs (p = %.3f)";
    static final String IS_RATED_HIGHER = "%s is rated higher; %s";
    static final String NO_DIFFERENCE_IS_SHOWN = "no difference is shown; %s";

    // SwitchPanel
    static final String LOOK_AWAY = "Player, look away. Helper, hold the button to see what to set.";
    static final String HOLD_TO_SEE_SPACE = "Hold to see (Space)";
    static final String SET_PATH_NOW = "Set the path now";
    static final String SET_PATH_NOW_TIP = "Runs the script with A or B";
    static final String SAME_EVERY_TIME =
            "Do the same in every trial, with the same sounds and for the same time, even if nothing changes; "
                    + "otherwise the player hears what was set.";
    static final String SCRIPT_PROMPT = "a script that takes A or B as its argument";
    static final String SCRIPT = "Script that sets the path";
    static final String CHOOSE = "Choose…";
    static final String CHOOSE_TIP = "Choose the script";
    static final String SCRIPT_WARNING =
            "It runs with your rights and with A or B as its only argument. Use one that you wrote or have read, "
                    + "that shows and sounds the same for both, and respect the rules of online games: some guards treat "
                    + "scripts as cheating.";
    static final String SETTING_PATH = "Setting the path";
    static final String NO_FILE_NAME = "This is not a file name. Choose a script.";

    private BlindText() {}
}
