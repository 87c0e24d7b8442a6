package app.fluss.app.share;

import app.fluss.app.model.Rendered;
import app.fluss.app.model.Reports;
import app.fluss.app.model.Workbench;
import app.fluss.app.theme.Boxes;
import app.fluss.app.theme.Buttons;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Dialogs;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.FileChoice;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.ShareBar;
import app.fluss.app.theme.Shareable;
import app.fluss.app.theme.Theme;
import app.fluss.core.verdict.School;
import app.fluss.files.draw.Picture;
import app.fluss.files.share.ReportWish;
import app.fluss.files.share.ReportWish.Part;
import app.fluss.files.study.Game;
import app.fluss.files.table.DataTable;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.Modality;
import javafx.stage.Window;

/// *Report…*: what is to be in it, its pages as they will be printed, and the ways out: a folder, a page, a PDF, the
/// printer; and the card of a game.
public final class ReportDialog {
    private final Theme theme;
    private final Window owner;
    private final Reports reports;
    private final Consumer<String> tell;
    private final Dialog<ButtonType> dialog;
    private final Map<String, CheckBox> games = new LinkedHashMap<>();
    private final Map<Part, CheckBox> parts = new EnumMap<>(Part.class);
    private final ChoiceBox<String> school = Choice.of("report-school", ShareText.SCHOOL, name -> name);
    private final ChoiceBox<String> card = Choice.of("card-game", ShareText.GAME, name -> name);
    private final PagePreview preview;
    private final Label state = Labels.note("");
    private final VBox ways = new VBox(6);
    private Optional<Rendered> shown = Optional.empty();

    /// @param tell is told what was written, or what went wrong
    public ReportDialog(Workbench workbench, Theme theme, Window owner, Consumer<String> tell) {
        this.theme = theme;
        this.owner = owner;
        this.tell = tell;
        reports = new Reports(workbench);
        dialog = Dialogs.make(theme, owner, ShareText.REPORT);
        preview = new PagePreview(reports, tell);
        for (Game game : workbench.contentsProperty().get().games()) {
            games.put(game.name(), ticked(game.name()));
        }
        for (Part part : Part.values()) {
            parts.put(part, ticked(part.title()));
        }
        school.getItems().add(ShareText.OWN_SCHOOLS);
        workbench.contentsProperty().get().schools().schools().all().stream()
                .map(School::title)
                .forEach(school.getItems()::add);
        school.setValue(ShareText.OWN_SCHOOLS);
        HBox content = new HBox(14, options(), preview);
        HBox.setHgrow(preview, Priority.ALWAYS);
        content.setPrefSize(1040, 640);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().getButtonTypes().add(ButtonType.CLOSE);
        dialog.getDialogPane().setId("report-dialog");
        dialog.initModality(Modality.NONE);
        dialog.setOnHidden(_ -> preview.close());
    }

    private static CheckBox ticked(String name) {
        CheckBox box = new CheckBox(name);
        box.setMnemonicParsing(false);
        box.setSelected(true);
        return box;
    }

    private VBox options() {
        VBox chosen = new VBox(3);
        chosen.getChildren().addAll(games.values());
        VBox held = new VBox(3);
        held.getChildren().addAll(parts.values());
        Button update = Buttons.primary(ShareText.UPDATE_PREVIEW, ShareText.UPDATE_PREVIEW_TIP, this::update);
        update.setId("report-update");
        VBox scrolled = Boxes.scrolled(
                Labels.heading(ShareText.GAMES),
                chosen,
                Labels.heading(ShareText.JUDGED_BY),
                school,
                Labels.heading(ShareText.CONTENTS),
                held);
        var scroll = Boxes.scrolling(scrolled);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox options = new VBox(10, scroll, update, state, ways);
        Ems.fix(options, 270);
        ways.setDisable(true);
        Button folder = Buttons.quiet(ShareText.SAVE_FOLDER, ShareText.SAVE_FOLDER_TIP, this::saveFolder);
        folder.setId("report-folder");
        Button pdf = Buttons.quiet(ShareText.SAVE_AS_PDF, ShareText.SAVE_AS_PDF_TIP, this::savePdf);
        Button page = Buttons.quiet(ShareText.SAVE_AS_PAGE, ShareText.SAVE_AS_PAGE_TIP, this::savePage);
        Button print = Buttons.quiet(ShareText.PRINT, ShareText.PRINT_TIP, this::print);
        print.setId("report-print");
        ways.getChildren()
                .addAll(
                        Boxes.row(folder, pdf),
                        Boxes.row(page, print),
                        Boxes.row(Labels.of(ShareText.CARD_OF, "muted"), card),
                        new ShareBar(theme, ShareText.CARD, new CardOf()));
        return options;
    }

    /// Shows it, with everything in it.
    public void show() {
        Dialogs.open(dialog);
        update();
    }

    private ReportWish wish() {
        List<String> chosen = games.entrySet().stream()
                .filter(one -> one.getValue().isSelected())
                .map(Map.Entry::getKey)
                .toList();
        EnumSet<Part> held = EnumSet.noneOf(Part.class);
        parts.forEach((part, box) -> {
            if (box.isSelected()) {
                held.add(part);
            }
        });
        return new ReportWish(
                chosen, Optional.of(school.getValue()).filter(name -> !name.equals(ShareText.OWN_SCHOOLS)), held);
    }

    private void update() {
        if (games.values().stream().noneMatch(CheckBox::isSelected)) {
            state.setText(ShareText.CHOOSE_GAME);
            return;
        }
        state.setText(ShareText.CALCULATING);
        ways.setDisable(true);
        reports.render(wish(), this::show, problem -> {
            state.setText(problem);
            tell.accept(problem);
        });
    }

    private void show(Rendered rendered) {
        shown = Optional.of(rendered);
        state.setText("");
        ways.setDisable(false);
        card.getItems().setAll(rendered.cards().keySet());
        card.setValue(card.getItems().isEmpty() ? null : card.getItems().getFirst());
        preview.show(rendered.pdf());
    }

    private void saveFolder() {
        FileChoice.chosen(FileChoice.folders(ShareText.SAVE_INTO_FOLDER)
                        .showDialog(dialog.getDialogPane().getScene().getWindow()))
                .ifPresent(
                        folder -> shown.ifPresent(rendered -> reports.writeFolder(rendered, folder, this::done, tell)));
    }

    private void done(String words) {
        state.setText(words);
        tell.accept(words);
    }

    private void savePdf() {
        save(ShareText.REPORT_PDF, "PDF", "pdf")
                .ifPresent(file -> shown.ifPresent(rendered -> reports.writePdf(rendered, file, this::done, tell)));
    }

    private void savePage() {
        save(ShareText.REPORT_HTML, ShareText.PAGE, "html")
                .ifPresent(file -> shown.ifPresent(rendered -> reports.writePage(rendered, file, this::done, tell)));
    }

    private Optional<Path> save(String name, String kind, String ending) {
        FileChooser chooser = FileChoice.files(ShareText.SAVE_REPORT, FileChoice.kind(kind, ending));
        chooser.setInitialFileName(name);
        return FileChoice.chosen(chooser.showSaveDialog(owner));
    }

    private void print() {
        shown.ifPresent(rendered ->
                SystemPrinting.print(rendered.pdf(), ShareText.REPORT_OF_STUDY, owner, reports, this::done));
    }

    /// The card that is chosen.
    private final class CardOf implements Shareable {
        @Override
        public Optional<Picture> picture() {
            return shown.flatMap(rendered -> Optional.ofNullable(card.getValue())
                    .flatMap(game -> Optional.ofNullable(rendered.cards().get(game))));
        }

        @Override
        public Optional<DataTable> data() {
            return Optional.empty();
        }
    }
}
