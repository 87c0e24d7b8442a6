package app.fluss.app.feel;

/// What must be read before anything moves.
final class Safety {
    static final String WORDS =
            "Moving pictures follow. Do not go on if you have photosensitive epilepsy, or if flickering or moving pictures"
                    + " have ever made you ill: ask a doctor first. Stop at once (Esc) if you feel dizzy, sick or unwell, and rest"
                    + " until it has passed. Sit as usual, in a lit room. Nothing here flashes by the limits of WCAG 2.3.1; that is"
                    + " no promise for every person, and this is no medical test.";

    private Safety() {}
}
