package app.fluss.app.theme;

import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Picture;
import app.fluss.files.table.DataTable;
import app.fluss.files.work.WholeFiles;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Alert;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.stage.FileChooser;

/// *Copy* and *Save as…* of a chart or a table: a picture of two pixels for each, a vector file, the figures.
public final class ShareBar extends HBox {
    private final Supplier<Palette> palette;
    private final String name;
    private final Shareable shared;

    /// @param name of it, for the name of the file
    public ShareBar(Theme theme, String name, Shareable shared) {
        this(theme::palette, name, shared, true);
    }

    /// Of a table, which has no picture.
    public static ShareBar ofTable(String name, Supplier<Optional<DataTable>> table) {
        return new ShareBar(() -> Palette.LIGHT, name, table(table), true);
    }

    /// *Save as…* alone, of what is copied in another way.
    public static ShareBar saving(Theme theme, String name, Shareable shared) {
        return new ShareBar(theme::palette, name, shared, false);
    }

    private ShareBar(Supplier<Palette> palette, String name, Shareable shared, boolean copies) {
        super(2);
        this.palette = palette;
        this.name = name;
        this.shared = shared;
        setAlignment(Pos.CENTER_RIGHT);
        getStyleClass().add("share-bar");
        if (copies) {
            getChildren().add(Buttons.quiet("Copy", "Copies the picture, and the figures as a table", this::copy));
        }
        getChildren().add(Buttons.quiet("Save as…", "PNG, SVG or CSV", this::save));
        setMinWidth(USE_PREF_SIZE);
    }

    /// What goes to the clipboard, in every form that it has.
    ClipboardContent content() {
        ClipboardContent content = new ClipboardContent();
        shared.picture()
                .ifPresent(
                        picture -> content.putImage(new Image(new ByteArrayInputStream(picture.png(palette.get())))));
        shared.data().map(DataTable::tabbed).ifPresent(content::putString);
        return content;
    }

    private void copy() {
        ClipboardContent content = content();
        if (!content.isEmpty()) {
            Clipboard.getSystemClipboard().setContent(content);
        }
    }

    private void save() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Save " + name);
        if (shared.picture().isPresent()) {
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Picture (PNG)", "*.png"));
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Vector picture (SVG)", "*.svg"));
        }
        if (shared.data().isPresent()) {
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Table (CSV)", "*.csv"));
        }
        if (chooser.getExtensionFilters().isEmpty()) {
            return;
        }
        chooser.setInitialFileName(name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        File file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            String ending = chooser.getSelectedExtensionFilter()
                    .getExtensions()
                    .getFirst()
                    .substring(1);
            Path target = file.toPath();
            try {
                save(
                        target.toString().endsWith(ending)
                                ? target
                                : target.resolveSibling(target.getFileName() + ending));
            } catch (IOException e) {
                new Alert(Alert.AlertType.ERROR, e.getMessage()).showAndWait();
            }
        }
    }

    /// Saves it in the form that the name's ending says.
    void save(Path file) throws IOException {
        String name = file.toString();
        WholeFiles.file(file, to -> {
            if (name.endsWith(".svg")) {
                Files.writeString(to, picture().svg(palette.get()));
            } else if (name.endsWith(".csv")) {
                Files.writeString(to, shared.data().map(DataTable::csv).orElseThrow());
            } else {
                Files.write(to, picture().png(palette.get()));
            }
        });
    }

    private Picture picture() {
        return shared.picture().orElseThrow();
    }

    /// Only a table.
    public static Shareable table(Supplier<Optional<DataTable>> table) {
        return new Shareable() {
            @Override
            public Optional<Picture> picture() {
                return Optional.empty();
            }

            @Override
            public Optional<DataTable> data() {
                return table.get();
            }
        };
    }
}
