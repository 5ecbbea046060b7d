package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import jurren.app.session.Bench;
import jurren.core.art.Treatment;
import jurren.core.blank.Blank;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.core.job.Progress;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.LengthUnit;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Typing, undo and what is told of it. */
class HandsThatLoseNothingTest extends WindowTest {
    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private Node focused() {
        return on(() -> stage().getScene().getFocusOwner());
    }

    private void typeOnly(String id, String text) {
        click(id);
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.write(text);
    }

    @Test
    void whatIsBeingTypedCountsBeforeTheJobIsSaved() {
        Path file = folder.resolve("kite.jurren");
        answers.add(file);
        typeOnly("line-title", "13 crew tees");
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> Files.exists(file) && !session.files().isUnsaved());
        JobRead.Opened read = (JobRead.Opened) JobFile.read(file, SHOP);
        assertThat(read.document().job().lines().getFirst().title()).isEqualTo("13 crew tees");
        typeOnly("count-M", "7");
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> !session.files().isUnsaved() && session.line().entry("M").count() == 7);
    }

    @Test
    void undoInAChangedFieldUndoesTheFieldFirst() {
        Job before = on(session::job);
        run(() -> session.edit(session.job().withName("Changed")));
        typeOnly("count-M", "99");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(text("count-M")).isEqualTo("4");
        assertThat(on(() -> session.job().name()))
                .as("the job is not touched yet")
                .isEqualTo("Changed");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(on(session::job)).isEqualTo(before);
    }

    @Test
    void arrowKeysInAChoiceChooseWhatTheyShow() {
        focus(node("unit-inch"));
        robot.push(KeyCode.RIGHT);
        assertThat(on(() -> ((ToggleButton) node("unit-millimetre")).isSelected()))
                .isTrue();
        assertThat(on(session::unit)).isEqualTo(LengthUnit.MILLIMETRE);
        robot.push(KeyCode.LEFT);
        assertThat(on(session::unit)).isEqualTo(LengthUnit.INCH);
        click("unit-inch");
        assertThat(on(() -> ((ToggleButton) node("unit-inch")).isSelected()))
                .as("one of them always holds")
                .isTrue();
    }

    @Test
    void theFocusStaysBesideWhatWasRemoved() {
        run(() -> {
            session.show(Bench.ART);
            session.choose(Optional.of("m2"));
        });
        settle();
        focus(node("treatment-remove-1"));
        robot.push(KeyCode.SPACE);
        settle();
        assertThat(on(() -> session.motif().orElseThrow().treatments())).hasSize(1);
        Node at = focused();
        assertThat(on(() -> at != null && isUnder(at, "chain")))
                .as("still in the chain")
                .isTrue();
    }

    private static boolean isUnder(Node n, String style) {
        for (Node p = n; p != null; p = p.getParent()) {
            if (p.getStyleClass().contains(style)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void whatUndoWouldTakeBackIsToldAndSaid() {
        Button undo = (Button) node("strip-undo");
        assertThat(on(undo::isDisabled)).isTrue();
        run(() ->
                session.editLine(l -> l.withMotif("m2", m -> m.withPose(m.pose().moved(5, 0)))));
        settle();
        assertThat(on(() -> undo.getTooltip().getText())).contains("Undo: move OTTERBROOK");
        run(() -> session.editLine(l -> l.withMotif(
                "m2",
                m -> m.withTreatments(List.of(new Treatment.Outlined(
                        3, jurren.core.geometry.CornerStyle.ROUND, jurren.core.material.Colour.of("#F6EFDC")))))));
        settle();
        click("strip-undo");
        assertThat(said()).contains("Undone:");
        click("strip-undo");
        assertThat(said()).contains("Undone: move OTTERBROOK");
        assertThat(on(undo::isDisabled)).isTrue();
        click("strip-redo");
        assertThat(said()).contains("Done again: move OTTERBROOK");
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(said()).contains("nothing to undo");
    }

    @Test
    void whatWasCutIsAFactOfTheJobThatIsSavedAndThatNoUndoTakesBack() throws IOException {
        String mark = on(() -> session.plan().orElseThrow().runs().getFirst().mark());
        run(() -> session.show(Bench.CUT));
        settle();
        click("cut-by-hand");
        settle();
        assertThat(on(() -> session.job().made().cut(mark))).isPresent();
        assertThat(text("cut-by-hand")).isEqualTo("Not cut after all");
        Path file = folder.resolve("made.jurren");
        answers.add(file);
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        until(() -> Files.exists(file) && !session.files().isUnsaved());
        Progress kept =
                ((JobRead.Opened) JobFile.read(file, SHOP)).document().job().made();
        assertThat(kept.cuts()).extracting(Progress.Cut::mark).containsExactly(mark);

        run(() -> session.editLine(l ->
                l.withMotif("m1", m -> m.withSource(m.source().resized(1.1, 1.1)))));
        settle();
        assertThat(on(() -> stage().getScene().getRoot().lookupAll(".hint").stream()
                        .anyMatch(n -> n instanceof javafx.scene.control.Label l
                                && l.getText().startsWith("Cut as it was at"))))
                .isTrue();
        run(session::undo);
        run(session::undo);
        settle();
        assertThat(on(() -> session.job().made().cuts()))
                .as("what was cut stays cut, whatever is undone")
                .extracting(Progress.Cut::mark)
                .containsExactly(mark);
        assertThat(on(() -> session.ledger().entries()))
                .extracting(Ledger.Entry::what)
                .containsExactly(Ledger.What.SAID_CUT);
    }

    @Test
    void anOwnThingThatWasRemovedIsStillThereForTheJobAndForUndo() throws IOException {
        Blank own = SHOP.blanks().getFirst().copied("own-tee", "My tee");
        session.shopFolder().save(own);
        Job before = on(session::job);
        run(() -> {
            session.useShop(session.shopFolder().shop());
            window.shell().actions().blanks().exchange(own);
        });
        settle();
        assertThat(on(() -> session.job().carried().blanks())).containsExactly(own);
        run(() -> session.editLine(l -> l.withBlank(
                before.lines().getFirst().thing(),
                before.lines().getFirst().drawnFor(),
                before.lines().getFirst().sizes())));
        settle();
        session.shopFolder().remove("own-tee");
        run(() -> session.useShop(session.shopFolder().shop()));
        settle();
        assertThat(on(() -> session.shop().blank("own-tee"))).isEmpty();
        run(session::undo);
        settle();
        assertThat(on(() -> session.linePlan().orElseThrow().blank())).isEqualTo(own);
    }

    @Test
    void aVersionIsRemovedOnlyAfterAQuestionAndComesBack() {
        click("job-name");
        type("version-name", "first");
        click("version-remove-0");
        assertThat(isThere("remove-sheet")).isTrue();
        robot.push(KeyCode.ESCAPE);
        assertThat(on(() -> session.files().versions())).hasSize(1);
        click("version-remove-0");
        click("remove-yes");
        assertThat(on(() -> session.files().versions())).isEmpty();
        settle();
        until(() -> stage().getScene().getFocusOwner() != null);
        robot.push(KeyCode.ESCAPE);
        until(() -> !isThere("version-name"));
        click("notice-action-0");
        until(() -> !session.files().versions().isEmpty());
        assertThat(on(() -> session.files().versions()))
                .extracting(v -> v.name())
                .containsExactly("first");
        assertThat(on(() -> session.files().isUnsaved())).isTrue();
    }

    @Test
    void troublesAreQueuedEachOnceAndPutAwayOneByOne() {
        run(() -> {
            session.notices().trouble("first trouble");
            session.notices().trouble("second trouble");
            session.notices().say("a remark");
            session.notices().trouble("first trouble");
            session.notices().say("another remark");
        });
        settle();
        assertThat(on(() -> session.notices().all()))
                .extracting(n -> n.sentence())
                .containsExactly("second trouble", "first trouble", "another remark");
        click("notice-close");
        settle();
        assertThat(said()).contains("second trouble").contains("first trouble").doesNotContain("remark");
        run(() -> session.notices().say(null));
        assertThat(said()).as("a remark that ends does not take troubles along").contains("second trouble");
    }

    @Test
    void wrongFilesAreToldByWhatTheyAre() throws IOException {
        run(() -> session.show(Bench.ART));
        run(() -> window.shell().actions().dropped(write("notes.txt", "Dear customer, twelve tees please.")));
        run(() -> window.shell().actions().dropped(write("song.svg", "ID3\u0003 something")));
        settle();
        assertThat(said()).contains("notes.txt is a text document").contains("song.svg is a sound");
        Files.writeString(folder.resolve("letter.jurren"), "Dear customer");
        run(() -> window.shell().actions().dropped(folder.resolve("letter.jurren")));
        settle();
        assertThat(said())
                .contains("letter.jurren is a text document, not a Jurren job")
                .contains("notes.txt");
    }

    private Path write(String name, String content) {
        try {
            return Files.writeString(folder.resolve(name), content);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void countsThatMayMeanTwoThingsAreNotTaken() {
        for (String wrong : List.of("1,000", "2.6", "-3", "ten")) {
            type("count-M", wrong);
            assertThat(on(() -> session.line().entry("M").count())).as(wrong).isEqualTo(4);
        }
        type("blank-drop", "15/16");
        assertThat(on(() -> session.sizePlan().orElseThrow().area().dropMm()))
                .isCloseTo(23.8125, org.assertj.core.api.Assertions.within(1e-9));
        type("blank-drop", "2*1 1/2");
        assertThat(on(() -> session.sizePlan().orElseThrow().area().dropMm()))
                .isCloseTo(76.2, org.assertj.core.api.Assertions.within(1e-9));
        type("blank-drop", "9000 ft");
        assertThat(on(() -> session.sizePlan().orElseThrow().area().dropMm()))
                .isCloseTo(76.2, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void heatIsReadInTheDegreesThatWereChosen() {
        run(() -> session.show(Bench.FINISH));
        settle();
        assertThat(on(() -> session.words().degrees(155))).isEqualTo("311 °F");
        click("job-name");
        click("degrees-celsius");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(on(() -> session.words().degrees(155))).isEqualTo("155 °C");
        assertThat(on(session::unit)).isEqualTo(LengthUnit.INCH);
    }

    @Test
    void figuresAreWrittenAndReadWithTheSignThatWasChosen() {
        try {
            click("job-name");
            click("decimal-sign-comma");
            robot.push(KeyCode.ESCAPE);
            run(() -> session.show(Bench.BLANK));
            settle();
            type("blank-drop", "1,234 in");
            assertThat(on(() -> session.sizePlan().orElseThrow().area().dropMm()))
                    .isCloseTo(31.34, org.assertj.core.api.Assertions.within(0.01));
            assertThat(on(() -> session.words().unit().format(31.34))).isEqualTo("1,23 in");
        } finally {
            DecimalSign.POINT.use();
        }
    }

    @Test
    void motifsAreCopiedBetweenLinesAndDuplicatedAndCut() {
        run(() -> {
            session.edit(session.job().withLineCopied("A"));
            session.openLine("A");
            session.show(Bench.ART);
            session.chooseAll(List.of("m2", "m3"));
        });
        settle();
        focus(stage().getScene().lookup(".face-canvas"));
        robot.push(KeyCode.SHORTCUT, KeyCode.C);
        settle();
        run(() -> session.openLine("B"));
        settle();
        robot.push(KeyCode.SHORTCUT, KeyCode.V);
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(5);
        assertThat(on(() -> session.chosen().stream().map(m -> m.name()).toList()))
                .containsExactly("OTTERBROOK", "kite crew");
        assertThat(on(() -> session.chosen().getFirst().pose().xMm()))
                .as("a little aside of the same")
                .isEqualTo(8);
        robot.push(KeyCode.SHORTCUT, KeyCode.D);
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(7);
        robot.push(KeyCode.SHORTCUT, KeyCode.X);
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(5);
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        assertThat(on(() -> session.chosen())).hasSize(5);
    }

    @Test
    void aDrawingIsPastedFromTextThatAnotherProgramPutThere() {
        run(() -> {
            session.show(Bench.ART);
            var content = new javafx.scene.input.ClipboardContent();
            content.putString(
                    "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='20mm' viewBox='0 0 50 20'><rect width='50' height='20' fill='#E8743B'/></svg>");
            javafx.scene.input.Clipboard.getSystemClipboard().setContent(content);
        });
        settle();
        focus(stage().getScene().lookup(".face-canvas"));
        robot.push(KeyCode.SHORTCUT, KeyCode.V);
        settle();
        assertThat(on(() -> session.linePlan()
                        .orElseThrow()
                        .motifs()
                        .get(session.motif().orElseThrow().id())
                        .bounds()
                        .orElseThrow()
                        .widthMm()))
                .isCloseTo(50, org.assertj.core.api.Assertions.within(1e-4));
        run(() -> ((TextField) node("line-title")).requestFocus());
        robot.push(KeyCode.SHORTCUT, KeyCode.V);
        assertThat(text("line-title"))
                .as("while typing, the text is pasted into the field")
                .contains("<svg");
    }

    @Test
    void aChoiceThatCannotBeKeptIsSaid() throws IOException {
        Files.deleteIfExists(state().resolve("choices.properties"));
        Files.createDirectories(state().resolve("choices.properties").resolve("in the way"));
        run(() -> session.settings().put("bench", "ART"));
        assertThat(on(() -> session.notices().latest()))
                .hasValueSatisfying(s -> assertThat(s).startsWith("What you chose holds for this window only"));
        assertThat(on(() -> session.settings().choice("bench", ""))).isEqualTo("ART");
    }
}
