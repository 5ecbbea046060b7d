package jurren.app.window;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.cure.Remedies;
import jurren.core.cut.CutRun;
import jurren.core.job.Shop;
import jurren.core.load.Printer;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.run.WholeRun;
import jurren.formats.print.GuidePdf;
import jurren.formats.print.Paper;
import jurren.formats.print.PdfPages;
import jurren.formats.print.PrintOut;
import jurren.formats.print.PrintPdf;
import jurren.formats.print.Proof;
import jurren.formats.print.RunPdf;
import jurren.formats.print.TemplatePdf;
import jurren.formats.print.TicketPdf;
import jurren.formats.words.Units;

/**
 * Something of a job that comes out on paper.
 *
 * @param id       also the end of its file's name
 * @param trueSize measures are taken from it
 * @param says     what to know before it is printed
 * @param pdf      worked out beside the window's thread
 */
record Printout(Kind kind, String id, String name, boolean trueSize, List<String> says, Callable<byte[]> pdf) {
    /** What it is, in the order of the work. */
    enum Kind {
        TEMPLATE,
        PROOF,
        PRINTS,
        GUIDE,
        TICKET,
        RUN
    }

    /** All there is of a plan. */
    static List<Printout> of(Plan plan, Session session) {
        Units units = session.settings().units();
        Paper paper = session.settings().paper();
        Remedies remedies = session.snags().remedies();
        Shop shop = session.shop();
        List<Printout> all = new ArrayList<>();
        session.linePlan()
                .ifPresent(line -> session.sizePlan().ifPresent(size -> {
                    String title = line.blank().name()
                            + (line.blank().sizes().size() > 1 ? ", " + size.id() : "") + ", "
                            + line.face().name();
                    all.add(new Printout(
                            Kind.TEMPLATE,
                            "template",
                            Texts.of("printout.template", title),
                            true,
                            List.of(),
                            () -> TemplatePdf.write(title, size.face(), paper)));
                }));
        all.add(new Printout(
                Kind.PROOF,
                "proof",
                Texts.of("printout.proof"),
                false,
                List.of(),
                () -> PdfPages.ofPicture(Proof.write(plan.lines()), paper)));
        prints(plan, session, units, all);
        for (CutRun run : plan.runs()) {
            if (!run.load().stock().comesOffRoll()) {
                all.add(new Printout(
                        Kind.GUIDE,
                        "guide-" + run.load().order(),
                        Texts.of("printout.guide", run.load().order()),
                        true,
                        List.of(),
                        () -> GuidePdf.write(run.load(), shop, units)));
            }
        }
        all.add(new Printout(
                Kind.TICKET,
                "ticket",
                Texts.of("printout.ticket"),
                false,
                List.of(),
                () -> TicketPdf.write(plan, units, remedies, paper)));
        all.add(new Printout(
                Kind.RUN,
                "run",
                Texts.of("printout.run"),
                false,
                List.of(),
                () -> RunPdf.write(plan, WholeRun.of(plan), units, paper)));
        return all;
    }

    /** All sheets of a job at once, and each by itself where there are several. */
    private static void prints(Plan plan, Session session, Units units, List<Printout> all) {
        List<PrintSheet> sheets = plan.prints();
        if (sheets.isEmpty()) {
            return;
        }
        int pages = sheets.stream().mapToInt(PrintSheet::times).sum();
        all.add(prints("prints", Texts.of("printout.prints", pages), sheets, plan, session, units));
        if (sheets.size() > 1) {
            sheets.forEach(s -> all.add(prints(
                    "print-" + s.order(),
                    Texts.of("printout.print", s.order(), s.material().name(), s.times()),
                    List.of(s),
                    plan,
                    session,
                    units)));
        }
    }

    private static Printout prints(
            String id, String name, List<PrintSheet> sheets, Plan plan, Session session, Units units) {
        String cutLine = session.settings().choice(JobDrawer.CUT_LINE, PrintPdf.CUT_LINE);
        List<String> says = new ArrayList<>();
        boolean mirrored = sheets.stream().anyMatch(PrintSheet::reversed);
        boolean straight = sheets.stream().anyMatch(s -> !s.reversed());
        says.add(Texts.of(
                mirrored && straight
                        ? "printout.some-mirrored"
                        : mirrored ? "printout.mirrored" : "printout.not-mirrored"));
        Printer printer = plan.shop().printer();
        int parts = sheets.stream()
                .filter(p -> !p.isCut())
                .mapToInt(p -> PrintOut.parts(p, printer))
                .max()
                .orElse(1);
        sheets.stream()
                .filter(p -> p.isCut() && PrintOut.parts(p, printer) > 1)
                .forEach(p -> says.add(Texts.of("printout.parted-cut", p.order())));
        if (parts > 1) {
            says.add(Texts.of("printout.parted", parts));
        }
        return new Printout(
                Kind.PRINTS,
                id,
                name,
                true,
                says,
                () -> PrintOut.write(sheets, cutLine, plan.shop().printer(), units));
    }

    /** What stands before somebody at a bench; of a job that is only printed, its prints. */
    static Printout usual(List<Printout> all, Bench bench, Plan plan) {
        boolean onlyPrinted = plan.runs().isEmpty();
        List<Kind> wanted = switch (bench) {
            case BLANK -> List.of(Kind.TEMPLATE);
            case ART, LAYERS -> onlyPrinted ? List.of(Kind.PRINTS, Kind.PROOF) : List.of(Kind.PROOF);
            case LOADS, CUT -> List.of(Kind.PRINTS, Kind.GUIDE);
            case FINISH -> List.of();
        };
        return wanted.stream()
                .flatMap(k -> all.stream().filter(p -> p.kind == k).limit(1))
                .findFirst()
                .orElseGet(() -> all.stream()
                        .filter(p -> p.kind == Kind.TICKET)
                        .min(Comparator.comparing(Printout::id))
                        .orElseThrow());
    }
}
