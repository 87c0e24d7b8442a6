package app.fluss.app.importing;

import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Theme;
import app.fluss.app.theme.Tips;
import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.Patch;
import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Palette.Role;
import java.util.List;
import java.util.function.ToIntFunction;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// The looks of a number's glyphs, each with its name; a click or a key gives it another, once for all
/// pictures.
final class GlyphStrip extends FlowPane {
    private static final String NAMES = "0123456789.";
    private static final double HEIGHT = 30;

    private final Theme theme;
    private final Naming naming;

    /// Is told what the glyphs of a look are.
    @FunctionalInterface
    interface Naming {
        void name(GlyphClass look, char name);
    }

    GlyphStrip(Theme theme, Naming naming) {
        super(4, 4);
        this.theme = theme;
        this.naming = naming;
        setId("glyphs");
    }

    /// @param told what the analyst called a look; 0 if nothing
    void show(List<GlyphClass> looks, ToIntFunction<GlyphClass> told) {
        getChildren().clear();
        for (GlyphClass look : looks) {
            getChildren().add(tile(look, (char) told.applyAsInt(look)));
        }
    }

    private Button tile(GlyphClass look, char told) {
        char name = told == 0 ? look.name() : told;
        ImageView image = new ImageView(image(look.look(), theme.palette()));
        image.setPreserveRatio(true);
        image.setFitHeight(HEIGHT);
        image.setSmooth(false);
        Label called = Labels.of(words(name), "strong");
        VBox content = new VBox(1, image, called);
        content.setAlignment(Pos.CENTER);
        Button tile = new Button("", content);
        tile.getStyleClass().addAll("glyph", name == 0 ? "glyph-open" : told != 0 ? "glyph-told" : "glyph-known");
        tile.setAccessibleText(RecordingText.GLYPH.formatted(name == 0 ? RecordingText.WITHOUT_NAME : words(name)));
        Tips.on(
                tile,
                RecordingText.GLYPH_TIP.formatted(
                        look.members(),
                        told != 0
                                ? RecordingText.YOU_NAMED_IT
                                : name == 0 ? RecordingText.NO_NAME : RecordingText.FLUSS_NAMED_IT));
        tile.setOnAction(_ -> menu(look).show(tile, Side.BOTTOM, 0, 0));
        tile.addEventHandler(KeyEvent.KEY_TYPED, event -> {
            String typed = event.getCharacter();
            if (typed.length() == 1 && NAMES.contains(typed)) {
                naming.name(look, typed.charAt(0));
            } else if (typed.equalsIgnoreCase("x")) {
                naming.name(look, GlyphClass.OTHER);
            }
        });
        return tile;
    }

    private static String words(char name) {
        return switch (name) {
            case 0 -> "?";
            case GlyphClass.OTHER -> RecordingText.NO_FIGURE;
            default -> String.valueOf(name);
        };
    }

    private ContextMenu menu(GlyphClass look) {
        ContextMenu menu = new ContextMenu();
        for (char name : (NAMES + GlyphClass.OTHER).toCharArray()) {
            MenuItem item = new MenuItem(name == GlyphClass.OTHER ? RecordingText.NO_DIGIT : words(name));
            item.setOnAction(_ -> naming.name(look, name));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static WritableImage image(Patch look, Palette palette) {
        WritableImage image = new WritableImage(look.width() + 2, look.rows());
        for (int y = 0; y < look.rows(); y++) {
            for (int x = 0; x < look.width() + 2; x++) {
                double ink = x < 1 || x > look.width() ? 0 : look.shares()[y * look.width() + x - 1];
                image.getPixelWriter()
                        .setColor(
                                x,
                                y,
                                Theme.colour(palette, Role.SURFACE).interpolate(Theme.colour(palette, Role.INK), ink));
            }
        }
        return image;
    }
}
