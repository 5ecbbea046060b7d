package jurren.app.window;

import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;

/** Asks before unsaved work would be lost. */
final class UnsavedSheet {
    private UnsavedSheet() {
    }

    static void open(Sheets sheets, Runnable save, Runnable drop) {
        HBox buttons = new HBox(
                Controls.button("unsaved-save", Texts.of("unsaved.save"), () -> {
                    sheets.close();
                    save.run();
                }, "primary"),
                Controls.button("unsaved-drop", Texts.of("unsaved.drop"), () -> {
                    sheets.close();
                    drop.run();
                }),
                Controls.button("unsaved-stay", Texts.of("unsaved.stay"), sheets::close));
        buttons.getStyleClass().add("buttons");
        sheets.open("unsaved-sheet", Texts.of("unsaved.title"), Pos.CENTER, Controls.label(Texts.of("unsaved.text")), buttons);
    }
}
