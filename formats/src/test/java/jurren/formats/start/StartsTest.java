package jurren.formats.start;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jurren.core.art.Art;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.OnePiece;
import jurren.core.art.Painted;
import jurren.core.art.References;
import jurren.core.blank.Blank;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Shop;
import jurren.core.material.Colour;
import jurren.formats.Refusal;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Every start on several blanks, what its entries do, and the shop's own. */
@Tag("long")
class StartsTest {
    private static final Shop SHOP = BuiltInShop.read();

    static Stream<Start> starts() {
        return Starts.shipped().stream();
    }

    private static Start start(String id) {
        return starts().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    private static Ground on(String blankId) {
        Blank blank = SHOP.blank(blankId).orElseThrow();
        return Ground.of(
                blank.reference().faces().getFirst(),
                SHOP.material("smooth-film").orElseThrow(),
                blank.colours().getFirst(),
                SHOP);
    }

    private static List<Motif> made(Start start, Map<String, String> typed, Ground ground) {
        Started started = StartMaker.make(start, typed, ground);
        assertThat(started).isInstanceOf(Started.Filled.class);
        return ((Started.Filled) started).motifs();
    }

    private static Art art(List<Motif> motifs) {
        return new Chain().art(motifs, Placement.HERE);
    }

    private static Started.Refused refused(Start start, Map<String, String> typed) {
        Started started = StartMaker.make(start, typed, on("tee-adult"));
        assertThat(started).isInstanceOf(Started.Refused.class);
        return (Started.Refused) started;
    }

    @ParameterizedTest
    @MethodSource("starts")
    void everyStartFitsTheAreaOfEveryThingAndIsOrdinaryMotifs(Start start) {
        for (String blank : List.of("tee-adult", "tee-youth", "apron", "tile-152", "laptop-lid-14")) {
            Ground ground = on(blank);
            List<Motif> motifs = made(start, Map.of(), ground);
            Box box = art(motifs).bounds().orElseThrow();
            assertThat(ground.area().covers(box, 0.05))
                    .as(start.id() + " on " + blank + ": " + box)
                    .isTrue();
            assertThat(box.centre().xMm()).isCloseTo(ground.area().centre().xMm(), within(0.05));
            assertThat(art(motifs).paints()).allMatch(p -> p.region().isValid());
            assertThat(art(motifs).seen().keySet()).as("shows on the cloth").doesNotContain(ground.cloth());
            assertThat(References.loop(motifs)).isEmpty();
        }
        assertThat(start.about()).endsWith(".");
    }

    @Test
    void stackedWordsInterlockWithTheGapAndShowNoGround() {
        List<Motif> motifs =
                made(start("stacked-words"), Map.of("words", "NORTH,WIND,DAY", "gap", "1.5mm"), on("tee-adult"));
        List<Painted> words = art(motifs).paints();
        assertThat(words).hasSize(3);
        assertThat(words.stream().map(Painted::colour).distinct())
                .as("each word its own colour")
                .hasSize(3);
        for (int i = 0; i + 1 < 3; i++) {
            Region upper = words.get(i).region();
            Region lower = words.get(i + 1).region();
            List<Point> way = upper.shortestWayTo(lower);
            assertThat(way.getFirst().distanceMm(way.getLast()))
                    .as("the gap between")
                    .isCloseTo(1.5, within(0.02));
            assertThat(upper.bounds().maxYMm())
                    .as("no level band of ground between the words")
                    .isGreaterThan(lower.bounds().minYMm() + 1.5);
            assertThat(upper.pieces()).as("no crumbs").allMatch(p -> p.region().areaMm2() > 9);
            assertThat(upper.bounds().widthMm())
                    .as("all as wide")
                    .isCloseTo(words.get(0).region().bounds().widthMm(), within(1.0));
        }
        assertThat(((Lettering) motifs.getFirst().source()).text()).isEqualTo("NORTH\nWIND\nDAY");
    }

    @Test
    void aNameInALetterIsOnePieceWithAndWithoutItsSmallLine() {
        for (String line : List.of("", "KITE FAIR")) {
            List<Motif> motifs = made(
                    start("name-in-letter"), Map.of("letter", "B", "name", "ROBIN", "line", line), on("tee-adult"));
            Art art = art(motifs);
            assertThat(art.seen()).as("one colour").hasSize(1);
            assertThat(OnePiece.of(art.seen().values().iterator().next()).isOne())
                    .isTrue();
        }
        List<Motif> robin = made(start("name-in-letter"), Map.of("name", "ROBIN"), on("tee-adult"));
        List<Motif> peggy = made(start("name-in-letter"), Map.of("name", "PEGGY"), on("tee-adult"));
        assertThat(art(robin).seen().values())
                .as("another name, another cut")
                .isNotEqualTo(art(peggy).seen().values());
    }

    @Test
    void everyChoiceOfPatternFillsTheLetter() {
        Start letter = start("patterned-letter");
        for (String pattern : letter.field("pattern").orElseThrow().choices().keySet()) {
            Map<Colour, Region> seen = art(made(letter, Map.of("pattern", pattern), on("tee-adult")))
                    .seen();
            assertThat(seen).as(pattern).hasSize(3);
            double whole = seen.values().stream().mapToDouble(Region::areaMm2).sum();
            assertThat(seen.values())
                    .as("each colour has its share: " + pattern)
                    .allMatch(r -> r.areaMm2() > whole * 0.04);
        }
    }

    @Test
    void badgeWordsStayInTheirRingAndTheStickerHoldsItsWords() {
        List<Motif> badge = made(
                start("badge"),
                Map.of("over", "THE OTTERBROOK KITE FAIR AND MARKET", "under", "", "size", "100mm"),
                on("tee-adult"));
        assertThat(badge).extracting(Motif::name).doesNotContain("");
        assertThat(art(badge).bounds().orElseThrow().widthMm()).isCloseTo(100, within(0.01));
        Box words = new Chain()
                .build(badge.get(2), badge)
                .placed(badge.get(2).pose().placement())
                .bounds()
                .orElseThrow();
        assertThat(words.widthMm()).as("long words are made smaller").isLessThan(96);

        List<Motif> sticker =
                made(start("sticker"), Map.of("words", "kite, crew, 26", "border", "1/4"), on("tee-adult"));
        Region ground = new Chain().build(sticker.getFirst(), sticker).region();
        Region letters = new Chain()
                .build(sticker.getLast(), sticker)
                .region()
                .placed(sticker.getLast().pose().placement());
        assertThat(ground.holeCount()).isZero();
        assertThat(letters.placed(sticker.getFirst().pose().placement().inverse())
                        .minus(ground)
                        .areaMm2())
                .isLessThan(1e-6);
    }

    @Test
    void whatCannotBeIsSaidByTheEntrysName() {
        assertThat(refused(start("stacked-words"), Map.of("gap", "wide")).words(start("stacked-words")))
                .contains("Gap between colours")
                .contains("wide");
        assertThat(refused(start("stacked-words"), Map.of("words", " ")).why()).isEqualTo(Started.Why.EMPTY);
        assertThat(refused(start("stacked-words"), Map.of("gap", "0mm")).why()).isEqualTo(Started.Why.CANNOT_BE);
        assertThat(refused(start("stacked-words"), Map.of("colours", "cream, beige-ish"))
                        .text())
                .isEqualTo("beige-ish");
        assertThat(refused(start("stacked-words"), Map.of("typeface", "Nowhere Sans"))
                        .why())
                .isEqualTo(Started.Why.NO_TYPEFACE);
        assertThat(refused(start("patterned-letter"), Map.of("pattern", "tartan"))
                        .text())
                .contains("stripes");
        assertThat(refused(start("badge"), Map.of("upper", "x")).words(start("badge")))
                .contains("over, under, middle");
        assertThat(StartMaker.make(start("two-colour-name"), Map.of("name", "x".repeat(6000)), on("tee-adult")))
                .isInstanceOf(Started.Refused.class);
    }

    @Test
    void anArrangementBecomesAStartWithTheEntriesThatChange(@TempDir Path folder)
            throws IOException, StartFile.NotAStart {
        List<Motif> tees = DemoJob.simple().line("A").orElseThrow().motifs();
        StartDraft draft = StartDraft.of(tees);
        Map<StartDraft.Candidate, String> entries = new LinkedHashMap<>();
        draft.candidates().stream()
                .filter(c -> c.what().equals("text"))
                .forEach(c -> entries.put(c, c.motif().equals("kite crew") ? "Crew" : "Town"));
        draft.candidates().stream()
                .filter(c -> c.kind() == StartField.Kind.COLOUR && c.value().equals("#F6EFDC"))
                .forEach(c -> entries.put(c, "Letters"));
        Start own = draft.start("Club tee ½", "Ours.", entries);

        assertThat(own.id()).isEqualTo("club-tee");
        assertThat(own.fields()).extracting(StartField::id).containsExactly("town", "crew", "letters");
        Starts starts = new Starts(folder);
        starts.save(own);
        Start read = starts.read().starts().getLast();
        assertThat(read.own()).isTrue();
        List<Motif> made = made(read, Map.of("town", "HOLLOWAY", "letters", "Sky"), on("tee-adult"));
        assertThat(made).hasSameSizeAs(tees);
        assertThat(made.stream()
                        .map(Motif::source)
                        .filter(Lettering.class::isInstance)
                        .map(s -> ((Lettering) s).text()))
                .containsExactly("HOLLOWAY", "kite crew");
        assertThat(art(made).seen().keySet()).contains(Colour.of("#7FC4DA"));
        assertThat(art(made).bounds()).as("unchanged, it is as it was").isPresent();
        starts.remove("club-tee");
        assertThat(starts.read().starts()).hasSameSizeAs(Starts.shipped());
    }

    @Test
    void brokenStartsAreNamedAndTheRestLoads(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("a.json"), "{\"format\":1,");
        Files.writeString(folder.resolve("b.json"), "{\"format\":1,\"id\":\"b\",\"motifs\":[]}");
        Files.writeString(
                folder.resolve("c.json"),
                "{\"format\":1,\"id\":\"c\",\"fields\":[{\"id\":\"x\",\"kind\":\"smell\"}],\"motifs\":[{}]}");
        Files.writeString(folder.resolve("d.json"), "{\"format\":9,\"id\":\"d\",\"motifs\":[{}]}");
        Starts.Contents found = new Starts(folder).read();
        assertThat(found.starts()).hasSize(6);
        assertThat(found.refused()).hasSize(4).allMatch(r -> r.reason() == Refusal.Reason.BROKEN_START);
        assertThatThrownBy(() -> StartFile.read("[]".getBytes(StandardCharsets.UTF_8), true))
                .isInstanceOf(StartFile.NotAStart.class);
        Start odd = new Start("odd", "Odd", "", List.of(), start("badge").motifs(), Map.of(), true);
        assertThat(StartMaker.make(odd, Map.of(), on("tee-adult")))
                .as("it speaks of entries that it does not have")
                .isInstanceOf(Started.Refused.class);
    }
}
