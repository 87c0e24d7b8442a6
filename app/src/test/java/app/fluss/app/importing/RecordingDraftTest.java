package app.fluss.app.importing;

import static org.assertj.core.api.Assertions.assertThat;

import app.fluss.core.overlay.GlyphClass;
import app.fluss.core.overlay.OverlayKind;
import app.fluss.core.overlay.Patch;
import app.fluss.core.picture.Area;
import app.fluss.files.overlay.AskedNumber;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecordingDraftTest {
    private static List<String> names(RecordingDraft draft) {
        return draft.asked().stream().map(AskedNumber::name).toList();
    }

    @Test
    void rectanglesBecomeNumbersInTheUsualOrder() {
        RecordingDraft draft = new RecordingDraft(List.of());
        draft.draw(new Area(10, 10, 60, 20));
        draft.draw(new Area(10, 40, 60, 20));
        assertThat(names(draft)).containsExactly("rate", "base");
        draft.call(1, OverlayKind.GPU_LOAD);
        draft.draw(new Area(12, 38, 50, 24));
        assertThat(names(draft)).as("drawn over the second").containsExactly("rate", "gpu_load");
        assertThat(draft.asked().get(1).area()).isEqualTo(new Area(12, 38, 50, 24));
        draft.call(1, OverlayKind.RATE);
        assertThat(names(draft)).as("there is one frame rate").containsExactly("number 1", "rate");
        draft.call(1, OverlayKind.OTHER);
        assertThat(names(draft)).containsExactly("number 1", "number 2");
        draft.remove(0);
        assertThat(names(draft)).containsExactly("number 2");
        assertThat(draft.selected()).isZero();
        draft.remove(0);
        assertThat(draft.selected()).isEqualTo(-1);
    }

    @Test
    void namesOfGlyphsBelongToTheirNumberAndTheLastOneCounts() {
        RecordingDraft draft = new RecordingDraft(List.of(new AskedNumber("rate", new Area(0, 0, 9, 9), List.of())));
        GlyphClass look = new GlyphClass('1', new Patch(1, new float[] {1, 1}), 9);
        assertThat((int) draft.told(0, look)).isZero();
        draft.name(0, look, '7');
        draft.name(0, look, '4');
        assertThat(draft.told(0, look)).isEqualTo('4');
        assertThat(draft.asked().getFirst().told()).hasSize(1);
        draft.draw(new Area(1, 1, 9, 9));
        assertThat(draft.told(0, look)).as("the overlay is the same").isEqualTo('4');
    }
}
