package jurren.app.window;

import java.util.List;
import javafx.scene.control.Button;
import jurren.app.session.Bench;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.SizeEntry;
import jurren.core.load.KeptLayout;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A tighter layout is found, offered in film and money, taken by a person and kept with the job. */
class TighterLayoutStoryTest extends WindowTest {
    @Override
    Job job() {
        return NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Fair", "tee", "black", "smooth-film")
                .withLine(
                        "A",
                        l -> l.withMotifs(List.of(new Motif(
                                        "m1",
                                        "half",
                                        new Shape(Shape.Kind.STAR, 120, 120, 5, 0.3, Colour.of("#F6EFDC")),
                                        List.of(new Treatment.Weld()),
                                        Pose.at(0, 170))))
                                .withSize("M", s -> SizeEntry.of("M", 9)));
    }

    private double film() {
        return on(() -> session.plan().orElseThrow().filmUsedMm());
    }

    @Test
    void whatIsFoundIsOfferedTakenAsAnEditOfItsOwnAndKept() {
        double first = film();
        double price = on(() -> session.plan().orElseThrow().quote().total());
        run(() -> session.show(Bench.LOADS));
        until(() -> session.nests().offer().isPresent());
        run(() -> session.nests().stop());
        settle();
        assertThat(film()).as("nothing changes before somebody takes it").isEqualTo(first);
        double offered = on(() -> session.nests().offer().orElseThrow().filmMm());
        double money = on(() -> session.nests().offer().orElseThrow().money());
        assertThat(((Button) node("nest-take")).getText())
                .contains(on(() -> session.unit().film(offered)));

        click("nest-take");
        settle();
        assertThat(film()).isCloseTo(first - offered, within(1e-6));
        assertThat(on(() -> session.plan().orElseThrow().quote().total())).isCloseTo(price - money, within(1e-6));
        assertThat(on(() -> session.undoes().orElseThrow()))
                .contains("tighter layout", on(() -> session.unit().film(offered)));

        run(() -> session.editLine(l -> l.withTitle("stars")));
        settle();
        run(() -> session.undo());
        settle();
        assertThat(on(() -> session.line().title())).isNotEqualTo("stars");
        assertThat(film()).as("undoing a letter takes no layout").isCloseTo(first - offered, within(1e-6));

        run(() -> session.editLine(l -> l.withSize("M", s -> SizeEntry.of("M", 8))));
        settle();
        Job eight = on(() -> session.plan().orElseThrow().withUsedLayouts());
        assertThat(eight.laying().layouts().kept())
                .as("nothing asks for nine any more")
                .isEmpty();
        run(() -> session.undo());
        settle();
        assertThat(on(() -> session.job().laying().layouts().kept()))
                .hasSize(1)
                .first()
                .extracting(KeptLayout::sparedMm)
                .satisfies(mm -> assertThat(mm).isCloseTo(offered, within(1e-6)));

        run(() -> session.undo());
        settle();
        assertThat(film()).isEqualTo(first);
    }
}
