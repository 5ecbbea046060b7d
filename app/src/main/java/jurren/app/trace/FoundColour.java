package jurren.app.trace;

import java.util.HashMap;
import java.util.Map;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.material.Colour;
import jurren.core.trace.TraceSettings;

/**
 * A colour that was found in a picture: taken or not, and dragged onto another, or put on the one above with a key,
 * made one with it.
 */
final class FoundColour extends HBox {
    FoundColour(
            Colour colour,
            TraceSettings settings,
            boolean ground,
            BiConsumer<Colour, Boolean> taken,
            BiConsumer<Colour, Colour> merged) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        setId("found-" + colour.hex().substring(1));
        getStyleClass().add("found-colour");
        Label chip = new Label();
        chip.getStyleClass().add("found-chip");
        chip.setStyle("-fx-background-color: rgba(35,38,43,0.45), " + colour.hex() + ";");
        CheckBox take = new CheckBox();
        Colour into = settings.merged().get(colour);
        take.setId("take-" + colour.hex().substring(1));
        take.setAccessibleText(Texts.of("trace.take-colour", colour.hex()));
        take.setSelected(!settings.without().contains(colour) && !ground && into == null);
        take.setDisable(ground || into != null);
        take.setOnAction(_ -> taken.accept(colour, take.isSelected()));
        Label what = Controls.label(
                ground
                        ? Texts.of("trace.ground")
                        : into != null ? Texts.of("trace.merged-into", into.hex()) : colour.hex(),
                "figure");
        getChildren().setAll(take, chip, what);
        setFocusTraversable(true);
        setAccessibleText(Texts.of("trace.colour", colour.hex()));
        setOnDragDetected(e -> {
            Dragboard board = startDragAndDrop(TransferMode.MOVE);
            ClipboardContent content = new ClipboardContent();
            content.putString(colour.hex());
            board.setContent(content);
            e.consume();
        });
        setOnDragOver(e -> {
            if (e.getDragboard().hasString()) {
                e.acceptTransferModes(TransferMode.MOVE);
            }
        });
        setOnDragDropped(e -> {
            String from = e.getDragboard().getString();
            if (from != null && from.matches("#[0-9A-F]{6}") && !from.equals(colour.hex())) {
                merged.accept(Colour.of(from), colour);
            }
            e.setDropCompleted(true);
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.M && getParent() != null) {
                int at = getParent().getChildrenUnmodifiable().indexOf(this);
                if (at > 0 && getParent().getChildrenUnmodifiable().get(at - 1) instanceof FoundColour above) {
                    merged.accept(colour, Colour.of("#" + above.getId().substring("found-".length())));
                }
                e.consume();
            }
        });
    }

    /** One becomes another, and so does everything that was put into it. */
    static Map<Colour, Colour> merged(Map<Colour, Colour> now, Colour from, Colour to) {
        Colour target = now.getOrDefault(to, to);
        Map<Colour, Colour> all = new HashMap<>(now);
        all.replaceAll((_, into) -> into.equals(from) ? target : into);
        all.put(from, target);
        all.remove(target);
        return all;
    }
}
