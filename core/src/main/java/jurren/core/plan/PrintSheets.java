package jurren.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.load.Load;
import jurren.core.load.Nesting;
import jurren.core.load.Placed;
import jurren.core.load.Printer;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.nest.Bed;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Turning;
import jurren.core.way.known.Ways;

/**
 * Fills sheets with prints. What is cut afterwards is printed as its load lies, so that knife and ink agree. Everything
 * else is laid in rows across the paper, tallest first, each copy as it stands or turned, whichever way takes less
 * paper in all (first fit decreasing height, as loads are laid); sheets that came out alike are told once.
 */
final class PrintSheets {
    /** From the ink to the edge of its slot: half of it the cross marks, the rest to cut along. */
    static final double AROUND_MM = 9;

    /** Around what is ganged, to cut along. */
    private static final double ALONG_MM = 2;
    /** Between what is ganged, beside that: 7 mm from ink to ink. */
    private static final double GANG_GAP_MM = 3;

    private static final double ROUNDING_MM = 1e-6;

    private final Printer printer;
    private final List<PrintSheet> sheets = new ArrayList<>();
    /** From the sheet's edge to the first slot. */
    private double inMm;
    /** From the ink to the edge of its slot. */
    private double aroundMm = AROUND_MM;

    private PrintSheets(Printer printer) {
        this.printer = printer;
        this.inMm = printer.edgeMm();
    }

    private record Wanted(String lineId, String place, String size, Layer layer) {}

    static List<PrintSheet> of(List<LinePlan> lines, List<Load> loads, Printer printer, Nesting nesting) {
        PrintSheets all = new PrintSheets(printer);
        Map<Material, List<Wanted>> byPaper = new LinkedHashMap<>();
        for (LinePlan line : lines) {
            for (SizePlan size : line.sizes()) {
                for (int i = 0; i < size.count() + size.again(); i++) {
                    size.layers().stream()
                            .filter(l -> l.isPrint() && !l.isCut())
                            .forEach(l -> byPaper.computeIfAbsent(l.material(), _ -> new ArrayList<>())
                                    .add(new Wanted(line.line().id(), line.place(), size.id(), l)));
                }
            }
        }
        byPaper.forEach((material, wanted) -> {
            if (Ways.of(material).isGanged()) {
                all.shorter(material, wanted, nesting);
            } else {
                all.fill(material, wanted);
            }
        });
        loads.forEach(all::asLoaded);
        return all.sheets;
    }

    private void asLoaded(Load load) {
        double width = load.usedMm();
        double height = load.stock().widthMm();
        // the knife sees the film with y up from its lower edge
        Placement toSheet = Placement.otherYAxis().then(Placement.moved(0, height));
        List<PrintSheet.Slot> slots = new ArrayList<>();
        for (Placed p : load.placed()) {
            if (p.item().layer().isPrint()) {
                slots.add(new PrintSheet.Slot(
                        p.item().lineId(),
                        p.item().place(),
                        p.item().size(),
                        p.item().layer(),
                        p.slot().placed(toSheet),
                        p.onto().then(toSheet),
                        p.turned()));
            }
        }
        if (!slots.isEmpty()) {
            sheets.add(new PrintSheet(sheets.size() + 1, load.material(), width, height, load.order(), slots, 1));
        }
    }

    /** By true shape, or in rows where that takes less. */
    private void shorter(Material material, List<Wanted> wanted, Nesting nesting) {
        int before = sheets.size();
        gang(material, wanted, nesting);
        List<PrintSheet> ganged = List.copyOf(sheets.subList(before, sheets.size()));
        sheets.subList(before, sheets.size()).clear();
        inMm = gangInMm();
        aroundMm = ALONG_MM + GANG_GAP_MM / 2;
        fill(material, wanted);
        inMm = printer.edgeMm();
        aroundMm = AROUND_MM;
        if (paper(ganged) <= paper(sheets.subList(before, sheets.size())) + ROUNDING_MM) {
            sheets.subList(before, sheets.size()).clear();
            sheets.addAll(ganged);
        }
    }

    private static double paper(List<PrintSheet> of) {
        return of.stream().mapToDouble(s -> s.times() * s.heightMm()).sum();
    }

    /** Sheet after sheet, as many as lie on each; what is wider than the paper makes a sheet of its own. */
    private void gang(Material material, List<Wanted> wanted, Nesting nesting) {
        double in = gangInMm();
        double across = printer.widthMm() - 2 * in;
        List<Wanted> left = wanted;
        while (!left.isEmpty()) {
            List<Wanted> now = left;
            Layout layout = nesting.first(new Nesting.Request(
                    material.id(),
                    material.colours().isEmpty()
                            ? Colour.of("#FFFFFF")
                            : material.colours().getFirst().colour(),
                    now.stream()
                            .map(w -> new Cutout(ganged(w.layer), Turning.QUARTER))
                            .toList(),
                    List.of(Bed.roll(across, printer.longestMm() - 2 * in)),
                    List.of(),
                    GANG_GAP_MM));
            List<PrintSheet.Slot> slots = new ArrayList<>();
            for (int i = 0; i < now.size(); i++) {
                Wanted w = now.get(i);
                layout.positions()
                        .get(i)
                        .ifPresent(p -> slots.add(slot(
                                w,
                                // the nest has the feed along x; a quarter turn, for a mirror would not do
                                p.placement().then(Placement.turned(90)).then(Placement.moved(in + across, in)),
                                p.degrees() % 180 == 0)));
            }
            if (slots.isEmpty()) {
                Box box = ganged(now.getFirst().layer).bounds();
                slots.add(slot(now.getFirst(), Placement.moved(in - box.minXMm(), in - box.minYMm()), false));
                left = now.subList(1, now.size());
            } else {
                left = IntStream.range(0, now.size())
                        .filter(i -> layout.positions().get(i).isEmpty())
                        .mapToObj(now::get)
                        .toList();
            }
            Box all =
                    slots.stream().map(PrintSheet.Slot::box).reduce(Box::joined).orElseThrow();
            sheets.add(new PrintSheet(
                    sheets.size() + 1,
                    material,
                    Math.max(printer.widthMm(), all.maxXMm() + in),
                    high(all.maxYMm() + in),
                    0,
                    slots,
                    1));
        }
    }

    /** Clear of the marks at the sheet's corners. */
    private double gangInMm() {
        return Math.max(printer.edgeMm(), PrintSheet.MARKS_IN_MM) + GANG_GAP_MM;
    }

    private static PrintSheet.Slot slot(Wanted w, Placement onto, boolean turned) {
        Placement fromFace = asPrinted(w.layer, false).then(onto);
        return new PrintSheet.Slot(
                w.lineId, w.place, w.size, w.layer, PrintSheet.inkOf(w.layer).placed(fromFace), fromFace, turned);
    }

    /** What a print takes of the sheet, as it is printed: it is cut out in one piece. */
    private static Region ganged(Layer layer) {
        Region ink = layer.print().everything();
        Region closed = ink.grown(ALONG_MM, CornerStyle.ROUND).filled();
        return (closed.pieceCount() > 1 ? closed.hull() : closed).placed(asPrinted(layer, false));
    }

    /** A print with the way it lies. */
    private record Oriented(Wanted wanted, boolean turned, Box size) {}

    private static Placement asPrinted(Layer layer, boolean turned) {
        Placement seen = layer.making().reversed() ? Placement.flipped() : Placement.HERE;
        return turned ? seen.then(Placement.turned(90)) : seen;
    }

    private Oriented lying(Wanted w, boolean turned) {
        return new Oriented(
                w,
                turned,
                PrintSheet.inkOf(w.layer).placed(asPrinted(w.layer, turned)).grown(aroundMm));
    }

    /** What a sheet takes along; a roll takes no more at once. */
    private double longest() {
        return printer.longestMm() - 2 * inMm;
    }

    private double usable() {
        return printer.widthMm() - 2 * inMm;
    }

    private void fill(Material material, List<Wanted> wanted) {
        List<List<Page>> ways = List.of(
                pages(wanted.stream().map(w -> fitting(w, false)).toList()),
                pages(wanted.stream().map(w -> fitting(w, true)).toList()),
                pages(wanted.stream()
                        .map(w -> fitting(
                                w,
                                lying(w, true).size.heightMm()
                                        < lying(w, false).size.heightMm()))
                        .toList()));
        List<Page> best = ways.stream()
                .min(Comparator.comparingDouble(
                        pages -> pages.stream().mapToDouble(Page::area).sum()))
                .orElseThrow();
        for (Page page : best) {
            PrintSheet last = sheets.isEmpty() ? null : sheets.getLast();
            if (last != null
                    && !last.isCut()
                    && last.material().equals(material)
                    && last.slots().equals(page.slots)) {
                sheets.set(
                        sheets.size() - 1,
                        new PrintSheet(
                                last.order(),
                                material,
                                last.widthMm(),
                                last.heightMm(),
                                0,
                                last.slots(),
                                last.times() + 1));
            } else {
                sheets.add(new PrintSheet(sheets.size() + 1, material, page.widthMm, page.heightMm, 0, page.slots, 1));
            }
        }
    }

    /** Too large for the paper is turned; what is so either way stands as it would and makes its own sheet. */
    private Oriented fitting(Wanted w, boolean turned) {
        Oriented as = lying(w, turned);
        Oriented other = lying(w, !turned);
        return !fits(as.size) && fits(other.size) ? other : as;
    }

    private boolean fits(Box size) {
        return size.widthMm() <= usable() + ROUNDING_MM
                && (!printer.sheets() || size.heightMm() <= longest() + ROUNDING_MM);
    }

    private static final class Page {
        private final List<PrintSheet.Slot> slots = new ArrayList<>();
        private double widthMm;
        private double heightMm;

        double area() {
            return widthMm * heightMm;
        }
    }

    private static final class Row {
        private final double y;
        private final double heightMm;
        private double filledMm;

        Row(double y, double heightMm) {
            this.y = y;
            this.heightMm = heightMm;
        }
    }

    /**
     * The tallest first, likes together so that sheets come out alike; a new sheet when the paper is as long as may be.
     */
    private List<Page> pages(List<Oriented> all) {
        List<Oriented> order = new ArrayList<>(all);
        order.sort(
                Comparator.comparingDouble((Oriented l) -> -l.size.heightMm()).thenComparing(l -> -l.size.widthMm()));
        List<Page> pages = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        double end = 0;
        for (Oriented l : order) {
            Row row = pages.isEmpty()
                    ? null
                    : rows.stream()
                            .filter(r -> r.filledMm + l.size.widthMm() <= usable() + ROUNDING_MM
                                    && l.size.heightMm() <= r.heightMm + ROUNDING_MM)
                            .findFirst()
                            .orElse(null);
            if (row == null) {
                if (pages.isEmpty() || end + l.size.heightMm() > longest() + ROUNDING_MM && end > 0) {
                    pages.add(new Page());
                    rows.clear();
                    end = 0;
                }
                row = new Row(end, l.size.heightMm());
                rows.add(row);
                end += l.size.heightMm();
            }
            put(l, row, pages.getLast());
            pages.getLast().heightMm = high(end + 2 * inMm);
        }
        return pages;
    }

    /** Paper off a roll is as long as it must be, a cut sheet as it is. */
    private double high(double filledMm) {
        return printer.sheets() ? Math.max(printer.longestMm(), filledMm) : filledMm;
    }

    private void put(Oriented l, Row row, Page page) {
        Box slot = Box.ofSize(inMm + row.filledMm, inMm + row.y, l.size.widthMm(), l.size.heightMm());
        row.filledMm += l.size.widthMm();
        // paper comes off its roll as wide as it is, unless a piece is wider still
        page.widthMm = Math.max(printer.widthMm(), row.filledMm + 2 * inMm);
        Placement onto = asPrinted(l.wanted.layer, l.turned)
                .then(Placement.moved(slot.minXMm() - l.size.minXMm(), slot.minYMm() - l.size.minYMm()));
        page.slots.add(new PrintSheet.Slot(
                l.wanted.lineId, l.wanted.place, l.wanted.size, l.wanted.layer, slot, onto, l.turned));
    }
}
