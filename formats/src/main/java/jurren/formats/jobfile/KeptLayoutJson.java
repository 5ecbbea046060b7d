package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.load.KeptLayout;
import jurren.core.load.Layouts;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Layout;
import jurren.formats.Refusal.Reason;

/** The layouts that were found and taken. A position is {@code [bed, degrees, xMm, yMm]}, or null where nothing lies. */
final class KeptLayoutJson {
    private static final int NUMBERS = 4;

    private KeptLayoutJson() {}

    static void write(ObjectNode job, Layouts layouts) {
        if (layouts.isEmpty()) {
            return;
        }
        ArrayNode all = job.putArray("layouts");
        for (KeptLayout k : layouts.kept()) {
            ObjectNode node = all.addObject()
                    .put("material", k.materialId())
                    .put("colour", k.colour().hex())
                    .put("shapes", k.pieces())
                    .put("beds", k.beds());
            ArrayNode stock = node.putArray("stock");
            k.stock().forEach(stock::add);
            node.put("seed", String.valueOf(k.seed())).put("steps", k.steps()).put("sparedMm", k.sparedMm());
            ArrayNode used = node.putArray("usedMm");
            k.layout().usedMm().forEach(used::add);
            ArrayNode positions = node.putArray("positions");
            for (Optional<BedPosition> p : k.layout().positions()) {
                p.ifPresentOrElse(
                        at -> positions
                                .addArray()
                                .add(at.bed())
                                .add(at.degrees())
                                .add(at.xMm())
                                .add(at.yMm()),
                        positions::addNull);
            }
        }
    }

    static Layouts read(JsonNode job, String at) throws Broken {
        return new Layouts(Fields.list(job, "layouts", at, KeptLayoutJson::layout));
    }

    private static KeptLayout layout(JsonNode n, String at) throws Broken {
        List<String> stock = new ArrayList<>();
        for (JsonNode s : n.path("stock")) {
            stock.add(s.asText());
        }
        List<Double> used = new ArrayList<>();
        for (JsonNode u : n.path("usedMm")) {
            used.add(number(u, at + ".usedMm"));
        }
        List<Optional<BedPosition>> positions = new ArrayList<>();
        for (JsonNode p : n.path("positions")) {
            positions.add(position(p, at + ".positions"));
        }
        long seed = seed(n, at);
        int steps = (int) Fields.number(n, "steps", at);
        double spared = Fields.number(n, "sparedMm", at);
        return Fields.value(
                at,
                () -> new KeptLayout(
                        Fields.text(n, "material", at),
                        Fields.colour(n, at),
                        Fields.text(n, "shapes", at),
                        Fields.text(n, "beds", at),
                        stock,
                        seed,
                        steps,
                        spared,
                        new Layout(positions, used)));
    }

    /** A text: it is no figure of the job. */
    private static long seed(JsonNode n, String at) throws Broken {
        try {
            return Long.parseLong(Fields.text(n, "seed", at));
        } catch (NumberFormatException _) {
            throw new Broken(Reason.DAMAGED_JOB, at + ".seed is not a number");
        }
    }

    private static Optional<BedPosition> position(JsonNode n, String at) throws Broken {
        if (n.isNull()) {
            return Optional.empty();
        }
        if (n.size() != NUMBERS) {
            throw new Broken(Reason.DAMAGED_JOB, at + ": a position has " + NUMBERS + " numbers");
        }
        return Optional.of(new BedPosition(
                (int) number(n.path(0), at), number(n.path(1), at), number(n.path(2), at), number(n.path(3), at)));
    }

    private static double number(JsonNode n, String at) throws Broken {
        if (!n.isNumber() || !Double.isFinite(n.asDouble())) {
            throw new Broken(Reason.DAMAGED_JOB, at + " is no number");
        }
        return n.asDouble();
    }
}
