package jurren.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.layer.Layer;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.load.Printer;
import jurren.core.material.Material;

/**
 * Fills sheets with prints. What is cut afterwards is printed as its load lies, so that knife and ink agree. Everything
 * else is laid in rows across the paper, tallest first, each copy as it stands or turned, whichever way takes less
 * paper in all (first fit decreasing height, as loads are laid); sheets that came out alike are told once.
 */
final class PrintSheets {
    /** From the ink to the edge of its slot: half of it the cross marks, the rest to cut along. */
    static final double AROUND_MM = 9;

    private static final double ROUNDING_MM = 1e-6;

    private final Printer printer;
    private final List<PrintSheet> sheets = new ArrayList<>();

    private PrintSheets(Printer printer) {
        this.printer = printer;
    }

    private record Wanted(String lineId, String place, String size, Layer layer) {}

    static List<PrintSheet> of(List<LinePlan> lines, List<Load> loads, Printer printer) {
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
        byPaper.forEach(all::fill);
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

    /** A print with the way it lies. */
    private record Oriented(Wanted wanted, boolean turned, Box size) {}

    private static Placement asPrinted(Layer layer, boolean turned) {
        Placement seen = layer.making().reversed() ? Placement.flipped() : Placement.HERE;
        return turned ? seen.then(Placement.turned(90)) : seen;
    }

    private static Oriented lying(Wanted w, boolean turned) {
        return new Oriented(
                w,
                turned,
                PrintSheet.inkOf(w.layer).placed(asPrinted(w.layer, turned)).grown(AROUND_MM));
    }

    private double usable() {
        return printer.widthMm() - 2 * printer.edgeMm();
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

    /** Wider than the paper is turned; what is wider either way stands as it would and makes its own sheet. */
    private Oriented fitting(Wanted w, boolean turned) {
        Oriented as = lying(w, turned);
        Oriented other = lying(w, !turned);
        return as.size.widthMm() > usable() && other.size.widthMm() <= usable() ? other : as;
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
                if (pages.isEmpty()
                        || end + l.size.heightMm() > printer.longestMm() - 2 * printer.edgeMm() && end > 0) {
                    pages.add(new Page());
                    rows.clear();
                    end = 0;
                }
                row = new Row(end, l.size.heightMm());
                rows.add(row);
                end += l.size.heightMm();
            }
            put(l, row, pages.getLast());
            pages.getLast().heightMm = end + 2 * printer.edgeMm();
        }
        return pages;
    }

    private void put(Oriented l, Row row, Page page) {
        Box slot = Box.ofSize(
                printer.edgeMm() + row.filledMm, printer.edgeMm() + row.y, l.size.widthMm(), l.size.heightMm());
        row.filledMm += l.size.widthMm();
        // paper comes off its roll as wide as it is, unless a piece is wider still
        page.widthMm = Math.max(printer.widthMm(), row.filledMm + 2 * printer.edgeMm());
        Placement onto = asPrinted(l.wanted.layer, l.turned)
                .then(Placement.moved(slot.minXMm() - l.size.minXMm(), slot.minYMm() - l.size.minYMm()));
        page.slots.add(new PrintSheet.Slot(
                l.wanted.lineId, l.wanted.place, l.wanted.size, l.wanted.layer, slot, onto, l.turned));
    }
}
