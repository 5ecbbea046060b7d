package jurren.app.window;

import javafx.geometry.Pos;
import javafx.scene.layout.GridPane;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;

/**
 * Every key and what it does, from the bundle: {@code keys.1}, {@code keys.2} and so on, key and meaning parted by a
 * bar.
 */
final class ShortcutSheet {
    private ShortcutSheet() {}

    static void open(Sheets sheets) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("keys");
        for (int i = 1; i <= Integer.parseInt(Texts.of("keys.count")); i++) {
            String[] parts = Texts.of("keys." + i).split("\\|");
            grid.addRow(i, Controls.figure(parts[0]), Controls.label(parts[1]));
        }
        sheets.open("shortcut-sheet", Texts.of("keys.title"), Pos.CENTER, grid);
    }
}
