package jurren.app.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import jurren.app.cutter.CutTalk;
import jurren.app.cutter.PlainMachine;
import jurren.app.keep.ShopFolder;
import jurren.core.cut.CutRun;
import jurren.core.job.Job;
import jurren.core.load.Connection;
import jurren.core.load.Load;
import jurren.core.load.MatPiece;
import jurren.core.material.Material;
import jurren.formats.hpgl.HpglWriter;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/**
 * A shop is made one's own: a film tuned and put back, another cutter used, hours charged otherwise, all given away and
 * taken in.
 */
class ShopStoryTest extends WindowTest {
    @Override
    Job job() {
        return robin();
    }

    private Material smooth() {
        return on(() -> session.shop().material("smooth-film").orElseThrow());
    }

    private String cutFile() {
        return on(() -> new String(
                HpglWriter.write(session.plan().orElseThrow().runs().getFirst()), StandardCharsets.US_ASCII));
    }

    @Test
    void aTunedFilmChangesThePlanAndGoesBack() {
        assertThat(cutFile()).contains("FS90;");
        openShop("films");
        click("film-smooth-film");
        type("film-force", "115 gf");
        assertThat(smooth().cutting().forceGf()).isEqualTo(115);
        assertThat(cutFile()).contains("FS115;");
        double film = on(() -> session.plan().orElseThrow().quote().film());
        type("film-price", "$18");
        assertThat(on(() -> session.plan().orElseThrow().quote().film()))
                .as("twice the price of most of it")
                .isGreaterThan(1.3 * film);
        assertThat(new ShopFolder(state())
                        .shop()
                        .material("smooth-film")
                        .orElseThrow()
                        .pricePerMetre())
                .as("it is kept")
                .isEqualTo(18);

        type("film-tack", "40 s");
        assertThat(smooth().recipe().orElseThrow().tackS())
                .as("a tack longer than a press cannot be")
                .isEqualTo(3);
        assertThat(text("film-tack")).isEqualTo("3 s");

        click("film-force-back");
        settle();
        assertThat(smooth().cutting().forceGf()).isEqualTo(90);
        click("shop-put-back");
        settle();
        assertThat(smooth().cutting().forceGf()).isEqualTo(115);
        click("film-as-shipped");
        settle();
        assertThat(smooth())
                .isEqualTo(ShopFolder.shipped().material("smooth-film").orElseThrow());
        assertThat(isThere("film-as-shipped")).isFalse();
    }

    @Test
    void aFilmOfOnesOwnBeginsAsACopy() {
        openShop("films");
        click("film-glitter-film");
        click("film-copy");
        settle();
        type("film-name", "Otter glitter");
        type("film-degrees", "320 °F");
        Material own = on(() -> session.shop().materials().stream()
                .filter(m -> m.name().equals("Otter glitter"))
                .findFirst()
                .orElseThrow());
        assertThat(own.recipe().orElseThrow().celsius()).isCloseTo(160, within(1e-9));
        click("film-note");
        run(() -> ((TextInputControl) node("film-note")).setText("Peel slowly"));
        click("film-name");
        settle();
        assertThat(new ShopFolder(state()).mine().read().shop().notes()).containsEntry(own.id(), "Peel slowly");
        click("film-away");
        settle();
        assertThat(on(() -> session.shop().material(own.id()))).isEmpty();
    }

    @Test
    void anotherCutterIsUsedAndItsFilesAllowForItsKnife() {
        String before = cutFile();
        openShop("machines");
        click("cutter-wide-610-use");
        settle();
        assertThat(on(() -> session.shop().cutter().id())).isEqualTo("wide-610");
        assertThat(on(() ->
                        session.plan().orElseThrow().runs().getFirst().cutter().widthMm()))
                .isEqualTo(610);
        assertThat(cutFile()).isNotEqualTo(before).contains("PU0,0;PD120,0;");
        type("cutter-wide-610-most-force", "80");
        assertThat(cutFile()).as("no more than it can").contains("FS80;");
        click("cutter-wide-610-swings");
        settle();
        assertThat(cutFile()).doesNotContain("PU0,0;PD120,0;");
        assertThat(on(() -> session.shop().cutter().usableMm(500)))
                .as("the left roller stands up to 330")
                .isEqualTo(300);
        type("cutter-wide-610-zones", "0-95 mm; 400-480 mm");
        assertThat(on(() -> session.shop().cutter().usableMm(500))).isCloseTo(450, within(1e-6));
        type("cutter-wide-610-zones", "from 3 to");
        assertThat(said()).contains("tells no places for a roller");
        assertThat(on(() -> session.shop().cutter().feed().zones()))
                .as("as they were")
                .hasSize(2);
        type("cutter-wide-610-zones", "");
        assertThat(on(() -> session.shop().cutter().usableMm(500)))
                .as("anywhere")
                .isEqualTo(470);
        click("printer-" + session.shop().printer().id() + "-another");
        settle();
        String second = session.shop().printer().id() + "-2";
        type("printer-" + second + "-paper-width", "900 mm");
        assertThat(on(() -> session.shop().printer().widthMm()))
                .as("not in use")
                .isNotEqualTo(900);
        click("printer-" + second + "-use");
        settle();
        assertThat(on(() -> session.shop().printer().widthMm())).isEqualTo(900);
        type("cutter-wide-610-width", "10 mm");
        assertThat(on(() -> session.shop().cutter().widthMm()))
                .as("narrower than its rollers")
                .isEqualTo(610);
        click("press-cap-press-another");
        settle();
        assertThat(on(() -> session.shop().presses().size())).isEqualTo(6);
        click("press-cap-press-away");
        settle();
        assertThat(on(() -> session.shop().presses().stream().map(p -> p.id()).toList()))
                .contains("cap-press-2")
                .doesNotContain("cap-press");
    }

    /** The film of the letters comes off its roll piece by piece, and each is taken off the shelf when it was cut. */
    @Test
    void aSheetCutterTakesFilmOnMats() {
        run(() -> session.edit(session.job().withLine("A", l -> l.withSize("M", s -> s.withCount(8)))));
        settle();
        double hung = rollMm();
        openShop("machines");
        click("cutter-mat-305-use");
        settle();
        List<Load> loads = loads();
        assertThat(loads).hasSizeGreaterThan(1).allSatisfy(l -> {
            assertThat(l.stock()).isInstanceOf(MatPiece.class);
            assertThat(l.usedMm()).isLessThanOrEqualTo(305);
        });
        robot.push(KeyCode.ESCAPE);
        click("bench-cut");
        settle();
        click("cut-by-hand");
        settle();
        assertThat(rollMm())
                .as("what is left of the roll")
                .isCloseTo(hung - loads.getFirst().usedMm(), within(1e-3));
        List<Load> after = loads();
        assertThat(after).hasSameSizeAs(loads);
        assertThat(after.stream().map(Load::usedMm).toList())
                .as("nothing moved")
                .containsExactlyInAnyOrderElementsOf(
                        loads.stream().map(Load::usedMm).toList());
        click("cut-by-hand");
        settle();
        openShop("machines");
        type("cutter-mat-305-mat", "5 mm");
        assertThat(on(() -> session.shop().cutter().matMm()))
                .as("shorter than its edges")
                .isEqualTo(305);
        type("cutter-mat-305-mat", "0 mm");
        assertThat(loads())
                .as("off the roll")
                .allSatisfy(l -> assertThat(l.stock()).isNotInstanceOf(MatPiece.class));
    }

    private List<Load> loads() {
        return on(() ->
                session.plan().orElseThrow().runs().stream().map(CutRun::load).toList());
    }

    private double rollMm() {
        return on(() -> session.shop().shelf().stream()
                .filter(s -> s.materialId().equals("smooth-film")
                        && s.colour().equals(loads().getFirst().colour()))
                .findFirst()
                .orElseThrow()
                .lengthMm());
    }

    @Test
    void handsAndPricesAreThoseOfTheShop() {
        double work = on(() -> session.plan().orElseThrow().quote().pressTime());
        openShop("hands");
        type("prices-hour", "60");
        assertThat(on(() -> session.plan().orElseThrow().quote().pressTime())).isCloseTo(2 * work, within(1e-6));
        type("prices-margin", "50 %");
        double cost = on(() -> session.plan().orElseThrow().quote().film()
                + session.plan().orElseThrow().quote().pressTime());
        assertThat(on(() -> session.plan().orElseThrow().quote().total())).isCloseTo(1.5 * cost, within(1e-6));
        type("prices-currency", "€");
        assertThat(text("hands-all")).startsWith("€");
        type("prices-hands", "0");
        assertThat(on(() -> session.shop().prices().hands())).isEqualTo(1);
    }

    @Test
    void aShopIsGivenAwayAndTakenIn() throws IOException {
        Path file = folder.resolve("their-shop.json");
        openShop("films");
        click("film-smooth-film");
        type("film-speed", "220 mm/s");
        answers.add(file);
        click("shop-give");
        settle();
        assertThat(file).content().contains("\"speedMmS\" : 220.0");
        click("film-as-shipped");
        settle();
        answers.add(file);
        click("shop-take");
        settle();
        assertThat(isThere("offer-sheet")).as("first it is shown").isTrue();
        assertThat(smooth().cutting().speedMmS()).isNotEqualTo(220);
        click("offer-take");
        settle();
        assertThat(smooth().cutting().speedMmS()).isEqualTo(220);

        Path broken = folder.resolve("broken.json");
        Files.writeString(broken, Files.readString(file).replace("\"pressHour\" : 30.0", "\"pressHour\" : -1"));
        answers.add(broken);
        click("shop-take");
        settle();
        assertThat(said()).contains("broken.json, prices");
        assertThat(on(() -> session.shop().prices().pressHour())).isEqualTo(30);
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void aCutterIsReachedByTheNetworkOrAFolder() throws IOException {
        try (PlainMachine machine = new PlainMachine(true, -1)) {
            openShop("machines");
            choose("cutter-desktop-305-reach", Connection.Kind.PORT);
            type("cutter-desktop-305-where", "nowhere");
            assertThat(on(() -> session.shop().cutter().reach())).isEqualTo(Connection.STAND_IN);
            type("cutter-desktop-305-where", machine.reach().where());
            assertThat(on(() -> session.shop().cutter().reach())).isEqualTo(machine.reach());
            click("cutter-desktop-305-check");
            settle();
            until(() -> stage().getScene().getRoot().lookupAll(".label").stream()
                    .anyMatch(n -> n instanceof Labeled l && l.getText().contains("PLAIN MACHINE")));
            robot.push(KeyCode.ESCAPE);
            click("bench-cut");
            settle();
            int paths = on(
                    () -> session.plan().orElseThrow().runs().getFirst().paths().size());
            click("cut-main");
            until(() -> window.shell().cutter().state() == CutTalk.State.DONE);
            settle();
            assertThat(machine.bed()).hasSize(paths);
            assertThat(on(() -> session.job().made().cuts())).hasSize(1);
            double cutMm =
                    on(() -> session.plan().orElseThrow().runs().getFirst().cutMm());
            assertThat(new ShopFolder(state()).mine().read().shop().knifeMm("desktop-305"))
                    .as("the knife went so far")
                    .isCloseTo(cutMm, within(1e-6));
        }
        Path watched = Files.createDirectory(folder.resolve("watched"));
        openShop("machines");
        choose("cutter-desktop-305-reach", Connection.Kind.FOLDER);
        type("cutter-desktop-305-where", watched.toString());
        robot.push(KeyCode.ESCAPE);
        click("bench-cut");
        settle();
        click("cut-main");
        settle();
        click("cut-main");
        until(() -> window.shell().cutter().state() == CutTalk.State.SENT);
        try (var files = Files.list(watched)) {
            assertThat(files.toList())
                    .singleElement()
                    .satisfies(f -> assertThat(Files.readString(f))
                            .startsWith("IN;PA;SP1;")
                            .contains("FS90;"));
        }
        assertThat(on(() -> session.job().made().cuts()))
                .as("a folder tells nothing")
                .hasSize(1);
        try (var files = Files.list(watched)) {
            for (Path f : files.toList()) {
                Files.delete(f);
            }
        }
        Files.delete(watched);
        run(() -> window.shell().cutter().start(window.shell().cutter().run().orElseThrow()));
        until(() -> window.shell().cutter().trouble().isPresent());
        assertThat(on(() -> window.shell().cutter().state()))
                .as("no connection was there to lose")
                .isEqualTo(CutTalk.State.STOPPED);
        assertThat(on(() -> window.shell().cutter().trouble().orElseThrow()))
                .contains(watched.toString())
                .contains("not there");
    }

    @SuppressWarnings("unchecked")
    private void choose(String id, Object value) {
        until(() -> node(id) != null);
        run(() -> ((ComboBox<Object>) node(id)).setValue(value));
        settle();
    }

    @Test
    void aKnifeThatWentItsWayIsLikelyDull() {
        openShop("machines");
        type("cutter-desktop-305-lasts", "1");
        robot.push(KeyCode.ESCAPE);
        click("bench-cut");
        settle();
        run(() -> window.shell().cutter().setSpeedUp(Double.POSITIVE_INFINITY));
        assertThat(node("cut-new-knife")).as("it is new").isNull();
        click("cut-by-hand");
        settle();
        until(() -> said().contains("likely dull"));
        until(() -> node("cut-new-knife") != null);
        click("cut-new-knife");
        settle();
        until(() -> node("cut-new-knife") == null);
        assertThat(new ShopFolder(state()).mine().read().shop().knifeMm("desktop-305"))
                .isZero();
    }
}
