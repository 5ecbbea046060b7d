package jurren.app.window;

import java.util.List;
import jurren.app.session.Bench;
import jurren.core.blank.Blank;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.layer.Layer;
import jurren.core.layer.Panels;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Material;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * Lettering for a board that no roll takes: split in one touch, its seam moved, its overlap typed, made one piece
 * again.
 */
class PanelsStoryTest extends WindowTest {
    private static final double TIMES = 2.25;

    @Override
    Job job() {
        Blank board = SHOP.blank("sign-board-400").orElseThrow();
        Material vinyl = SHOP.material("vinyl-permanent").orElseThrow();
        return NewJobs.saying(
                        "OTTER\nBROOK\nFAIR",
                        ShippedTypeface.ALFA_SLAB_ONE,
                        board,
                        board.colours().getFirst(),
                        vinyl,
                        vinyl.colours().getFirst().colour())
                .withLine(
                        "A",
                        l -> l.withMotifs(l.motifs().stream()
                                .map(m -> m.withSource(m.source().resized(TIMES, TIMES)))
                                .toList()));
    }

    private List<Layer> layers() {
        return on(() -> session.sizePlan().orElseThrow().layers());
    }

    private Panels panels() {
        return on(() -> session.line().panels().values().iterator().next());
    }

    private boolean isLaid() {
        return on(() -> session.plan().orElseThrow().snags().stream().noneMatch(Snag.NotOnRoll.class::isInstance));
    }

    @Test
    void aFilmThatNoRollTakesIsSplitAndMadeOneAgain() {
        assertThat(isLaid()).isFalse();
        run(() -> session.show(Bench.LOADS));
        until(() -> node("cure-1-2") != null);
        click("cure-1-2");
        settle();
        assertThat(isLaid()).isTrue();
        assertThat(layers()).hasSize(2);
        assertThat(panels().upright())
                .as("one row of letters is cut off from the others")
                .isFalse();
        assertThat(layers())
                .as("no letter is cut")
                .extracting(l -> l.region().pieceCount())
                .containsExactly(5, 9);

        run(() -> session.show(Bench.LAYERS));
        settle();
        double top = on(() -> layers().getFirst().region().bounds().minYMm());
        type("panels-seam-1", "60 mm");
        assertThat(layers().getFirst().region().bounds().maxYMm() - top)
                .as("to the seam and half an overlap")
                .isCloseTo(62.5, within(1e-3));
        type("panels-overlap", "8 mm");
        assertThat(layers().getFirst().region().bounds().maxYMm() - top).isCloseTo(64, within(1e-3));
        double before = panels().at().getFirst();
        type("panels-seam-1", "9000 mm");
        assertThat(panels().at().getFirst()).as("no seam beyond the film").isEqualTo(before);

        click("panels-whole");
        settle();
        assertThat(layers())
                .singleElement()
                .satisfies(l -> assertThat(l.panel()).isEmpty());
        assertThat(isLaid()).isFalse();
        click("panels-split-1");
        settle();
        assertThat(layers()).hasSize(2);
        run(() -> session.undo());
        settle();
        assertThat(layers()).hasSize(1);
    }
}
