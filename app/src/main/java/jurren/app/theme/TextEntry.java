package jurren.app.theme;

import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A line of text that is edited in place and becomes a fact when it is done. */
public final class TextEntry extends TextField implements Typed {
    private final Consumer<String> taken;
    private String shown = "";

    public TextEntry(String id, String name, Consumer<String> taken) {
        this.taken = taken;
        setId(id);
        setAccessibleText(name);
        setOnAction(_ -> commit());
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                commit();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && isPending()) {
                restore();
                e.consume();
            }
        });
    }

    /** Shows a text, unless the person is typing another. */
    public void show(String text) {
        boolean untouched = !isPending();
        shown = text;
        if (!isFocused() || untouched) {
            if (!getText().equals(text)) {
                setText(text);
            }
        }
    }

    @Override
    public boolean isPending() {
        return !getText().equals(shown);
    }

    @Override
    public void commit() {
        if (isPending()) {
            shown = getText();
            taken.accept(shown);
        }
    }

    @Override
    public void restore() {
        setText(shown);
        selectAll();
    }
}
