package app.fluss.core.feel;

import app.fluss.core.verdict.Rule;
import java.util.Optional;

/// What is measured of a person.
public enum FeelTask {
    /// Following a target with the pointer, once with an added delay.
    DELAY("Delay", "Which one was slower?", "added delay", Optional.of(Rule.ADDED_LATENCY)),
    /// A scene that scrolls, once with uneven steps.
    EVENNESS("Evenness", "Which one was rougher?", "motion timing error", Optional.of(Rule.ADDED_UNEVENNESS)),
    /// A scene that scrolls, once at a lower rate that divides the refresh rate.
    RATE("Rate", "Which one was less smooth?", "added time per image", Optional.empty()),
    /// Reaching targets one after another, at several added delays.
    AIM("Aim", "Click the marked target.", "added delay", Optional.empty());

    private final String title;
    private final String question;
    private final String quantity;
    private final Optional<Rule> rule;

    FeelTask(String title, String question, String quantity, Optional<Rule> rule) {
        this.title = title;
        this.question = question;
        this.quantity = quantity;
        this.rule = rule;
    }

    /// The name for people.
    public String title() {
        return title;
    }

    /// What the person is asked.
    public String question() {
        return question;
    }

    /// What its levels are; all in ms.
    public String quantity() {
        return quantity;
    }

    /// What a threshold can bound; empty if no school asks for it.
    public Optional<Rule> rule() {
        return rule;
    }

    /// Whether it needs a pointer; the others are done by keys alone.
    public boolean needsPointer() {
        return this == DELAY || this == AIM;
    }

    /// The levels that it can show on a display.
    ///
    /// @param refreshHz that the window reaches, above 0
    public Levels levels(double refreshHz) {
        return switch (this) {
            case DELAY, AIM -> Levels.between(2, 160, 240);
            case EVENNESS -> Levels.between(0.25, 16, 32);
            case RATE -> ReachedRates.levels(refreshHz);
        };
    }
}
