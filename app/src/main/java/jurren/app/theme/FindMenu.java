package jurren.app.theme;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A field that opens over a button, with what is called as one types below it; Enter takes the first. */
public final class FindMenu<T> {
    private static final int MOST = 12;

    private final String id;
    private final Supplier<List<T>> all;
    private final Function<T, String> name;
    private final Consumer<T> taken;
    private final TextField field = new TextField();
    private final CustomMenuItem fieldItem = new CustomMenuItem(field, false);
    private final ContextMenu menu = new ContextMenu(fieldItem);

    public FindMenu(String id, String prompt, Supplier<List<T>> all, Function<T, String> name, Consumer<T> taken) {
        this.id = id;
        this.all = all;
        this.name = name;
        this.taken = taken;
        field.setId(id + "-field");
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.textProperty().addListener((_, _, _) -> fill());
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                found().stream().findFirst().ifPresent(this::take);
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                menu.hide();
                e.consume();
            }
        });
    }

    public void open(Node over) {
        field.clear();
        fill();
        menu.show(over, Side.BOTTOM, 0, 0);
        field.requestFocus();
    }

    /** Every word that was typed is somewhere in the name. */
    private List<T> found() {
        List<String> words = Arrays.stream(
                        field.getText().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(w -> !w.isBlank())
                .toList();
        return all.get().stream()
                .filter(t -> words.stream().allMatch(name.apply(t).toLowerCase(Locale.ROOT)::contains))
                .limit(MOST)
                .toList();
    }

    private void fill() {
        List<MenuItem> items = new ArrayList<>();
        items.add(fieldItem);
        List<T> found = found();
        for (int i = 0; i < found.size(); i++) {
            T one = found.get(i);
            MenuItem item = new MenuItem(name.apply(one));
            item.setId(id + "-" + i);
            item.setOnAction(_ -> take(one));
            items.add(item);
        }
        menu.getItems().setAll(items);
    }

    private void take(T one) {
        menu.hide();
        taken.accept(one);
    }
}
