package jurren.app.theme;

import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import jurren.core.material.Colour;

/** Colours to choose from, each a round button with its name for those who do not see it. */
public final class Swatches<T> extends FlowPane {
    private final String id;
    private final Function<T, String> name;
    private final Function<T, Colour> colour;
    private final Consumer<T> chosen;
    private List<T> shown = List.of();

    public Swatches(String id, Function<T, String> name, Function<T, Colour> colour, Consumer<T> chosen) {
        this.id = id;
        this.name = name;
        this.colour = colour;
        this.chosen = chosen;
        getStyleClass().add("swatches");
    }

    /** @param now the one in use; null for none of them */
    public void show(List<T> items, T now) {
        if (!items.equals(shown)) {
            shown = List.copyOf(items);
            getChildren().setAll(items.stream().map(this::button).toList());
        }
        for (int i = 0; i < shown.size(); i++) {
            ToggleButton b = (ToggleButton) getChildren().get(i);
            b.setSelected(Objects.equals(shown.get(i), now));
            b.setText(b.isSelected() ? "✓" : "");
        }
    }

    private ToggleButton button(T item) {
        ToggleButton b = new ToggleButton();
        b.setId(id + "-" + name.apply(item).toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
        b.getStyleClass().add("swatch");
        Colour c = colour.apply(item);
        b.setStyle("-fx-background-color: rgba(35,38,43,0.45), " + c.hex() + ";" + "-fx-text-fill: "
                + (c.luminance() < 0.35 ? "white" : "#23262B") + ";");
        b.setAccessibleText(name.apply(item));
        b.setTooltip(new Tooltip(name.apply(item)));
        b.setOnAction(_ -> {
            b.setSelected(true);
            chosen.accept(item);
        });
        return b;
    }
}
