package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.formats.out.ArtFormat;
import jurren.formats.out.ArtSheet;

/** Art to a file for another program: which, in what format, and how large its units are. */
final class ExportSheet {
    private static final double WIDTH = 430;

    /** What is written. */
    private enum What {
        WORN,
        CUT,
        CHOSEN
    }

    /** What an SVG's units are. */
    private enum SvgUnit {
        MM(ArtFormat.Options.MILLIMETRES),
        PX_96(96),
        PX_90(90),
        POINT_72(72);

        private final double perInch;

        SvgUnit(double perInch) {
            this.perInch = perInch;
        }
    }

    /** Asked to write a sheet. */
    interface Writing {
        void write(ArtFormat format, ArtSheet sheet, ArtFormat.Options options);
    }

    private final Session session;
    private final Sheets sheets;
    private final LinePlan plan;
    private final Writing writing;
    private final Label says = Controls.label("", "hint", "wrapped");
    private What what = What.WORN;
    private ArtFormat format = ArtFormat.SVG;
    private SvgUnit unit = SvgUnit.MM;
    private double pngPerInch = ArtFormat.Options.USUAL.pngPerInch();

    private ExportSheet(Session session, Sheets sheets, LinePlan plan, Writing writing) {
        this.session = session;
        this.sheets = sheets;
        this.plan = plan;
        this.writing = writing;
    }

    static void open(Session session, Sheets sheets, LinePlan plan, Writing writing) {
        new ExportSheet(session, sheets, plan, writing).open();
    }

    private void open() {
        Controls.Segments<What> whats = Controls.segments(
                "export-what",
                session.chosen().isEmpty() ? List.of(What.WORN, What.CUT) : List.of(What.values()),
                w -> Texts.of("export.what." + w),
                w -> {
                    what = w;
                    say();
                });
        whats.show(what);
        TextField spot = Sheets.kept(new TextField(session.shopFolder().cutColour()));
        spot.setId("export-spot");
        spot.setAccessibleText(Texts.of("export.spot"));
        Node spotRow = Controls.row(Texts.of("export.spot"), spot);
        MeasureField dots = MeasureField.number(Texts.of("export.dots"), "", 20, 2400, n -> pngPerInch = n);
        dots.setId("export-dots");
        dots.show(pngPerInch);
        Node dotsRow = Controls.row(Texts.of("export.dots"), dots);
        Controls.Segments<SvgUnit> units =
                Controls.segments("export-unit", List.of(SvgUnit.values()), u -> Texts.of("export.unit." + u), u -> {
                    unit = u;
                    say();
                });
        units.show(unit);
        VBox unitRow = new VBox(4, Controls.label(Texts.of("export.unit")), units);
        Controls.Segments<ArtFormat> formats =
                Controls.segments("export-format", List.of(ArtFormat.values()), ArtFormat::name, f -> {
                    format = f;
                    show(spotRow, unitRow, dotsRow);
                    say();
                });
        formats.show(format);
        show(spotRow, unitRow, dotsRow);
        says.setMaxWidth(WIDTH);
        VBox body = new VBox(
                10,
                whats,
                formats,
                unitRow,
                spotRow,
                dotsRow,
                says,
                Controls.button(
                        "export-write",
                        Texts.of("export.write"),
                        () -> write(spot.getText().strip()),
                        "primary"));
        body.setPrefWidth(WIDTH);
        sheets.open("export-sheet", Texts.of("export.title"), Pos.CENTER, body);
        say();
    }

    private void show(Node spotRow, Node unitRow, Node dotsRow) {
        visible(spotRow, format == ArtFormat.PDF);
        visible(unitRow, format == ArtFormat.SVG);
        visible(dotsRow, format == ArtFormat.PNG);
    }

    private static void visible(Node n, boolean visible) {
        n.setVisible(visible);
        n.setManaged(visible);
    }

    private ArtSheet sheet() {
        return switch (what) {
            case WORN -> ArtSheet.asWorn(plan);
            case CUT -> ArtSheet.asCut(plan);
            case CHOSEN -> ArtSheet.of(plan, session.chosen());
        };
    }

    private void say() {
        ArtSheet sheet = sheet();
        says.setText(sheet.box()
                .map(b -> Texts.of(
                                "export.size",
                                session.unit().number(b.widthMm()),
                                session.unit().format(b.heightMm()))
                        + (format == ArtFormat.SVG ? " " + Texts.of("export.unit-says." + unit) : "")
                        + (sheet.flattened() ? " " + Texts.of("export.flattened") : ""))
                .orElse(Texts.of("export.nothing")));
    }

    private void write(String spot) {
        ArtSheet sheet = sheet();
        if (sheet.parts().isEmpty()) {
            session.notices().say(Texts.of("export.nothing"));
            return;
        }
        if (format == ArtFormat.PDF) {
            session.shopFolder().keepCutColour(spot);
        }
        sheets.close();
        writing.write(
                format,
                sheet,
                new ArtFormat.Options(unit.perInch, spot.isEmpty() ? Optional.empty() : Optional.of(spot), pngPerInch));
    }
}
