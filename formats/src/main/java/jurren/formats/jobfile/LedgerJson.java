package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DateTimeException;
import java.time.Instant;
import jurren.core.job.Ledger;
import jurren.formats.Refusal.Reason;

/** What really happened, beside the job it happened to. */
final class LedgerJson {
    private LedgerJson() {}

    static void write(ObjectNode root, Ledger ledger) {
        if (ledger.entries().isEmpty()) {
            return;
        }
        ArrayNode all = root.putArray("ledger");
        for (Ledger.Entry e : ledger.entries()) {
            all.addObject()
                    .put("what", Fields.lower(e.what()))
                    .put("at", e.at().toString())
                    .put("mark", e.mark())
                    .put("load", e.load())
                    .put("machine", e.machine())
                    .put("forceGf", e.forceGf())
                    .put("speedMmS", e.speedMmS())
                    .put("passes", e.passes())
                    .put("stock", e.stock())
                    .put("film", e.film())
                    .put("fromMm", e.fromMm())
                    .put("toMm", e.toMm())
                    .put("paths", e.paths())
                    .put("ofPaths", e.ofPaths())
                    .put("practice", e.practice());
        }
    }

    static Ledger read(JsonNode root) throws Broken {
        return new Ledger(Fields.list(root, "ledger", "file", LedgerJson::entry));
    }

    private static Ledger.Entry entry(JsonNode n, String at) throws Broken {
        Instant when = at(n, at);
        return Fields.value(
                at,
                () -> new Ledger.Entry(
                        Fields.named(Ledger.What.class, n.path("what")),
                        when,
                        Fields.text(n, "mark", at),
                        (int) Fields.number(n, "load", at),
                        Fields.text(n, "machine", at),
                        Fields.number(n, "forceGf", at),
                        Fields.number(n, "speedMmS", at),
                        (int) Fields.number(n, "passes", at),
                        Fields.text(n, "stock", at),
                        Fields.text(n, "film", at),
                        Fields.number(n, "fromMm", at),
                        Fields.number(n, "toMm", at),
                        (int) Fields.number(n, "paths", at),
                        (int) Fields.number(n, "ofPaths", at),
                        n.path("practice").asBoolean()));
    }

    private static Instant at(JsonNode n, String at) throws Broken {
        try {
            return Instant.parse(Fields.text(n, "at", at));
        } catch (DateTimeException _) {
            throw new Broken(Reason.DAMAGED_JOB, at + " has no date");
        }
    }
}
