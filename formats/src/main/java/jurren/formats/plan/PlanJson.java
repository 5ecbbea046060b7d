package jurren.formats.plan;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jurren.core.blank.Face;
import jurren.core.blank.Surface;
import jurren.core.cure.Remedies;
import jurren.core.cut.CutRun;
import jurren.core.dryrun.DryRun;
import jurren.core.finish.SheetStep;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind;
import jurren.core.geometry.Box;
import jurren.core.geometry.Thinness;
import jurren.core.hold.Verdict;
import jurren.core.layer.Layer;
import jurren.core.layer.Print;
import jurren.core.load.Placed;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.plan.Shopping;
import jurren.core.plan.SizePlan;
import jurren.core.run.RunTask;
import jurren.core.run.Schedule;
import jurren.core.run.WholeRun;
import jurren.core.snag.Snag;
import jurren.formats.words.Units;
import jurren.formats.words.Words;

/** Writes plan.json as docs/plan-json.md says: lengths in mm, areas in mm², °C, seconds. */
public final class PlanJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Words WORDS = new Words(Units.METRIC);

    private PlanJson() {}

    public static byte[] write(Plan plan, WholeRun whole, Optional<DryRun> dryRun, Remedies remedies) {
        return write(plan, whole, dryRun, remedies, List.of());
    }

    /** @param files what is written beside it */
    public static byte[] write(
            Plan plan, WholeRun whole, Optional<DryRun> dryRun, Remedies remedies, Collection<String> files) {
        ObjectNode root =
                MAPPER.createObjectNode().put("format", 1).put("job", plan.job().name());
        if (!files.isEmpty()) {
            files.forEach(root.putArray("files")::add);
        }
        lines(root, plan);
        ArrayNode loads = root.putArray("loads");
        plan.runs().forEach(run -> load(loads.addObject(), run));
        shopping(root.putArray("toBuy"), plan);
        ArrayNode prints = root.putArray("prints");
        plan.prints().forEach(p -> print(prints.addObject(), p));
        run(root.putObject("run"), whole);
        ArrayNode snags = root.putArray("snags");
        plan.snags().forEach(s -> snag(snags.addObject(), s, plan, remedies));
        dryRun.ifPresent(d -> dryRun(root.putObject("dryRun"), d, plan));
        DefaultPrettyPrinter printer =
                new DefaultPrettyPrinter().withArrayIndenter(DefaultIndenter.SYSTEM_LINEFEED_INSTANCE);
        try {
            return (MAPPER.writer(printer).writeValueAsString(root) + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void dryRun(ObjectNode node, DryRun d, Plan plan) {
        node.put("true", d.isTrue())
                .put("matchPercent", rounded(d.matchPercent(), 4))
                .put("worstMm", rounded(d.worstMm(), 4));
        ArrayNode pressed = node.putArray("pressed");
        d.pressed().forEach(p -> {
            ObjectNode piece = pressed.addObject()
                    .put("line", p.lineId())
                    .put("place", p.place())
                    .put("size", p.size());
            ArrayNode faults = piece.putArray("faults");
            p.faults()
                    .forEach(f -> faults.addObject()
                            .put("layer", f.layer())
                            .put(
                                    "came",
                                    f.came().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                            .put("text", WORDS.pressed(p, f, plan)));
        });
    }

    /** What a press is told: the lines alone. */
    public static byte[] steps(Plan plan) {
        ObjectNode root = MAPPER.createObjectNode().put("format", 1);
        lines(root, plan);
        try {
            return MAPPER.writeValueAsBytes(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void lines(ObjectNode root, Plan plan) {
        ArrayNode lines = root.putArray("lines");
        for (LinePlan line : plan.lines()) {
            for (SizePlan size : line.sizes()) {
                if (size.count() > 0) {
                    line(lines.addObject(), line, size);
                }
            }
        }
    }

    private static void line(ObjectNode node, LinePlan line, SizePlan size) {
        node.put("id", line.line().id())
                .put("blank", line.blank().id())
                .put("size", size.id())
                .put("copies", size.count());
        ArrayNode holds = node.putArray("holds");
        line.used().forEach(m -> {
            Verdict v = line.holds().get(m.id());
            holds.addObject()
                    .put("material", m.id())
                    .put("answer", v.answer().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("why", WORDS.reason(v));
        });
        face(node.putObject("face"), size.face());
        node.putObject("area")
                .put("widthMm", rounded(size.area().widthMm(), 3))
                .put("heightMm", rounded(size.area().heightMm(), 3));
        node.putObject("art")
                .put("widthMm", rounded(size.artBounds().map(b -> b.widthMm()).orElse(0.0), 3))
                .put("heightMm", rounded(size.artBounds().map(b -> b.heightMm()).orElse(0.0), 3))
                .put("colours", size.laid().seen().size());
        size.artBounds()
                .ifPresent(b -> node.putObject("at")
                        .put("belowMm", rounded(b.minYMm(), 3))
                        .put("rightOfMiddleMm", rounded(b.centre().xMm(), 3)));
        ArrayNode layers = node.putArray("layers");
        size.layers()
                .forEach(layer ->
                        layer(layers.addObject(), line, layer, size.flaws().thinnest(layer.order())));
        ArrayNode steps = node.putArray("steps");
        for (Step step : size.finish().steps()) {
            step(steps.addObject(), line, size, step);
        }
        press(node.putObject("pressing"), line, size);
    }

    /** Where the press closes, and how sure it is that nothing shorter is allowed. */
    private static void press(ObjectNode node, LinePlan line, SizePlan size) {
        node.put("press", size.platen().press().id())
                .put("closings", size.finish().solved().closings().size())
                .put("looked", size.finish().solved().looked())
                .put("exact", size.finish().solved().exact())
                .put("secondsPerPiece", rounded(size.finish().secondsPerPiece(), 1));
        ArrayNode positions = node.putArray("positions");
        size.platen()
                .positions()
                .forEach(b -> positions
                        .addObject()
                        .put("xMm", rounded(b.minXMm(), 3))
                        .put("yMm", rounded(b.minYMm(), 3))
                        .put("widthMm", rounded(b.widthMm(), 3))
                        .put("heightMm", rounded(b.heightMm(), 3)));
        ArrayNode heat = node.putArray("heat");
        size.finish()
                .heat()
                .forEach(h -> heat.addObject()
                        .put("layer", h.layer())
                        .put("name", Words.layerName(line, h.layer()))
                        .put("seconds", h.totalS())
                        .put("leastS", h.leastS())
                        .put("mostS", h.mostS()));
    }

    private static void face(ObjectNode node, Face face) {
        node.put("id", face.id()).put("surface", face.surface().kind());
        switch (face.surface()) {
            case Surface.Flat _ ->
                node.put("topDiameterMm", 0).put("footDiameterMm", 0).put("slantMm", 0);
            case Surface.Round r ->
                node.put("topDiameterMm", rounded(r.topDiameterMm(), 3))
                        .put("footDiameterMm", rounded(r.footDiameterMm(), 3))
                        .put("slantMm", rounded(r.slantMm(), 3))
                        .put("trueAtMm", rounded(face.trueAtMm(), 3));
        }
    }

    private static void print(ObjectNode node, PrintSheet print) {
        node.put("order", print.order())
                .put("material", print.material().id())
                .put("times", print.times())
                .put("reversed", print.reversed())
                .put("widthMm", rounded(print.widthMm(), 3))
                .put("heightMm", rounded(print.heightMm(), 3))
                .put("load", print.load())
                .put("file", "print-" + print.order() + ".pdf");
        if (print.slots().stream().anyMatch(p -> !p.layer().print().white().isEmpty())) {
            node.putArray("separations").add(Print.WHITE_PLATE);
        }
        ArrayNode pieces = node.putArray("pieces");
        for (PrintSheet.Slot slot : print.slots()) {
            Box box = slot.inked();
            pieces.addObject()
                    .put("line", slot.lineId())
                    .put("place", slot.place())
                    .put("size", slot.size())
                    .put("turned", slot.turned())
                    .put("xMm", rounded(box.minXMm(), 3))
                    .put("yMm", rounded(box.minYMm(), 3))
                    .put("widthMm", rounded(box.widthMm(), 3))
                    .put("heightMm", rounded(box.heightMm(), 3));
        }
    }

    private static void layer(ObjectNode node, LinePlan line, Layer layer, Thinness thinnest) {
        node.put("order", layer.order())
                .put("name", Words.layerName(line, layer.order()))
                .put("material", layer.material().id())
                .put("colour", layer.colour().hex())
                .put("role", layer.role().name().toLowerCase(Locale.ROOT))
                .put("reversed", layer.making().reversed())
                .put("why", Words.why(layer))
                .put("join", WORDS.join(layer.join()))
                .put("areaMm2", rounded(layer.region().areaMm2(), 3))
                .put("pieces", layer.region().pieceCount())
                .put("thinnestMm", rounded(thinnest.widthMm(), 3));
        layer.panel()
                .ifPresent(
                        p -> node.putObject("panel").put("number", p.number()).put("of", p.of()));
    }

    private static void step(ObjectNode node, LinePlan line, SizePlan size, Step step) {
        node.put("order", step.order())
                .put("kind", kind(step.kind()))
                .put("layer", step.layer())
                .put("celsius", step.celsius())
                .put("seconds", step.seconds())
                .put("pressure", WORDS.pressure(step))
                .put("position", step.kind().heats() ? step.position() + 1 : 0)
                .put("text", WORDS.stepTitle(step, line) + ". " + WORDS.stepText(step, line, size));
        ArrayNode layers = node.putArray("layers");
        step.layers().forEach(layers::add);
        ArrayNode down = node.putArray("down");
        step.down().forEach(down::add);
        if (step.kind().heats()) {
            node.put("cover", step.down().stream().anyMatch(l -> !step.layers().contains(l)));
            ArrayNode taken = node.putArray("taken");
            size.finish()
                    .heatAfter(step.order())
                    .forEach(h -> taken.addObject().put("layer", h.layer()).put("seconds", h.totalS()));
        }
    }

    private static String kind(StepKind kind) {
        return kind instanceof SheetStep sheet && sheet == SheetStep.TAPE_SHEET ? "tape" : kind.word();
    }

    /** Seconds from the beginning. */
    private static void run(ObjectNode node, WholeRun whole) {
        node.put("seconds", rounded(whole.schedule().endS(), 1))
                .put("leastSeconds", rounded(whole.schedule().boundS(), 1));
        ArrayNode tasks = node.putArray("tasks");
        for (Schedule.Slot slot : whole.schedule().slots()) {
            RunTask t = slot.task();
            ObjectNode task = tasks.addObject()
                    .put("id", t.id())
                    .put("kind", t.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("machine", t.machine().id())
                    .put("startS", rounded(slot.startS(), 1))
                    .put("seconds", rounded(t.seconds(), 1))
                    .put("handsS", rounded(t.handsS(), 1))
                    .put("celsius", t.celsius())
                    .put("pieces", t.pieces());
            ArrayNode lines = task.putArray("lines");
            t.lines().stream().sorted().forEach(lines::add);
            ArrayNode after = task.putArray("after");
            t.after().forEach(after::add);
        }
    }

    private static void shopping(ArrayNode all, Plan plan) {
        for (Shopping.Need n : Shopping.of(plan).needs()) {
            ObjectNode need = all.addObject()
                    .put("kind", n.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("material", n.material().id());
            n.colour().ifPresent(c -> need.put("colour", c.hex()));
            need.put("lengthMm", rounded(n.lengthMm(), 1)).put("widthMm", rounded(n.widthMm(), 1));
        }
    }

    private static void load(ObjectNode node, CutRun run) {
        int order = run.load().order();
        node.put("order", order)
                .put("material", run.load().material().id())
                .put("colour", run.load().colour().hex())
                .put("stock", run.load().stock().id())
                .put("leastMm", rounded(run.load().leastMm(), 3))
                .put("frames", run.load().frames().size())
                .put("reliefs", run.load().reliefCount())
                .put("usedMm", rounded(run.load().usedMm(), 3))
                .put("widthMm", run.load().stock().widthMm())
                .put("file", "load-" + order + ".plt")
                .put("paths", run.paths().size())
                .put("cutMm", rounded(run.cutMm(), 2))
                .put("travelMm", rounded(run.travelMm(), 2))
                .put("seconds", rounded(run.seconds(), 2));
        ArrayNode placed = node.putArray("placed");
        for (Placed p : run.load().placed()) {
            placed.addObject()
                    .put("line", p.item().lineId())
                    .put("place", p.item().place())
                    .put("layer", p.item().layer().order())
                    .put("copy", p.item().copy())
                    .put("size", p.item().size())
                    .put("degrees", p.degrees())
                    .put("xMm", rounded(p.box().minXMm(), 3))
                    .put("yMm", rounded(p.box().minYMm(), 3));
        }
    }

    private static void snag(ObjectNode node, Snag snag, Plan plan, Remedies remedies) {
        node.put("kind", Words.kind(snag))
                .put("text", WORDS.snag(snag, plan))
                .put("line", snag.line())
                .put("place", plan.line(snag).map(LinePlan::place).orElse(""))
                .put("layer", snag.layer());
        snag.where().ifPresent(p -> node.put("xMm", rounded(p.xMm(), 3)).put("yMm", rounded(p.yMm(), 3)));
        snag.motif().ifPresent(m -> node.put("motif", m));
        snag.size().ifPresent(size -> node.put("size", size));
        ArrayNode cures = node.putArray("cures");
        remedies.of(snag)
                .forEach(c -> cures.addObject()
                        .put("kind", c.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                        .put("text", WORDS.cure(c)));
        node.put("stops", snag.gravity() != Snag.Gravity.LOOK);
    }

    private static double rounded(double value, int digits) {
        double scale = Math.pow(10, digits);
        return Math.round(value * scale) / scale;
    }
}
