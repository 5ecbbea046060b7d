package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Colouring;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typesetting;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tag;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static org.assertj.core.api.Assertions.assertThat;

/** Random chains on random lettering, with another motif to follow. */
@Tag("properties")
class ChainPropertiesTest {
    private static final Motif OTHER =
            new Motif("other", "other", Shape.of(Shape.Kind.STAR, 30, SKY), List.of(), Pose.at(12, -9));

    @Provide
    Arbitrary<Lettering> letterings() {
        Arbitrary<String> words = Arbitraries.strings()
                .withCharRange('A', 'z')
                .withChars("&éß ")
                .withChars('\n')
                .ofMinLength(1)
                .ofMaxLength(9);
        Arbitrary<Typesetting> settings = Combinators.combine(
                        Arbitraries.doubles().between(-0.6, 0.6),
                        Arbitraries.of(Typesetting.Align.values()),
                        Arbitraries.of(
                                new Baseline.Straight(),
                                new Baseline.Arc(40),
                                new Baseline.Arc(-70),
                                new Baseline.Circle(30, 40, 300, true),
                                new Baseline.Edge("other", 0.2, 1)))
                .as((spacing, align, baseline) -> Typesetting.USUAL
                        .withLetterSpacing(spacing)
                        .withAlign(align)
                        .withBaseline(baseline));
        return Combinators.combine(
                        words,
                        Arbitraries.of(ShippedTypeface.values()),
                        settings,
                        Arbitraries.of(Colouring.By.values()))
                .as((text, face, setting, by) -> Lettering.of(text, face, 18, CREAM)
                        .withSetting(setting)
                        .withColouring(new Colouring(by, List.of(CREAM, SKY))));
    }

    @Provide
    Arbitrary<List<Treatment>> chains() {
        List<Treatments.Kind> kinds = Treatments.kinds().stream()
                .filter(k -> k.group() != Treatments.Group.REPEAT && k.type() != RepeatAlong.class)
                .toList();
        return Arbitraries.of(kinds)
                .map(k -> following(k.fresh().apply(SKY)))
                .list()
                .ofMinSize(1)
                .ofMaxSize(4);
    }

    private static Treatment following(Treatment t) {
        return t instanceof jurren.core.art.Referring r ? r.withOther("other") : t;
    }

    private static BuiltMotif built(Lettering l, List<Treatment> chain) {
        Motif m = new Motif("m", "m", l, chain, new Pose(3, 5, 20));
        return new Chain().build(m, List.of(m, OTHER));
    }

    @Property(tries = 120, seed = "20261127")
    void everythingIsValidAndTheSameEachTime(
            @ForAll("letterings") Lettering l, @ForAll("chains") List<Treatment> chain) {
        BuiltMotif once = built(l, chain);
        assertThat(once.paints()).as(l + " " + chain).allMatch(p -> p.region().isValid());
        assertThat(built(l, chain).paints().stream().map(Painted::region).toList())
                .isEqualTo(once.paints().stream().map(Painted::region).toList());
    }

    @Property(tries = 60, seed = "20261127")
    void areasObeyInclusion(@ForAll("letterings") Lettering l, @ForAll("chains") List<Treatment> chain) {
        Region plain = built(l, chain).region();
        assertThat(built(l, with(chain, new KnockOut("other", 1)))
                        .region()
                        .minus(plain)
                        .areaMm2())
                .as("a knock-out never grows")
                .isLessThan(1e-3);
        assertThat(built(l, with(chain, new KeepInside("other", 0)))
                        .region()
                        .minus(plain)
                        .areaMm2())
                .isLessThan(1e-3);
        assertThat(plain.minus(built(l, with(chain, new Treatment.Outlined(1.5, CornerStyle.ROUND, CREAM)))
                                .region())
                        .areaMm2())
                .as("an outside outline never shrinks")
                .isLessThan(1e-3);
        assertThat(plain.minus(built(l, with(chain, new JoinWith("other"))).region())
                        .areaMm2())
                .isLessThan(1e-3);
    }

    private static List<Treatment> with(List<Treatment> chain, Treatment more) {
        List<Treatment> all = new ArrayList<>(chain);
        all.add(more);
        return all;
    }
}
