package app.fluss.app.many;

import app.fluss.app.model.Contents;
import app.fluss.app.model.EvidenceEdits.FileOfRun;
import app.fluss.app.theme.Choice;
import app.fluss.app.theme.Ems;
import app.fluss.app.theme.Labels;
import app.fluss.app.theme.Tips;
import app.fluss.core.bench.Setup;
import app.fluss.core.path.Chain;
import app.fluss.core.work.Progress;
import app.fluss.files.log.ImportOptions;
import app.fluss.files.log.InputException;
import app.fluss.files.log.LogImport;
import app.fluss.files.log.Mapping;
import app.fluss.files.log.MappingMemory;
import app.fluss.files.log.TimeChoice;
import app.fluss.files.study.EvidenceKind;
import app.fluss.files.study.EvidenceKinds;
import app.fluss.files.study.QuickRun;
import app.fluss.files.study.RunDraft;
import app.fluss.files.study.RunEvidence;
import app.fluss.files.study.StoredPictures;
import app.fluss.files.study.Taking;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;

/// A file in the table: a run of its own, evidence of another's run, or nothing that can be added.
final class ManyRow {
    private final SeenFile seen;
    private final Contents contents;
    private final MappingMemory memory;
    private final CheckBox taken = new CheckBox();
    private final TextField game = new TextField();
    private final TextField scene = new TextField();
    private final TextField path = new TextField();
    private final Label guess = Labels.of("", "muted", "small");
    private final ChoiceBox<TimeChoice> reading;
    private final ChoiceBox<SeenFile> owner;
    private final List<Node> nodes = new ArrayList<>();

    /// @param number 1-based, for the ids of the fields
    /// @param runs the files that make runs, to which others belong
    /// @param changed is told of every change
    ManyRow(SeenFile seen, int number, List<SeenFile> runs, Contents contents, MappingMemory memory, Runnable changed) {
        this.seen = seen;
        this.contents = contents;
        this.memory = memory;
        reading = Choice.of("many-reading-" + number, ManyText.TIME_READING, TimeChoice::text);
        owner = Choice.of(
                "many-owner-" + number,
                ManyText.RUN_IT_BELONGS_TO,
                run -> ManyText.WITH.formatted(run.file().getFileName()));
        taken.setSelected(seen.makesRun() || (seen.belongs() && !runs.isEmpty()));
        taken.setDisable(!taken.isSelected());
        taken.setId("many-take-" + number);
        taken.selectedProperty().subscribe((_, _) -> changed.run());
        Label name = Labels.of(String.valueOf(seen.file().getFileName()));
        Tips.on(name, seen.file().toString());
        name.setMaxWidth(210);
        nodes.add(taken);
        nodes.add(name);
        nodes.add(what(changed));
        if (seen.makesRun()) {
            fields(number, changed);
        } else if (seen.belongs()) {
            owner.getItems().setAll(runs);
            owner.setValue(closest(runs));
            Ems.pref(owner, 244);
            GridPane.setColumnSpan(owner, 2);
            owner.setDisable(runs.isEmpty());
            nodes.add(owner);
        }
    }

    private Node what(Runnable changed) {
        if (!seen.rivals().isEmpty()) {
            reading.getItems().setAll(seen.rivals());
            Ems.pref(reading, 250);
            reading.valueProperty().subscribe((_, _) -> changed.run());
            return reading;
        }
        Label what = Labels.of(seen.words(), seen.kind().isPresent() ? "muted" : "chip-warm");
        what.setMaxWidth(250);
        return what;
    }

    private void fields(int number, Runnable changed) {
        game.setText(seen.guess().game());
        scene.setText(ManyDialog.usualScene(contents));
        path.setText(seen.guess().path());
        game.setId("many-game-" + number);
        scene.setId("many-scene-" + number);
        path.setId("many-path-" + number);
        Ems.min(guess, 110);
        for (TextField field : List.of(game, scene, path)) {
            Ems.pref(field, 118);
            field.setMinWidth(0);
            field.textProperty().subscribe(() -> {
                showGuess();
                changed.run();
            });
        }
        showGuess();
        nodes.addAll(List.of(game, scene, path, guess));
    }

    private void showGuess() {
        guess.setText(path.getText().isBlank() ? "" : words(chain()));
    }

    private static String words(Chain chain) {
        return chain.isNative()
                ? "native"
                : chain.stages().stream().map(stage -> stage.kind().title()).collect(Collectors.joining(", "));
    }

    private Chain chain() {
        return QuickRun.chain(path.getText(), contents.bench().paths());
    }

    /// The run whose file is named most alike.
    private SeenFile closest(List<SeenFile> runs) {
        return runs.stream()
                .max(Comparator.comparingInt(
                        run -> alike(run.file().toString(), seen.file().toString())))
                .orElse(seen);
    }

    private static int alike(String a, String b) {
        int n = 0;
        while (n < Math.min(a.length(), b.length()) && a.charAt(n) == b.charAt(n)) {
            n++;
        }
        return n;
    }

    List<Node> nodes() {
        return nodes;
    }

    void setGame(String text) {
        game.setText(text);
    }

    void setScene(String text) {
        scene.setText(text);
    }

    boolean addsRun() {
        return seen.makesRun() && taken.isSelected();
    }

    /// What keeps it from being added, in words; empty if nothing does.
    String problem() {
        String name = String.valueOf(seen.file().getFileName());
        if (!addsRun()) {
            return "";
        } else if (!seen.rivals().isEmpty() && reading.getValue() == null) {
            return ManyText.CHOOSE_TIME.formatted(name);
        } else if (game.getText().isBlank()
                || scene.getText().isBlank()
                || path.getText().isBlank()) {
            return ManyText.ENTER_PLACE.formatted(name);
        }
        return "";
    }

    /// The run of this file, with the evidence that belongs to it.
    FileOfRun run(List<ManyRow> all) {
        RunDraft draft = new RunDraft(
                game.getText().strip(),
                scene.getText().strip(),
                path.getText().strip(),
                chain(),
                seen.guess().run(),
                false,
                Setup.EMPTY,
                Double.NaN,
                Taking.UNRECORDED);
        Optional<Mapping> mapping =
                seen.mapping().or(() -> Optional.ofNullable(reading.getValue()).map(TimeChoice::mapping));
        List<SeenFile> with = all.stream()
                .filter(row -> row.seen.belongs() && row.taken.isSelected() && seen.equals(row.owner.getValue()))
                .map(row -> row.seen)
                .toList();
        SeenFile own = seen;
        return new FileOfRun(draft, (folder, progress) -> {
            List<RunEvidence<?>> evidence = new ArrayList<>();
            evidence.add(read(own, mapping, folder, progress));
            if (mapping.isPresent()) {
                memory.remember(mapping.get());
            }
            for (SeenFile more : with) {
                if (evidence.stream()
                        .noneMatch(one -> more.kind().filter(one.kind()::equals).isPresent())) {
                    evidence.add(read(more, Optional.empty(), folder, progress));
                }
            }
            return evidence;
        });
    }

    private static RunEvidence<?> read(SeenFile file, Optional<Mapping> mapping, Path folder, Progress progress)
            throws IOException, InputException {
        EvidenceKind<?, ?> kind = file.kind().orElseThrow();
        Path from = file.file();
        if (kind == EvidenceKinds.CLIP_COUNT) {
            return StoredPictures.count(from, folder, progress);
        }
        return mapping.isPresent()
                ? new RunEvidence<>(
                        EvidenceKinds.FRAME_LOG,
                        from,
                        LogImport.read(from, ImportOptions.guess().with(mapping.get()), progress))
                : RunEvidence.of(kind, from, progress);
    }
}
