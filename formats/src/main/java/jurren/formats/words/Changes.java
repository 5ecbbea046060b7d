package jurren.formats.words;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import jurren.core.art.Motif;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Progress;
import jurren.core.load.KeptLayout;
import jurren.core.load.Layouts;

/**
 * What an edit did, in a few words, told from the job before and the job after: {@code outline 3.0 mm},
 * {@code move OTTERBROOK}, {@code line C removed}. An edit that did several things is told by the first, and that there
 * was more.
 */
public final class Changes {
    private final LengthUnit unit;

    public Changes(LengthUnit unit) {
        this.unit = unit;
    }

    public String between(Job before, Job after) {
        List<String> found = new ArrayList<>();
        head(before, after, found);
        layouts(before.laying().layouts(), after.laying().layouts(), found);
        lines(before, after, found);
        return switch (found.size()) {
            case 0 -> text("nothing");
            case 1 -> found.getFirst();
            default -> text("and-more", found.getFirst());
        };
    }

    private static String text(String key, Object... values) {
        return Words.text("change." + key, values);
    }

    private void layouts(Layouts before, Layouts after, List<String> found) {
        if (!before.equals(after)) {
            double spared = after.kept().stream()
                    .filter(k -> !before.kept().contains(k))
                    .mapToDouble(KeptLayout::sparedMm)
                    .sum();
            found.add(spared > 0 ? text("layout", unit.film(spared)) : text("layout-other"));
        }
    }

    private static void head(Job before, Job after, List<String> found) {
        if (!before.name().equals(after.name())) {
            found.add(text("job-name"));
        }
        if (!before.number().equals(after.number())) {
            found.add(text("job-number"));
        }
        if (!before.customer().equals(after.customer())) {
            found.add(text("customer"));
        }
        if (!before.due().equals(after.due())) {
            found.add(text("due"));
        }
        if (before.framed() != after.framed()) {
            found.add(text(after.framed() ? "frames" : "no-frames"));
        }
        made(before.made(), after.made(), found);
    }

    private static void made(Progress before, Progress after, List<String> found) {
        if (!before.pressed().equals(after.pressed())) {
            found.add(text("piece-made"));
        }
        if (!before.cuts().equals(after.cuts())) {
            Optional<Progress.Cut> more = after.cuts().stream()
                    .filter(c -> !before.cuts().contains(c))
                    .findFirst();
            found.add(more.map(c -> text("load-cut", c.load())).orElseGet(() -> text("load-not-cut")));
        }
    }

    private void lines(Job before, Job after, List<String> found) {
        after.lines().stream()
                .filter(l -> before.line(l.id()).isEmpty())
                .forEach(l -> found.add(text("line-added", l.id())));
        before.lines().stream()
                .filter(l -> after.line(l.id()).isEmpty())
                .forEach(l -> found.add(text("line-removed", l.id())));
        if (found.isEmpty()
                && before.lines().size() == after.lines().size()
                && !before.lines().stream()
                        .map(Line::id)
                        .toList()
                        .equals(after.lines().stream().map(Line::id).toList())) {
            found.add(text("line-moved"));
        }
        after.lines()
                .forEach(
                        l -> before.line(l.id()).filter(was -> !was.equals(l)).ifPresent(was -> places(was, l, found)));
    }

    private void places(Line before, Line after, List<String> found) {
        int more = after.places().size() - before.places().size();
        if (more != 0) {
            List<String> faces = (more > 0 ? after : before)
                    .places().stream()
                            .map(p -> p.faceId())
                            .filter(f -> (more > 0 ? before : after)
                                    .places().stream().noneMatch(p -> p.faceId().equals(f)))
                            .toList();
            found.add(text(more > 0 ? "place-added" : "place-removed", String.join(", ", faces)));
            return;
        }
        for (int i = 0; i < after.places().size(); i++) {
            if (i == 0 || !before.places().get(i).equals(after.places().get(i))) {
                line(before.at(i), after.at(i), found);
            }
        }
    }

    private void line(Line before, Line after, List<String> found) {
        if (!before.title().equals(after.title())) {
            found.add(text("line-title"));
        }
        if (!before.thing().blankId().equals(after.thing().blankId())) {
            found.add(text("thing"));
        } else if (!before.thing().colourId().equals(after.thing().colourId())) {
            found.add(text("thing-colour"));
        } else if (!before.thing().equals(after.thing())) {
            found.add(text(before.thing().pressId().equals(after.thing().pressId()) ? "face" : "press"));
        }
        if (!before.materialId().equals(after.materialId())) {
            found.add(text("material"));
        }
        if (!before.sizes().equals(after.sizes())) {
            found.add(text("sizes"));
        }
        if (!before.fit().equals(after.fit())) {
            found.add(text("fit"));
        }
        if (before.materialId().equals(after.materialId()) && !before.panels().equals(after.panels())) {
            found.add(text("panels"));
        }
        if (before.trimmed() != after.trimmed()) {
            found.add(text("trimmed"));
        }
        if (!before.lineUpMm().equals(after.lineUpMm())) {
            found.add(text("line-up"));
        }
        if (!before.edgings().equals(after.edgings())) {
            found.add(text("edging"));
        }
        if (before.materialId().equals(after.materialId()) && !before.joins().equals(after.joins())) {
            found.add(text("join"));
        }
        motifs(before, after, found);
    }

    private void motifs(Line before, Line after, List<String> found) {
        List<Motif> added = after.motifs().stream()
                .filter(m -> before.motif(m.id()).isEmpty())
                .toList();
        List<Motif> removed = before.motifs().stream()
                .filter(m -> after.motif(m.id()).isEmpty())
                .toList();
        if (!added.isEmpty()) {
            found.add(text("added", named(added)));
        }
        if (!removed.isEmpty()) {
            found.add(text("removed", named(removed)));
        }
        List<Motif> changed = after.motifs().stream()
                .filter(m -> before.motif(m.id()).filter(was -> !was.equals(m)).isPresent())
                .toList();
        if (changed.size() == 1) {
            motif(before.motif(changed.getFirst().id()).orElseThrow(), changed.getFirst(), found);
        } else if (!changed.isEmpty()) {
            found.add(text("several", changed.size()));
        } else if (added.isEmpty() && removed.isEmpty() && !before.motifs().equals(after.motifs())) {
            found.add(text("order"));
        }
    }

    private static String named(List<Motif> motifs) {
        return motifs.size() == 1 ? name(motifs.getFirst()) : text("motifs", motifs.size());
    }

    private static String name(Motif m) {
        return m.name().isBlank() ? text("nameless") : m.name();
    }

    private void motif(Motif before, Motif after, List<String> found) {
        if (!before.treatments().equals(after.treatments())) {
            found.add(treatments(before.treatments(), after.treatments()));
        } else if (!before.source().equals(after.source())) {
            found.add(text("source", name(after)));
        } else if (!before.pose().equals(after.pose())) {
            found.add(text(before.pose().degrees() == after.pose().degrees() ? "move" : "turn", name(after)));
        } else if (!before.standing().equals(after.standing())) {
            found.add(text("standing", name(after)));
        } else if (!before.films().equals(after.films())) {
            found.add(text("films", name(after)));
        } else {
            found.add(text("rename", name(after)));
        }
    }

    private String treatments(List<Treatment> before, List<Treatment> after) {
        if (after.size() > before.size()) {
            return treatment(
                    after.stream().filter(t -> !before.contains(t)).findFirst().orElseGet(after::getLast));
        }
        if (after.size() < before.size()) {
            return text(
                    "without",
                    treatment(before.stream()
                            .filter(t -> !after.contains(t))
                            .findFirst()
                            .orElseGet(before::getLast)));
        }
        for (int i = 0; i < after.size(); i++) {
            if (!before.get(i).equals(after.get(i))) {
                return switchedOff(before.get(i), after.get(i))
                        ? text("off", treatment(after.get(i)))
                        : Treatments.of(before.get(i)).equals(Treatments.of(after.get(i)))
                                ? treatment(after.get(i))
                                : text("chain-order");
            }
        }
        return text("chain-order");
    }

    private static boolean switchedOff(Treatment before, Treatment after) {
        return after instanceof Treatment.Off off && off.of().equals(before);
    }

    /** Its name, and its first length where it has one. */
    private String treatment(Treatment t) {
        Treatment plain = t instanceof Treatment.Off off ? off.of() : t;
        String name = Words.treatment(Treatments.of(t).id());
        for (RecordComponent c :
                Objects.requireNonNullElse(plain.getClass().getRecordComponents(), new RecordComponent[0])) {
            if (c.getType() == double.class && c.getName().endsWith("Mm")) {
                return name + " " + unit.fine(value(c, plain));
            }
        }
        return name;
    }

    private static double value(RecordComponent c, Treatment of) {
        try {
            return (double) c.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
