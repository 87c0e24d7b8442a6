package app.fluss.core.overlay;

/// What was said of a look: by the engine, by the text face whose shape it is nearest to, and by the net.
///
/// @param seven whether it is drawn as a 7 is, and no 1
record Opinion(Votes engine, FigureShapes.Nearest shape, boolean seven) {
    private static final double SURE = 0.95;
    private static final double UNLIKELY = 0.02;
    private static final double RATHER = 0.9;
    private static final double HALF = 0.5;
    private static final double MOSTLY = 0.8;
    private static final double QUARTER = 0.25;
    private static final double FAR_LIKELIER = 3;
    private static final double AGREED = 0.6;
    private static final int FEWEST = 2;
    private static final double NEXT = 1.12;
    private static final double NEXT_IF_FIRM = 1.17;
    private static final double FIRM = 0.85;
    private static final int MANY = 4;
    private static final int BOTH = 3;
    private static final double NEAR = 2.2;
    private static final double FAR = 3;
    private static final double FARTHEST = 4;
    private static final double FARTHEST_IF_NEAREST = 5;
    private static final double BACKED = 0.3;
    private static final double CLEAR = 1.16;
    private static final double CLEARER = 1.3;
    private static final double A_LITTLE = 1.06;
    private static final double OUT_OF_QUESTION = 1.3;

    /// What the engine says, if it agrees with itself; 0 if not.
    char engineName() {
        char best = engine.best();
        if (engine.all() < FEWEST || best == 0) {
            return 0;
        }
        String alike = alike(best);
        return engine.share(alike) >= AGREED ? alike.charAt(0) : 0;
    }

    /// The figure that the engine always says, alone and in a row; 0 if there is none, or the shape is far from it.
    char unanimous() {
        char said = engineName();
        boolean always = isFigure(said) && engine.all() >= BOTH && engine.share(alike(said)) == 1;
        return always
                        && !isUnlikely(said)
                        && shape.to(said) <= (said == shape.figure() ? FARTHEST_IF_NEAREST : FARTHEST)
                ? said
                : 0;
    }

    /// What it is called by those that agree; 0 where they do not. Where the net is sure, that is enough.
    char agreed() {
        FigureNet.Guess guess = shape.guess();
        if (isSure()) {
            return guess.figure();
        }
        char said = engineName();
        if (guess.none() >= SURE) {
            return isFigure(said) ? 0 : said;
        }
        char both = both(said);
        return isFigure(both) && isUnlikely(both) ? 0 : both;
    }

    /// Whether the net has no doubt of the figure.
    boolean isSure() {
        return shape.guess().of(shape.guess().figure()) >= SURE;
    }

    /// Whether the net takes it for one figure, and for another one hardly at all.
    boolean isRather(char figure, char other) {
        return shape.guess().of(figure) >= RATHER && shape.guess().isRather(figure, other);
    }

    /// Whether the net would not call it so. Of what is no figure it says nothing.
    boolean isOutOfQuestion(char name) {
        return isFigure(name) && isUnlikely(name);
    }

    /// Whether the net takes it for another figure, and for that far likelier.
    boolean isOther(char figure) {
        FigureNet.Guess guess = shape.guess();
        double likeliest = guess.of(guess.figure());
        return guess.figure() != figure && likeliest >= HALF && likeliest >= FAR_LIKELIER * guess.of(figure);
    }

    /// The likeliest other figure, if the net may take it for that; 0 if it does not.
    char rival(char name) {
        FigureNet.Guess guess = shape.guess();
        char likeliest = 0;
        double most = 0;
        for (char figure = '0'; figure <= '9'; figure++) {
            if (figure != name && guess.of(figure) > most) {
                likeliest = figure;
                most = guess.of(figure);
            }
        }
        return guess.of(name) < MOSTLY && most >= QUARTER ? likeliest : 0;
    }

    /// Whether the net takes it for no figure, and for that far likelier.
    boolean isNone(char figure) {
        FigureNet.Guess guess = shape.guess();
        return guess.none() >= HALF && guess.none() >= FAR_LIKELIER * guess.of(figure);
    }

    /// Whether the net has no doubt that it is this figure.
    boolean isSureOf(char figure) {
        return isSure() && shape.guess().figure() == figure;
    }

    private boolean isUnlikely(char figure) {
        return shape.guess().of(figure) < UNLIKELY;
    }

    /// What the engine and the nearest shape say; 0 where they do not agree.
    private char both(char said) {
        char drawn = shape.figure();
        if (isFigure(said)) {
            double own = shape.to(said);
            if (said == '1' && drawn != said) {
                // A narrow 7 is a 1 to the engine.
                return drawn == '7' && seven ? drawn : 0;
            }
            double most = said == drawn ? FARTHEST : FAR;
            double next = engine.all() >= MANY && engine.share(alike(said)) >= FIRM ? NEXT_IF_FIRM : NEXT;
            return own <= next * shape.to(drawn) && own <= most ? said : 0;
        }
        if (said == 0 && engine.share(alike(drawn)) >= FIRM) {
            // One word of the engine is enough where the shape says the same.
            boolean near = shape.to(drawn) <= FAR && shape.clearance() >= A_LITTLE;
            return near && isAlike(shape.any(), drawn) ? drawn : 0;
        }
        boolean letter = said != 0 && (!isFigure(shape.any()) || shape.to(drawn) > NEAR);
        return letter ? said : 0;
    }

    /// Whether the shape is plain enough by itself.
    boolean isPlain() {
        return !isUnlikely(shape.figure())
                && isPlain(CLEAR, engine.share(alike(shape.figure())) >= BACKED ? FAR : NEAR);
    }

    /// Whether it is plain enough for a figure that no other look is called.
    boolean isPlainIfLeft() {
        return !isUnlikely(shape.figure()) && isPlain(CLEARER, FAR);
    }

    private boolean isPlain(double clear, double near) {
        char said = engineName();
        char drawn = shape.figure();
        return drawn != 0
                && shape.to(drawn) <= near
                && shape.clearance() >= clear
                && (said == 0 || shape.to(said) >= OUT_OF_QUESTION * shape.to(drawn))
                && (said == 0 || isFigure(said))
                && isAlike(shape.any(), drawn);
    }

    private static boolean isFigure(char name) {
        return name >= '0' && name <= '9';
    }

    private static boolean isAlike(char a, char b) {
        return a == b || alike(a).indexOf(b) >= 0 || alike(b).indexOf(a) >= 0;
    }

    /// What the engine may also say of a figure, when it stands alone.
    private static String alike(char name) {
        return switch (name) {
            case '0', 'O', 'o' -> "0Oo";
            case '1', 'l', 'I', '|', 'i' -> "1lI|i";
            default -> String.valueOf(name);
        };
    }
}
