package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.art.Backing;
import jurren.core.art.Drawing;
import jurren.core.art.Guide;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.art.treat.Treatments;
import jurren.formats.words.Words;

/** How the chosen motif is built: its source, then each treatment in turn. */
final class ChainPanel {
    /** What decides which fields there are; everything else only fills them. */
    private record Fields(Optional<String> motif, Class<?> source, List<Object> treatments) {}

    private final Session session;
    private final ArtActions actions;
    private final Label caption = Controls.caption("");
    private final VBox cards = new VBox();
    private final VBox node = new VBox(caption, cards);
    private final List<Runnable> fillers = new ArrayList<>();
    private final GuideScale scale;
    private final Folds folds = new Folds();
    private Fields fields;

    ChainPanel(Session session, ArtActions actions, GuideScale scale) {
        this.scale = scale;
        this.session = session;
        this.actions = actions;
        cards.getStyleClass().add("chain");
        node.getStyleClass().add("cards");
    }

    Node node() {
        return node;
    }

    void update() {
        Optional<Motif> motif = session.motif();
        node.setVisible(motif.isPresent());
        node.setManaged(motif.isPresent());
        Fields now = new Fields(
                motif.map(Motif::id),
                motif.<Class<?>>map(m -> m.source().getClass()).orElse(null),
                motif.map(m -> m.treatments().stream()
                                .map(TreatmentCard::shapeOf)
                                .toList())
                        .orElse(List.of()));
        if (!now.equals(fields)) {
            fields = now;
            fillers.clear();
            Controls.refill(cards, motif.map(this::build).orElse(List.of()));
        }
        motif.ifPresent(m -> caption.setText(Texts.of("chain.title", m.name())));
        fillers.forEach(Runnable::run);
    }

    private List<Node> build(Motif motif) {
        List<Node> steps = new ArrayList<>();
        SourceCard<?> source = switch (motif.source()) {
            case Lettering _ -> new LetteringCard(session, actions, folds);
            case Drawing _ -> new ShapeCards.OfDrawing(session, actions);
            case TracedPicture _ -> new PictureCards.OfTraced(session, actions);
            case PrintedPicture _ -> new PictureCards.OfPrinted(session, actions);
            case Guide _ -> new PictureCards.OfGuide(session, actions, scale);
            case Shape _ -> new ShapeCards.OfShape(session, actions);
            case Stroke _ -> new ShapeCards.OfStroke(session, actions);
            case Mark _ -> new ShapeCards.OfMark(session, actions);
            case Backing _ -> new ShapeCards.OfBacking(session, actions);
        };
        steps.add(source.node());
        fillers.add(source::fill);
        for (int i = 0; i < motif.treatments().size(); i++) {
            TreatmentCard card =
                    new TreatmentCard(session, actions, i, motif.treatments().get(i));
            fillers.add(card::fill);
            steps.add(card.node());
        }
        if (motif.source() instanceof Guide) {
            // nothing is made of a guide, so nothing can be done to it
            return steps;
        }
        HBox add =
                new HBox(Controls.button("add-outline", Texts.of("chain.add-outline"), actions::addOutline), addMenu());
        add.getStyleClass().add("buttons");
        steps.add(add);
        return steps;
    }

    /** Everything that can be done to a motif, by what a person wants. */
    private MenuButton addMenu() {
        MenuButton menu = new MenuButton(Texts.of("chain.add"));
        menu.setId("add-treatment");
        menu.getStyleClass().add("add-treatment");
        for (Treatments.Group group : Treatments.Group.values()) {
            Menu sub = new Menu(Texts.of("treat.group." + group));
            sub.setId("add-group-" + group.name().toLowerCase(java.util.Locale.ROOT));
            Treatments.kinds().stream().filter(k -> k.group() == group).forEach(k -> {
                MenuItem item = new MenuItem(Words.treatment(k.id()));
                item.setId("treat-" + k.id());
                item.setOnAction(_ -> actions.add(k));
                sub.getItems().add(item);
            });
            menu.getItems().add(sub);
        }
        return menu;
    }
}
