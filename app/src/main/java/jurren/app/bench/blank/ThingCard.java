package jurren.app.bench.blank;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.job.Place;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Refit;

/** What the thing is: its name, its colour, which face of it, and the way to another one. */
final class ThingCard {
    private final Session session;
    private final Label name = Controls.label("", "card-title");
    private final Label made = Controls.label("", "hint");
    private final Swatches<BlankColour> colours;
    private final VBox faces = new VBox();
    private final VBox node;
    private List<String> facesShown = List.of();
    private Controls.Segments<String> faceChoice;

    ThingCard(Session session) {
        this.session = session;
        this.colours = new Swatches<>(
                "cloth", BlankColour::name, BlankColour::colour, c -> session.editLine(l -> l.withBlankColour(c.id())));
        FlowPane buttons = new FlowPane(
                Controls.button("choose-blank", Texts.of("blank.choose"), () -> ask(AskFor.What.CHOOSE_BLANK)),
                Controls.button("measure-own", Texts.of("blank.measure-own"), () -> ask(AskFor.What.MEASURE_OWN)));
        buttons.getStyleClass().add("flow");
        this.node = Controls.card(name, made, buttons, colours, faces);
    }

    Node node() {
        return node;
    }

    private void ask(AskFor.What what) {
        node.fireEvent(new AskFor(what));
    }

    void update() {
        session.linePlan().ifPresent(plan -> {
            name.setText(plan.blank().name());
            String whole = plan.blank().madeOf().name();
            made.setText(
                    plan.face().madeOf().isPresent()
                            ? Texts.of(
                                    "thing.face",
                                    plan.blankColour().name(),
                                    whole,
                                    plan.face().name(),
                                    plan.madeOf().name())
                            : plan.blankColour().name() + " · " + whole);
            colours.show(plan.blank().colours(), plan.blankColour());
            showFaces(plan);
        });
    }

    private void showFaces(LinePlan plan) {
        List<Face> all = plan.blank().reference().faces();
        List<String> ids = all.stream().map(Face::id).toList();
        if (!ids.equals(facesShown)) {
            facesShown = ids;
            faceChoice = Controls.segments(
                    "face",
                    ids,
                    id -> all.stream()
                            .filter(f -> f.id().equals(id))
                            .findFirst()
                            .map(Face::name)
                            .orElse(id),
                    id -> ontoFace(plan.blank(), id));
            faces.getChildren().setAll(new javafx.scene.layout.HBox(faceChoice));
            faces.setVisible(ids.size() > 1);
            faces.setManaged(ids.size() > 1);
        }
        faceChoice.show(plan.face().id());
    }

    private void ontoFace(Blank blank, String faceId) {
        List<Place> places = session.line().places();
        for (int i = 0; i < places.size(); i++) {
            String face = places.get(i).faceId().isEmpty()
                    ? blank.reference().faces().getFirst().id()
                    : places.get(i).faceId();
            if (face.equals(faceId)) {
                session.openPlace(i);
                return;
            }
        }
        session.editLine(l -> new Refit().ontoFace(l, blank, faceId));
    }
}
