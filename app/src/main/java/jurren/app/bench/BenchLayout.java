package jurren.app.bench;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.theme.Theme;

/** The arrangement most benches share: a picture, a column of cards beside it, something below. */
public final class BenchLayout {
    private BenchLayout() {}

    public static VBox of(Node picture, VBox column, double columnWidth, Node... below) {
        column.getStyleClass().add("column");
        ScrollPane scroll = new ScrollPane(column);
        scroll.getStyleClass().add("column-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        double width = Theme.wide(columnWidth);
        scroll.setMinWidth(width);
        scroll.setPrefWidth(width);
        scroll.setMaxWidth(width);
        HBox upper = new HBox(picture, scroll);
        upper.getStyleClass().add("bench-upper");
        HBox.setHgrow(picture, Priority.ALWAYS);
        VBox all = new VBox(upper);
        all.getChildren().addAll(below);
        all.getStyleClass().add("bench");
        VBox.setVgrow(upper, Priority.ALWAYS);
        return all;
    }
}
