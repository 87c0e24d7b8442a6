package app.fluss.app.toggle;

/// The texts of switches of the path, by the class that shows them.
final class ToggleText {
    // SwitchesMenu
    static final String USE_THESE_SWITCHES = "Use these switches";
    static final String SWITCHES = "Switches";
    static final String SWITCHES_TIP = "Where the path was switched on and off during the run";
    static final String PROPOSE_BY_KINDS = "Propose by kinds of images";
    static final String BY_KINDS = "by the kinds of its images";
    static final String PROPOSE_BY_RATE = "Propose by changes of the rate";
    static final String BY_RATE = "by changes of its rate";
    static final String SWITCHED_ON_HERE = "Switched on here";
    static final String SWITCHED_OFF_HERE = "Switched off here";
    static final String SWAP_ON_AND_OFF = "Swap on and off";
    static final String REMOVE_ALL_SWITCHES = "Remove all switches";
    static final String BY_HAND_HINT =
            "Set them by hand: zoom to a switch, then choose Switched on here or Switched off here.";
    static final String CLIP_SWITCH_RULE =
            "The rate of a clip must change by 8 % and stay for 3 s to be seen as a switch.";
    static final String SWITCHES_OF = "Switches of %s";
    static final String ON = "on";
    static final String OFF = "off";
    static final String NO_SWITCH_WAS_FOUND = "No switch was found %s.";
    static final String SWITCHES_WERE_FOUND = "%d switches were found %s: %s.";
    static final String SCENE_WARNING =
            "A scene that changes looks like a switch too. Use them only if they are where you switched; they "
                    + "replace those that are set.";

    // TogglePanel
    static final String BASIS =
            "At this spot, in one sitting: %d stretches off, %d on, 2 s after each switch left out. Steady drift "
                    + "is removed; it is not compared with whole runs.%s";
    static final String INTERVAL_NEEDS = " An interval needs %d of each.";
    static final String PATH_OFF_AND_ON = "Path off and on";
    static final String DIFFERENCE = "difference";
    static final String RATIO = "ratio";
    static final String OF_RATIO = "95 % of the ratio";
    static final String DRIFT_PER_MINUTE = "drift per minute";

    private ToggleText() {}
}
