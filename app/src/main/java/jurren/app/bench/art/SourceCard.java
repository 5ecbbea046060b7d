package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.art.Motif;
import jurren.core.art.Source;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;

/** What the chosen motif is made from: the fields of one kind of source. */
abstract class SourceCard<S extends Source> {
    private final Class<S> type;
    private final List<Consumer<S>> fillers = new ArrayList<>();
    protected final Session session;
    protected final ArtActions actions;

    SourceCard(Class<S> type, Session session, ArtActions actions) {
        this.type = type;
        this.session = session;
        this.actions = actions;
    }

    abstract Node node();

    final void fill() {
        now().ifPresent(s -> fillers.forEach(f -> f.accept(s)));
    }

    protected final void fills(Consumer<S> filler) {
        fillers.add(filler);
    }

    protected final Optional<S> now() {
        return session.motif().map(Motif::source).filter(type::isInstance).map(type::cast);
    }

    /** What a source does not take is said, and the last good one stays. */
    protected final void edit(UnaryOperator<S> change, Object gesture) {
        now().ifPresent(s -> {
            try {
                S changed = change.apply(s);
                session.editMotif(m -> m.withSource(changed), gesture);
            } catch (IllegalArgumentException e) {
                session.notices().say(Texts.of("measure.cannot-be", e.getMessage()));
            }
        });
    }

    protected final void edit(UnaryOperator<S> change) {
        edit(change, null);
    }

    protected final Swatches<FilmColour> colours(
            String id, java.util.function.Function<S, Colour> now, Consumer<Colour> chosen) {
        Swatches<FilmColour> swatches =
                new Swatches<>(id, FilmColour::name, FilmColour::colour, c -> chosen.accept(c.colour()));
        fills(s -> session.linePlan().ifPresent(p -> {
            Material film =
                    session.motif().map(m -> p.material(m, now.apply(s))).orElse(p.material());
            swatches.show(film.colours(), film.sold(now.apply(s)).orElse(null));
        }));
        return swatches;
    }

    protected static HBox title(String key) {
        HBox title = new HBox(Controls.label(Texts.of(key), "card-title"), Controls.spring());
        title.getStyleClass().add("row");
        return title;
    }

    static void show(Node n, boolean visible) {
        n.setVisible(visible);
        n.setManaged(visible);
    }
}
