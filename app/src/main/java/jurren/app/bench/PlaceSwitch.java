package jurren.app.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.blank.Face;
import jurren.core.job.Line;

/** The decorated places of the open line's thing, which of them is looked at, and others to decorate too. */
public final class PlaceSwitch {
    private final Session session;
    private final HBox node = new HBox(4);

    public PlaceSwitch(Session session) {
        this.session = session;
        node.getStyleClass().add("places");
        node.setMinWidth(Region.USE_PREF_SIZE);
    }

    public Node node() {
        return node;
    }

    /** @param ofPlaces whether the open bench is about places at all */
    public void update(boolean ofPlaces) {
        List<Face> faces =
                session.linePlan().map(p -> p.blank().reference().faces()).orElse(List.of());
        Line line = session.line();
        boolean shown = ofPlaces
                && !faces.isEmpty()
                && (faces.size() > 1 || line.places().size() > 1);
        node.setVisible(shown);
        node.setManaged(shown);
        if (shown) {
            List<String> decorated = line.places().stream()
                    .map(p -> p.faceId().isEmpty() ? faces.getFirst().id() : p.faceId())
                    .toList();
            Controls.refillWhenChanged(
                    node, List.of(line.id(), decorated, faces, line.at()), () -> build(faces, decorated, line.at()));
        }
    }

    private List<Node> build(List<Face> faces, List<String> decorated, int open) {
        List<Node> nodes = new ArrayList<>();
        if (decorated.size() > 1) {
            Controls.Segments<String> segments = Controls.segments(
                    "place", decorated, id -> name(faces, id), id -> session.openPlace(decorated.indexOf(id)));
            segments.show(decorated.get(open));
            nodes.add(segments);
        }
        MenuButton menu = new MenuButton(Texts.of("place.menu"));
        menu.setId("place-menu");
        menu.getStyleClass().add("add-treatment");
        menu.setMinWidth(Region.USE_PREF_SIZE);
        menu.setAccessibleText(Texts.of("place.menu.about"));
        faces.stream()
                .filter(f -> !decorated.contains(f.id()))
                .forEach(f -> menu.getItems()
                        .add(item(
                                "place-add-" + f.id(),
                                Texts.of("place.add", f.name()),
                                () -> session.addPlace(f.id()))));
        if (decorated.size() > 1) {
            menu.getItems()
                    .add(item(
                            "place-remove",
                            Texts.of("place.remove", name(faces, decorated.get(open))),
                            session::removePlace));
        }
        nodes.add(menu);
        return nodes;
    }

    private static MenuItem item(String id, String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private static String name(List<Face> faces, String id) {
        return faces.stream()
                .filter(f -> f.id().equals(id))
                .map(Face::name)
                .findFirst()
                .orElse(id);
    }
}
