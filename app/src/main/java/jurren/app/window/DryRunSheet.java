package jurren.app.window;

import java.io.ByteArrayInputStream;
import javafx.geometry.Pos;
import javafx.scene.control.ProgressIndicator;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.desk.Errand;
import jurren.app.desk.Order;
import jurren.app.make.DryRunner;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.dryrun.Comparison;
import jurren.core.dryrun.DryRun;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;
import jurren.core.stop.Stop;
import jurren.formats.plan.JobPapers;
import jurren.formats.print.Proof;
import jurren.formats.words.DecimalSign;

/** Runs the whole job on the stand-ins and shows how the result compares with the art. */
final class DryRunSheet {
    private static final double PICTURE_HEIGHT = 430;
    private static final int MOST_FAULTS = 5;

    private record Result(DryRun run, Image picture) {}

    private final Session session;
    private final Sheets sheets;

    DryRunSheet(Session session, Sheets sheets) {
        this.session = session;
        this.sheets = sheets;
    }

    /** The sheet goes with its errand and the errand with its sheet: one that was put away never comes back. */
    void open(Plan plan) {
        if (plan.runs().isEmpty() && plan.prints().isEmpty()) {
            session.notices().say(Texts.of("dry-run.nothing"));
            return;
        }
        Errand running = session.desk()
                .give(new Order<>(Texts.of("dry-run.title"), _ -> run(plan), r -> show(plan, r), why -> {
                    sheets.close();
                    session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
                }));
        ProgressIndicator turning = new ProgressIndicator();
        turning.setMaxSize(36, 36);
        HBox row = new HBox(
                14,
                turning,
                Controls.label(Texts.of("dry-run.running", plan.runs().size())),
                Controls.button("dry-run-stop", Texts.of("dry-run.stop"), sheets::close));
        row.setAlignment(Pos.CENTER_LEFT);
        sheets.open("dry-run-sheet", Texts.of("dry-run.title"), Pos.CENTER, running::stop, row);
    }

    private static Result run(Plan plan) {
        DryRun run = DryRunner.run(plan, JobPapers.cutFiles(plan), JobPapers.printFiles(plan));
        Stop.lookHere();
        Comparison worst = run.worst();
        LinePlan line = plan.line(worst.lineId(), worst.place()).orElseThrow();
        SizePlan size = line.size(worst.size()).orElseThrow();
        byte[] png = Proof.writeResult(line, size, worst.result(), worst.wrong());
        return new Result(run, new Image(new ByteArrayInputStream(png)));
    }

    private void show(Plan plan, Result result) {
        DryRun run = result.run;
        Comparison worst = run.worst();
        boolean good = run.isTrue();
        ImageView picture = new ImageView(result.picture);
        picture.setPreserveRatio(true);
        picture.setFitHeight(PICTURE_HEIGHT);
        picture.setSmooth(true);
        picture.setAccessibleText(Texts.of("dry-run.picture"));
        VBox figures = new VBox(
                Controls.label(
                        Texts.of(good ? "dry-run.good" : run.isCutTrue() ? "dry-run.badly-pressed" : "dry-run.bad"),
                        good ? "card-title" : "dry-run-bad"),
                Controls.row(
                        Texts.of("dry-run.match"),
                        Controls.figure(String.format(DecimalSign.locale(), "%.2f %%", run.matchPercent()))),
                Controls.row(
                        Texts.of("dry-run.worst"),
                        Controls.figure(session.unit().fine(run.worstMm()))),
                Controls.row(
                        Texts.of("dry-run.copies"),
                        Controls.figure(String.valueOf(run.copies().size()))),
                Controls.row(
                        Texts.of("dry-run.loads"),
                        Controls.figure(String.valueOf(plan.runs().size()))),
                Controls.row(
                        Texts.of("dry-run.prints"),
                        Controls.figure(String.valueOf(plan.prints().size()))),
                Controls.label(Texts.of("dry-run.shown", session.words().where(worst)), "hint"));
        if (!run.pressed().isEmpty()) {
            figures.getChildren()
                    .add(Controls.row(
                            Texts.of("dry-run.pressed"),
                            Controls.figure(Texts.of(
                                    "dry-run.held",
                                    run.pressed().size() - run.spoiled().size(),
                                    run.pressed().size()))));
            run.spoiled().stream()
                    .flatMap(p -> p.faults().stream().map(f -> session.words().pressed(p, f, plan)))
                    .limit(MOST_FAULTS)
                    .forEach(f -> figures.getChildren().add(Controls.label(f)));
        }
        figures.getStyleClass().add("rows");
        figures.setPrefWidth(290);
        FlowPane all = new FlowPane(20, 12, picture, figures);
        sheets.open("dry-run-sheet", Texts.of("dry-run.title"), Pos.CENTER, all);
    }
}
