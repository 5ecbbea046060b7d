package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;

/** Colours that are taken in turn: their row, of which one is being changed with the swatches below it. */
public final class ColoursInTurn extends VBox {
    private static final int MOST = 12;

    private final String id;
    private final Session session;
    private final Consumer<List<Colour>> chosen;
    private final HBox row = new HBox(4);
    private final Swatches<FilmColour> swatches;
    private List<Colour> colours = List.of();
    private int at;

    public ColoursInTurn(String id, Session session, Consumer<List<Colour>> chosen) {
        super(6);
        this.id = id;
        this.session = session;
        this.chosen = chosen;
        this.swatches = new Swatches<>(id, FilmColour::name, FilmColour::colour, c -> change(c.colour()));
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(row, swatches);
    }

    /** @param several false where only the first counts */
    public void show(List<Colour> now, boolean several) {
        colours = List.copyOf(now);
        at = Math.min(at, colours.size() - 1);
        row.setVisible(several);
        row.setManaged(several);
        int shown = several ? at : 0;
        at = shown;
        Controls.refillWhenChanged(row, List.of(colours, at), this::buttons);
        session.linePlan()
                .ifPresent(p -> swatches.show(
                        p.material().colours(),
                        p.material().sold(colours.get(shown)).orElse(null)));
    }

    private List<javafx.scene.Node> buttons() {
        List<javafx.scene.Node> all = new ArrayList<>();
        for (int i = 0; i < colours.size(); i++) {
            int place = i;
            ToggleButton b = new ToggleButton(String.valueOf(i + 1));
            b.setId(id + "-turn-" + (i + 1));
            b.getStyleClass().add("swatch");
            Colour c = colours.get(i);
            b.setStyle("-fx-background-color: rgba(35,38,43,0.45), " + c.hex() + "; -fx-text-fill: "
                    + (c.luminance() < 0.35 ? "white" : "#23262B") + ";");
            b.setAccessibleText(Texts.of("turn.colour", i + 1));
            b.setSelected(i == at);
            b.setOnAction(_ -> {
                at = place;
                show(colours, true);
            });
            all.add(b);
        }
        Button more = Controls.sign(id + "-more", "+", Texts.of("turn.more"), () -> {
            List<Colour> longer = new ArrayList<>(colours);
            longer.add(colours.getLast());
            at = longer.size() - 1;
            chosen.accept(longer);
        });
        more.setDisable(colours.size() >= MOST);
        Button fewer = Controls.sign(id + "-fewer", "−", Texts.of("turn.fewer"), () -> {
            List<Colour> shorter = new ArrayList<>(colours);
            shorter.remove(at);
            at = 0;
            chosen.accept(shorter);
        });
        fewer.setDisable(colours.size() < 2);
        all.add(more);
        all.add(fewer);
        return all;
    }

    private void change(Colour c) {
        List<Colour> changed = new ArrayList<>(colours);
        changed.set(at, c);
        chosen.accept(changed);
    }
}
