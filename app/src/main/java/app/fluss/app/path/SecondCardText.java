package app.fluss.app.path;

/// The texts of what Examine says of second cards and power, by the class that shows them.
final class SecondCardText {
    // LoadView
    static final String LOAD_DESCRIBED = "Load of the second card against its work";
    static final String LOAD = "load, %";
    static final String WORK_AXIS = "made Mpx/s × size²";

    // PowerPanel
    static final String POWER_WALL_AGAINST_BATTERY = "Power, wall against battery";
    static final String LIMIT_W = "limit W";
    static final String POWER_W = "power W";
    static final String DELIVERED_S = "delivered /s";
    static final String J_PER_IMAGE = "J per image";
    static final String IMAGES_PER_J = "images per J";
    static final String HOURS_LEFT = "hours left";
    static final String OTHER_LIMIT = "✕ other limit: not comparable with this run, ";
    static final String SOURCE_NOT_STATED = "source not stated";
    static final String POWER_EXPLAINED =
            "Rates on mains and on battery are compared at the same power limit only (common practice). Hours "
                    + "are what the battery holds by this power, at a full charge.";

    // SecondCardPanel
    static final String COPIES = "Copies to the second card";
    static final String NOT_STATED = "Not stated: %s.";
    static final String DISPLAYS_CABLE_IN = "display's cable in";
    static final String COPIES_PER_FRAME = "copies per frame";
    static final String ADDS_MS = "adds ms";
    static final String HIGHEST_BASE_S = "highest base /s";
    static final String SLOT_BUSY = "slot busy at this base";
    static final String SLOT_CARRIES =
            "PCIe %d × %d carries %s GB/s each way, of which copies reach about 85 %% (common practice).";
    static final String ONE_COPY = "one copy";
    static final String BITS_MS = "8 bits, ms";
    static final String HIGHEST_S = "highest /s";
    static final String SIXTEEN_BITS_MS = "16 bits, ms";
    static final String SECOND_CARD = "second card";
    static final String FIRST_CARD_CABLE = "first card: a double copy";
    static final String AS_SET = "as this path is set";
    static final String FOR_COMPARISON = "for comparison";
    static final String OVER = "1 over";
    static final String OVER_BACK = "1 over, %d back";
    static final String MUST_COME_BACK = "What the first card shows must come back to it.";
    static final String CARRIES = "What the card can carry";
    static final String NO_FIT = "No fit: %s.";
    static final String LOAD_TO_AIM_AT = "Load to aim at";
    static final String LOAD_LAW = "load = %s + %s × made Mpx/s × size², from %d runs of this scene%s";
    static final String THREE_GIVE_INTERVAL = "; three give an interval.";
    static final String LARGEST_SIZE = "largest size for a load of";
    static final String AT_BASE = "at a base of %s/s";
    static final String PER_AXIS_TIP = "Per axis, with its 95 % interval below.";
    static final String TOO_SMALL_TIP =
            "Too small to be of use: below 70 % generated motion suffers (common practice).";
    static final String WHAT_IT_TAKES = "What it takes";
    static final String CARD_IN_AND_OUT =
            "Native rate with the card in %s/s, with it out %s/s: a difference of %s/s%s. Lanes are shared.";
    static final String CONNECTORS = "%s%s; each connector on its own cable: %s.";
    static final String SUPPLY = "● Supply: ";
    static final String SUPPLY_EXCEEDED = "▲ Supply: ";
    static final String SUPPLY_UNKNOWN = "◌ Supply: ";
    static final String NOT_STATED_HERE = "not stated";
    static final String MAINS_SAFETY =
            "Mains inside: switch off and unplug before touching a card, let it cool, and follow the makers' "
                    + "manuals and your local electrical rules. The sum is no substitute for them.";
    static final String FOR_MONEY = "for the money";
    static final String PRICE = "price";
    static final String DELIVERED_S_MORE = "delivered /s more";
    static final String PER_S = "per /s";
    static final String MS_LESS = "ms less";
    static final String PER_MS = "per ms";
    static final String MEASURED_GAIN = "from runs of this path";
    static final String FASTER_FIRST_CARD_INSTEAD = "faster first card instead";
    static final String ESTIMATED_GAIN = "estimate: native frames played again";
    static final String NO_PRICES = "State prices on the bench (Rig, Cost) to see what each delivered image costs.";

    private SecondCardText() {}
}
