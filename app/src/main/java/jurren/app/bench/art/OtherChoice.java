package jurren.app.bench.art;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.Motif;

/** Another motif of the face by its name; only those that can be followed without going round in a ring. */
final class OtherChoice extends ComboBox<String> {
    private final Session session;
    private final ArtActions actions;
    private boolean quiet;

    OtherChoice(String id, Session session, ArtActions actions, Consumer<String> chosen) {
        this.session = session;
        this.actions = actions;
        setId(id);
        setAccessibleText(Texts.of("other.choose"));
        setPromptText(Texts.of("other.choose"));
        setMaxWidth(Double.MAX_VALUE);
        setConverter(new StringConverter<>() {
            @Override
            public String toString(String motif) {
                return motif == null ? "" : name(motif);
            }

            @Override
            public String fromString(String s) {
                return null;
            }
        });
        valueProperty().addListener((_, _, now) -> {
            if (!quiet && now != null) {
                chosen.accept(now);
            }
        });
    }

    private String name(String id) {
        Optional<Motif> motif = session.line().motif(id);
        return motif.map(Motif::name).orElse(Texts.of(id.isEmpty() ? "other.choose" : "other.gone"));
    }

    void show(String id) {
        quiet = true;
        List<String> can = session.motif()
                .map(m -> actions.canFollow(m).stream().map(Motif::id).toList())
                .orElse(List.of());
        if (!can.equals(getItems())) {
            getItems().setAll(can);
        }
        if (!Objects.equals(getValue(), id)) {
            setValue(id);
        }
        quiet = false;
    }
}
