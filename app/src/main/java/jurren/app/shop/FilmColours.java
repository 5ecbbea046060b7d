package jurren.app.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Swatches;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;

/**
 * The colours a film is sold in: one is touched to be named anew, given another code or taken out; others are added.
 */
final class FilmColours {
    private static final int MOST = 200;
    private static final Colour FIRST = Colour.of("#808080");

    private final Session session;
    private final Consumer<Material> changed;
    private final Runnable again;
    private Optional<Colour> chosen = Optional.empty();

    /** @param again shows the page anew when another colour was touched */
    FilmColours(Session session, Consumer<Material> changed, Runnable again) {
        this.session = session;
        this.changed = changed;
        this.again = again;
    }

    List<Node> of(Material m) {
        Swatches<FilmColour> swatches = new Swatches<>("film-colour", FilmColour::name, FilmColour::colour, c -> {
            chosen = chosen.filter(c.colour()::equals).isPresent() ? Optional.empty() : Optional.of(c.colour());
            again.run();
        });
        Optional<FilmColour> touched = chosen.flatMap(m::sold);
        swatches.show(m.colours(), touched.orElse(null));
        List<Node> rows = new ArrayList<>(List.of(swatches));
        touched.ifPresent(c -> rows.addAll(card(m, c)));
        List<Node> buttons = new ArrayList<>();
        touched.filter(_ -> m.colours().size() > 1)
                .ifPresent(c -> buttons.add(
                        Controls.button("film-colour-away", Texts.of("shop.colour-away"), () -> away(m, c), "small")));
        if (m.colours().size() < MOST) {
            buttons.add(Controls.button("film-colour-add", Texts.of("shop.colour-add"), () -> add(m), "small"));
        }
        rows.add(Controls.flow(buttons.toArray(Node[]::new)));
        return rows;
    }

    private List<Node> card(Material m, FilmColour c) {
        TextEntry name =
                new TextEntry("film-colour-name", Texts.of("shop.colour-name"), text -> name(m, c, text.strip()));
        name.show(c.name());
        TextEntry code =
                new TextEntry("film-colour-code", Texts.of("shop.colour-code"), text -> code(m, c, text.strip()));
        code.show(c.colour().hex());
        return List.of(
                Controls.row(Texts.of("shop.colour-name"), name), Controls.row(Texts.of("shop.colour-code"), code));
    }

    private void away(Material m, FilmColour c) {
        chosen = Optional.empty();
        changed.accept(
                m.withColours(m.colours().stream().filter(x -> !x.equals(c)).toList()));
    }

    private void name(Material m, FilmColour c, String text) {
        if (text.isEmpty()
                || m.colours().stream().anyMatch(x -> !x.equals(c) && x.name().equalsIgnoreCase(text))) {
            refuse(text.isEmpty() ? Texts.of("shop.colour-unnamed") : Texts.of("shop.colour-twice", text, m.name()));
        } else {
            put(m, c, new FilmColour(text, c.colour()));
        }
    }

    private void code(Material m, FilmColour c, String text) {
        String hex = text.startsWith("#") ? text : "#" + text;
        if (!hex.matches("#[0-9A-Fa-f]{6}")) {
            refuse(Texts.of("shop.colour-no-code", text));
            return;
        }
        Colour wanted = Colour.of(hex.toUpperCase(Locale.ROOT));
        Optional<FilmColour> same = m.sold(wanted).filter(x -> !x.equals(c));
        if (same.isPresent()) {
            refuse(Texts.of("shop.colour-same", same.get().name(), wanted.hex()));
            return;
        }
        chosen = Optional.of(wanted);
        put(m, c, new FilmColour(c.name(), wanted));
    }

    private void refuse(String why) {
        session.notices().trouble(why);
        again.run();
    }

    private void put(Material m, FilmColour was, FilmColour is) {
        changed.accept(m.withColours(
                m.colours().stream().map(c -> c.equals(was) ? is : c).toList()));
    }

    private void add(Material m) {
        int rgb = FIRST.rgb();
        while (m.sold(new Colour(rgb)).isPresent()) {
            rgb++;
        }
        int n = m.colours().size() + 1;
        while (isNamed(m, Texts.of("shop.colour-new", n))) {
            n++;
        }
        List<FilmColour> all = new ArrayList<>(m.colours());
        FilmColour added = new FilmColour(Texts.of("shop.colour-new", n), new Colour(rgb));
        all.add(added);
        chosen = Optional.of(added.colour());
        changed.accept(m.withColours(all));
    }

    private static boolean isNamed(Material m, String name) {
        return m.colours().stream().anyMatch(c -> c.name().equalsIgnoreCase(name));
    }
}
