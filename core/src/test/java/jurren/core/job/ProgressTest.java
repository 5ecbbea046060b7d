package jurren.core.job;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jurren.core.Fixtures;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

class ProgressTest {
    private static final Instant AT = Instant.parse("2026-11-26T10:32:00Z");
    private static final Progress.Cut FIRST = new Progress.Cut("aa", "smooth-film #E8743B", 1, AT);

    @Test
    void aLoadIsKnownByItsMarkAndByItsFilmWhenItsCutHasChanged() {
        Progress made = Progress.NOTHING.with(FIRST);
        assertThat(made.cut("aa")).contains(FIRST);
        assertThat(made.cut("bb")).isEmpty();
        assertThat(made.cutOtherwise("bb", "smooth-film #E8743B", 1)).contains(FIRST);
        assertThat(made.cutOtherwise("aa", "smooth-film #E8743B", 1))
                .as("cut just so")
                .isEmpty();
        assertThat(made.cutOtherwise("bb", "smooth-film #000000", 1)).isEmpty();
    }

    @Test
    void theSameLoadCutAgainTakesThePlaceOfTheFirstCut() {
        Progress.Cut again = new Progress.Cut("bb", "smooth-film #E8743B", 1, AT.plusSeconds(60));
        assertThat(Progress.NOTHING.with(FIRST).with(again).cuts()).containsExactly(again);
        assertThat(Progress.NOTHING.with(FIRST).without("aa")).isEqualTo(Progress.NOTHING);
    }

    @Test
    void piecesAreCountedByLine() {
        Progress made = Progress.NOTHING.withPressed("A", 3).withPressed("B", 1).withPressed("A", 4);
        assertThat(made.pressed("A")).isEqualTo(4);
        assertThat(made.pressed("C")).isZero();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Progress(List.of(), Map.of("A", -1), Map.of(), Set.of(), Optional.empty()))
                .withMessageContaining("-1");
        assertThatIllegalArgumentException().isThrownBy(() -> new Progress.Cut(" ", "", 1, AT));
    }

    @Test
    void aRunIsBegunAndItsTimeStays() {
        Progress begun = Progress.NOTHING
                .withBegun(AT, AT.plusSeconds(600))
                .withDone("weed:1")
                .withPressed("A", 2);
        assertThat(begun.begun()).contains(new Progress.Begun(AT, AT.plusSeconds(600)));
        assertThat(begun.withBegun(AT.plusSeconds(60), AT.plusSeconds(900))
                        .begun()
                        .orElseThrow()
                        .ready())
                .isEqualTo(AT.plusSeconds(900));
        assertThatIllegalArgumentException().isThrownBy(() -> new Progress.Begun(AT, AT.minusSeconds(1)));
    }

    @Test
    void whatIsMadeIsAFactOfTheJobAndChangesNothingElse() {
        Job job = Fixtures.job();
        Job cut = job.withMade(job.made().with(FIRST));
        assertThat(cut).isNotEqualTo(job);
        assertThat(cut.withName("Other").made().cuts()).containsExactly(FIRST);
        assertThat(cut.withMade(Progress.NOTHING)).isEqualTo(job);
        assertThat(job.withCustomer("Robin").withNumber("7").withDue("Monday"))
                .returns("Robin", Job::customer)
                .returns("7", Job::number)
                .returns("Monday", Job::due);
    }

    @Test
    void aJobCarriesTheOwnThingsItsLinesAreMadeOnAndNoOthers() {
        Shop shop = Fixtures.shop();
        var own = shop.blanks().getFirst().copied("own-tee", "My tee");
        var other = shop.blanks().getFirst().copied("own-other", "Other tee");
        Shop with = shop.withOwn(List.of(own, other));
        Job job = Fixtures.job()
                .withLine("A", l -> l.withThing(Thing.of("own-tee", "black")))
                .carrying(with);
        assertThat(job.carried().blanks()).containsExactly(own);
        assertThat(shop.knowing(job.carried()).blank("own-tee")).contains(own);
        assertThat(with.knowing(job.carried()))
                .as("a shop that knows it takes its own")
                .isSameAs(with);
        assertThat(job.withLine("A", l -> Fixtures.job().lines().getFirst())
                        .carrying(with)
                        .carried()
                        .isEmpty())
                .isTrue();
    }
}
