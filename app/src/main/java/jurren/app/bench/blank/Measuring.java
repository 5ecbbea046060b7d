package jurren.app.bench.blank;

import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.blank.Form;
import jurren.core.job.Line;
import jurren.core.job.SizeEntry;

/** Takes down a measure of the thing on the open size, if it can be with all that were measured before. */
final class Measuring {
    private Measuring() {}

    static void measure(Session session, Form.Measure measure, double mm) {
        session.sizePlan().ifPresent(size -> {
            Line line = session.line();
            SizeEntry next = line.entry(size.id()).withMeasured(measure, mm);
            try {
                // the plan on show may not know yet what was measured a moment ago
                session.shopOfJob()
                        .blank(line.blankId())
                        .flatMap(b -> b.size(size.id()))
                        .ifPresent(
                                s -> next.asMeasured(s.faceOrUsual(line.thing().faceId())));
                session.editLine(l -> l.withSize(size.id(), s -> s.withMeasured(measure, mm)));
            } catch (IllegalArgumentException e) {
                session.notices().trouble(Texts.of("measure.cannot-be", e.getMessage()));
            }
        });
    }
}
