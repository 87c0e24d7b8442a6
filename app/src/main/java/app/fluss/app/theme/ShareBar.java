package app.fluss.app.theme;

import app.fluss.files.draw.Palette;
import app.fluss.files.draw.Picture;
import app.fluss.files.draw.RecordedDrawing;
import app.fluss.files.table.DataTable;
import app.fluss.files.work.WholeFiles;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
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
            getChildren().add(Buttons.quiet(ThemeText.COPY, ThemeText.COPY_TIP, this::copy));
        }
        getChildren().add(Buttons.quiet(ThemeText.SAVE_AS, ThemeText.SAVE_AS_TIP, this::save));
        setMinWidth(USE_PREF_SIZE);
    }

    /// What is copied, in every form that it has.
    private record Copied(Optional<byte[]> png, Optional<String> text) {}

    /// What is drawn is taken down at once, for the view may change; its pixels are made aside.
    private void copy() {
        Optional<Picture> drawn = shared.picture().map(RecordedDrawing::of);
        Optional<DataTable> table = shared.data();
        Palette colours = palette.get();
        Aside.run(
                () -> new Copied(drawn.map(picture -> picture.png(colours)), table.map(DataTable::tabbed)),
                ShareBar::put,
                this::tell);
    }

    private static void put(Copied copied) {
        ClipboardContent content = new ClipboardContent();
        copied.png().ifPresent(png -> content.putImage(new Image(new ByteArrayInputStream(png))));
        copied.text().ifPresent(content::putString);
        if (!content.isEmpty()) {
            Clipboard.getSystemClipboard().setContent(content);
        }
    }

    private void tell(Exception fault) {
        Dialogs.tell(getScene().getWindow(), name, String.valueOf(fault.getMessage()));
    }

    private void save() {
        FileChooser chooser = FileChoice.files(ThemeText.SAVE.formatted(name));
        if (shared.picture().isPresent()) {
            chooser.getExtensionFilters().add(FileChoice.kind(ThemeText.PICTURE_PNG, "png"));
            chooser.getExtensionFilters().add(FileChoice.kind(ThemeText.VECTOR_PICTURE_SVG, "svg"));
        }
        if (shared.data().isPresent()) {
            chooser.getExtensionFilters().add(FileChoice.kind(ThemeText.TABLE_CSV, "csv"));
        }
        if (chooser.getExtensionFilters().isEmpty()) {
            return;
        }
        chooser.setInitialFileName(name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        FileChoice.chosen(chooser.showSaveDialog(getScene().getWindow())).ifPresent(target -> {
            String ending = chooser.getSelectedExtensionFilter()
                    .getExtensions()
                    .getFirst()
                    .substring(1);
            save(target.toString().endsWith(ending) ? target : target.resolveSibling(target.getFileName() + ending));
        });
    }

    /// Saves it in the form that the name's ending says.
    private void save(Path file) {
        String form = file.toString();
        if (form.endsWith(".csv")) {
            DataTable table = shared.data().orElseThrow();
            write(file, to -> Files.writeString(to, table.csv()));
            return;
        }
        Picture drawn = RecordedDrawing.of(shared.picture().orElseThrow());
        Palette colours = palette.get();
        write(
                file,
                form.endsWith(".svg")
                        ? to -> Files.writeString(to, drawn.svg(colours))
                        : to -> Files.write(to, drawn.png(colours)));
    }

    private void write(Path file, WholeFiles.Writing<IOException> writing) {
        Aside.run(
                () -> {
                    WholeFiles.file(file, writing);
                    return file;
                },
                _ -> {},
                this::tell);
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
