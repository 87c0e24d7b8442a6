package app.fluss.app.importing;

import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.picture.Area;
import app.fluss.files.overlay.AskedNumber;
import app.fluss.files.overlay.Overlays;
import app.fluss.files.overlay.RecordedNumber;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What is asked of a recording, and what was read of it.
final class RecordingDraft {
    private final List<AskedNumber> asked = new ArrayList<>();
    private Optional<Overlays> read = Optional.empty();
    private boolean current;
    private int selected = -1;

    /// @param remembered asked of the last recording of this size
    RecordingDraft(List<AskedNumber> remembered) {
        asked.addAll(remembered);
        selected = asked.size() - 1;
    }

    List<AskedNumber> asked() {
        return List.copyOf(asked);
    }

    /// The number that is looked at; -1 if there is none.
    int selected() {
        return selected;
    }

    void select(int number) {
        selected = number;
    }

    /// A rectangle was drawn: it takes the place of one that it lies over, or is another number.
    void draw(Area area) {
        for (int i = 0; i < asked.size(); i++) {
            if (area.contains(
                    asked.get(i).area().x() + asked.get(i).area().width() / 2,
                    asked.get(i).area().y() + asked.get(i).area().height() / 2)) {
                change(
                        i,
                        new AskedNumber(asked.get(i).name(), area, asked.get(i).told()));
                selected = i;
                return;
            }
        }
        asked.add(new AskedNumber(nextName(), area, List.of()));
        selected = asked.size() - 1;
        current = false;
    }

    private String nextName() {
        for (OverlayKind kind : OverlayKind.values()) {
            if (kind != OverlayKind.OTHER && asked.stream().noneMatch(one -> one.kind() == kind)) {
                return kind.id();
            }
        }
        return otherName();
    }

    private String otherName() {
        int number = 1;
        while (isTaken(OverlayKind.OTHER.title() + " " + number)) {
            number++;
        }
        return OverlayKind.OTHER.title() + " " + number;
    }

    private boolean isTaken(String name) {
        return asked.stream().anyMatch(one -> one.name().equals(name));
    }

    /// Says what a number is; one that was said to be the same becomes any other.
    void call(int number, OverlayKind kind) {
        AskedNumber one = asked.get(number);
        if (one.kind() == kind) {
            return;
        }
        for (int i = 0; i < asked.size(); i++) {
            if (i != number && kind != OverlayKind.OTHER && asked.get(i).kind() == kind) {
                change(
                        i,
                        new AskedNumber(
                                otherName(), asked.get(i).area(), asked.get(i).told()));
            }
        }
        String name = kind == OverlayKind.OTHER ? otherName() : kind.id();
        change(number, new AskedNumber(name, one.area(), one.told()));
    }

    void remove(int number) {
        asked.remove(number);
        selected = asked.size() - 1;
        current = false;
    }

    /// Says what the glyphs of a look are.
    void name(int number, GlyphClass look, char name) {
        AskedNumber one = asked.get(number);
        List<GlyphClass> told = new ArrayList<>(one.told());
        told.removeIf(known -> known.look() == look.look());
        told.add(look.called(name));
        change(number, new AskedNumber(one.name(), one.area(), told));
    }

    private void change(int number, AskedNumber to) {
        asked.set(number, to);
        current = false;
    }

    /// Keeps what was read.
    void use(Overlays overlays) {
        read = Optional.of(overlays);
        current = true;
    }

    /// What was read; empty before, and where something was changed since.
    Optional<Overlays> result() {
        return read.filter(_ -> current);
    }

    /// What was last read of a number, whatever was changed of it since.
    Optional<RecordedNumber> read(int number) {
        return read.flatMap(overlays -> overlays.recorded().numbers().stream()
                .filter(one -> one.area().equals(asked.get(number).area()))
                .findFirst());
    }

    /// What the analyst called a look; 0 if nothing.
    char told(int number, GlyphClass look) {
        return asked.get(number).told().stream()
                .filter(one -> one.look() == look.look())
                .map(GlyphClass::name)
                .findFirst()
                .orElse((char) 0);
    }
}
