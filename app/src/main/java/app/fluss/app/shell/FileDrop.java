package app.fluss.app.shell;

import app.fluss.app.importing.ClipUse;
import app.fluss.app.importing.ImportFlow;
import app.fluss.app.many.ManyFlow;
import app.fluss.app.model.Open;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/// Files that are dropped on the window or chosen: studies are opened, a file by itself is imported into the one that
/// is open then, many are looked at together.
final class FileDrop {
    private final Consumer<Path> openStudy;
    private final Consumer<Runnable> whenOpen;
    private final ManyFlow many;
    private final ImportFlow imports;
    private final Supplier<Optional<ClipUse>> use;

    /// @param whenOpen does something once the study is open that is being opened
    /// @param use what a clip is to be looked at for; empty to ask
    FileDrop(
            Consumer<Path> openStudy,
            Consumer<Runnable> whenOpen,
            ManyFlow many,
            ImportFlow imports,
            Supplier<Optional<ClipUse>> use) {
        this.openStudy = openStudy;
        this.whenOpen = whenOpen;
        this.many = many;
        this.imports = imports;
        this.use = use;
    }

    /// Takes what is dropped on a part of the window.
    void listen(Node part) {
        part.addEventHandler(DragEvent.DRAG_OVER, event -> {
            if (event.getDragboard().hasFiles()) {
                event.acceptTransferModes(TransferMode.COPY);
            }
            event.consume();
        });
        part.addEventHandler(DragEvent.DRAG_DROPPED, event -> {
            take(event.getDragboard().getFiles().stream().map(File::toPath).toList());
            event.setDropCompleted(true);
            event.consume();
        });
    }

    void take(List<Path> files) {
        files.stream().filter(Open::isStudy).forEach(openStudy);
        List<Path> evidence = files.stream().filter(file -> !Open.isStudy(file)).toList();
        whenOpen.accept(() -> {
            if (ManyFlow.isMany(evidence)) {
                many.offer(evidence);
            } else {
                evidence.forEach(file -> imports.offer(file, use.get()));
            }
        });
    }
}
