package jurren.app.bench.art;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.formats.start.Start;
import jurren.formats.start.StartDraft;
import jurren.formats.start.StartField;

/** A start made from motifs: its name, and which of their facts change from one time to the next. */
final class SaveStartSheet {
    private SaveStartSheet() {}

    static void open(Sheets sheets, StartDraft draft, Consumer<Start> saved) {
        TextField name = new TextField();
        name.setId("start-name");
        name.setPromptText(Texts.of("start.name-prompt"));
        name.setAccessibleText(Texts.of("start.name"));
        VBox rows = new VBox(6);
        Map<StartDraft.Candidate, TextField> entries = new LinkedHashMap<>();
        List<StartDraft.Candidate> candidates = draft.candidates();
        for (int i = 0; i < candidates.size(); i++) {
            rows.getChildren().add(row(candidates.get(i), i, entries));
        }
        Button save = Controls.button(
                "start-save",
                Texts.of("start.save"),
                () -> {
                    Map<StartDraft.Candidate, String> named = new LinkedHashMap<>();
                    entries.forEach((c, field) -> {
                        if (!field.isDisabled()) {
                            named.put(c, field.getText().strip());
                        }
                    });
                    sheets.close();
                    saved.accept(draft.start(name.getText().strip(), Texts.of("start.own-about"), named));
                },
                "primary");
        save.disableProperty().bind(name.textProperty().map(String::isBlank));
        sheets.open(
                "save-start-sheet",
                Texts.of("start.save-own"),
                Pos.CENTER,
                Controls.row(Texts.of("start.name"), name),
                Controls.label(Texts.of("start.save-hint"), "hint", "wrapped"),
                rows,
                save);
    }

    /** Words are an entry unless somebody says otherwise; the rest stays as it is. */
    private static HBox row(StartDraft.Candidate c, int number, Map<StartDraft.Candidate, TextField> entries) {
        String what = what(c);
        CheckBox on = new CheckBox(what);
        on.setId("candidate-" + number);
        on.setSelected(c.kind() == StartField.Kind.TEXT || c.kind() == StartField.Kind.WORDS);
        TextField entry = new TextField(what);
        entry.setId("candidate-name-" + number);
        entry.setAccessibleText(Texts.of("start.entry-name", what));
        entry.disableProperty().bind(on.selectedProperty().not());
        entries.put(c, entry);
        HBox row = new HBox(10, on, Controls.spring(), Controls.figure(c.value()), entry);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(on, Priority.SOMETIMES);
        return row;
    }

    private static String what(StartDraft.Candidate c) {
        String figure = c.what().substring(c.what().lastIndexOf(' ') + 1);
        String treatment =
                c.what().contains(" · ") ? c.what().substring(0, c.what().lastIndexOf(" · ")) + ", " : "";
        String plain = switch (figure) {
            case "text" -> Texts.of("start.what.text");
            case "typeface" -> Texts.of("start.what.typeface");
            case "colour" -> Texts.of("start.what.colour");
            case "capHeightMm" -> Texts.of("letters.capital");
            case "keptWidthMm" -> Texts.of("letters.kept-width");
            default ->
                Texts.has("treat.figure." + figure) ? Texts.of("treat.figure." + figure) : figure.replaceAll("Mm$", "");
        };
        return (c.motif().isBlank() ? "" : c.motif() + ": ") + treatment + plain;
    }
}
