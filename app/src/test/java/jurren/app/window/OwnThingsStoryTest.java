package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import javafx.scene.input.KeyCode;
import jurren.app.keep.ShopFolder;
import jurren.core.blank.Blank;
import jurren.core.job.Job;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.plan.Refit;
import jurren.formats.start.Start;
import jurren.formats.start.StartDraft;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Things, starts and film colours of one's own: listed, given away, taken in, taken away and brought back. */
class OwnThingsStoryTest extends WindowTest {
    private static final Colour SAND = Colour.of("#D9C7A0");

    @Override
    Job job() {
        return robin();
    }

    private Blank keptBoard() throws IOException {
        Blank board = SHOP.blank("plaque-200").orElseThrow().copied("slate-board", "Slate board");
        new ShopFolder(state()).save(board);
        run(() -> session.useShop(session.shopFolder().shop()));
        return board;
    }

    private Start keptStart() throws IOException {
        Start start = StartDraft.of(on(() -> session.line().motifs()))
                .start("Robin's name", "One name in one film", Map.of());
        new ShopFolder(state()).starts().save(start);
        run(() -> session.own().startsChanged());
        return start;
    }

    @Test
    void aThingIsGivenAwayTakenAwayAndBroughtBack() throws IOException {
        keptBoard();
        openShop("things");
        Path file = folder.resolve("board.json");
        answers.add(file);
        click("thing-slate-board-give");
        settle();
        assertThat(file).content().contains("\"Slate board\"");

        click("thing-slate-board-away");
        settle();
        assertThat(node("thing-slate-board-give")).isNull();
        assertThat(on(() -> session.shop().blank("slate-board"))).isEmpty();
        assertThat(new ShopFolder(state()).own()).isEmpty();

        answers.add(file);
        click("things-take");
        settle();
        click("offer-take");
        settle();
        assertThat(said()).contains("Slate board is among your own things now");
        assertThat(on(() -> session.shop().blank("slate-board"))).isPresent();

        answers.add(Files.writeString(folder.resolve("neither.json"), "{\"id\": \"neither\"}"));
        click("things-take");
        settle();
        assertThat(said()).contains("neither.json");
        click("thing-slate-board-away");
        settle();
        robot.push(KeyCode.ESCAPE);
        settle();
        click("notice-action-0");
        settle();
        assertThat(new ShopFolder(state()).own())
                .as("brought back")
                .extracting(Blank::id)
                .containsExactly("slate-board");
    }

    @Test
    void aThingThatTheJobIsMadeOnStays() throws IOException {
        Blank board = keptBoard();
        run(() -> session.editLine(
                l -> new Refit().ontoBlank(l, session.shop(), board).line()));
        settle();
        openShop("things");
        click("thing-slate-board-away");
        settle();
        assertThat(said()).contains("a line of this job is made on it");
        assertThat(new ShopFolder(state()).own()).hasSize(1);
    }

    @Test
    void aStartIsGivenAwayAndTakenAway() throws IOException {
        Start start = keptStart();
        openShop("things");
        Path file = folder.resolve("start.json");
        answers.add(file);
        click("own-start-" + start.id() + "-give");
        settle();
        click("own-start-" + start.id() + "-away");
        settle();
        assertThat(on(() -> session.own().starts())).extracting(Start::name).doesNotContain("Robin's name");
        answers.add(file);
        click("starts-take");
        settle();
        click("offer-take");
        settle();
        assertThat(on(() -> session.own().starts())).extracting(Start::name).contains("Robin's name");
    }

    @Test
    void aShopIsGivenAwayWithAllOfIt() throws IOException {
        keptBoard();
        Start start = keptStart();
        openShop("things");
        Path file = folder.resolve("shop.json");
        answers.add(file);
        click("shop-give");
        settle();
        ShopFolder mine = new ShopFolder(state());
        mine.remove("slate-board");
        mine.starts().remove(start.id());

        answers.add(file);
        click("shop-take");
        settle();
        click("offer-take");
        settle();
        assertThat(mine.own()).extracting(Blank::name).containsExactly("Slate board");
        assertThat(mine.starts().read().starts()).extracting(Start::name).contains("Robin's name");
        assertThat(node("thing-slate-board-give")).as("it is listed").isNotNull();
        click("shop-put-back");
        settle();
        assertThat(mine.own()).as("as it was before").isEmpty();
        assertThat(mine.starts().read().starts()).noneMatch(Start::own);

        Files.writeString(file, Files.readString(file).replace("\"referenceSize\"", "\"noSize\""));
        answers.add(file);
        click("shop-take");
        settle();
        assertThat(said()).contains("shop.json, things[0]");
        assertThat(mine.own()).as("nothing of it").isEmpty();
    }

    private Material smooth() {
        return on(() -> session.shop().material("smooth-film").orElseThrow());
    }

    @Test
    void theColoursOfAFilmAreTheShopsOwn() {
        int before = smooth().colours().size();
        openShop("films");
        click("film-smooth-film");
        click("film-colour-add");
        settle();
        type("film-colour-name", "Sand");
        type("film-colour-code", "d9c7a0");
        settle();
        assertThat(smooth().colours()).hasSize(before + 1).contains(new FilmColour("Sand", SAND));
        type("film-colour-code", "sandy");
        assertThat(said()).contains("\"sandy\" is no colour");
        type("film-colour-name", "cream");
        assertThat(said()).contains("has a colour called cream already");
        type("film-colour-code", smooth().colours().getFirst().colour().hex());
        assertThat(said()).contains("already");
        assertThat(smooth().sold(SAND)).as("none of that counted").hasValue(new FilmColour("Sand", SAND));
        assertThat(new ShopFolder(state())
                        .shop()
                        .material("smooth-film")
                        .orElseThrow()
                        .sold(SAND))
                .as("it is kept")
                .isPresent();

        click("film-colour-away");
        settle();
        assertThat(smooth().sold(SAND)).isEmpty();
        assertThat(node("film-as-shipped")).as("all are as they were shipped").isNull();
    }
}
