package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import jurren.core.job.Job;
import jurren.formats.Refusal.Reason;

/**
 * What a job may ask for at most: what is more could not be worked out in the time or memory there is. Looked at before
 * anything of it is made.
 */
final class JobBounds {
    /** Longer than any roll, hotter than any press. */
    static final double MOST = 100_000;

    private static final int MOST_PIECES = Job.Limit.PIECES.most();
    private static final int MOST_MOTIFS = Job.Limit.MOTIFS.most();
    private static final int MOST_IN_A_LIST = 20_000;
    private static final int MOST_CHARACTERS = 100_000;
    private static final Map<String, Integer> MOST_OF = Map.of(
            "lines",
            Job.Limit.LINES.most(),
            "places",
            12,
            "motifs",
            MOST_MOTIFS,
            "treatments",
            500,
            "stops",
            2_000,
            "sizes",
            200,
            "taken",
            1_000);

    private int motifs;
    private int characters;

    private JobBounds() {}

    static void check(JsonNode job, String at) throws Broken {
        long pieces = 0;
        for (JsonNode line : job.path("lines")) {
            for (JsonNode size : line.path("sizes")) {
                pieces += Math.max(0, size.path("count").asLong());
            }
        }
        for (JsonNode again : job.path("made").path("spoiled")) {
            pieces += Math.max(0, again.path("pieces").asLong());
        }
        if (pieces > MOST_PIECES) {
            throw tooMuch(
                    at, "has " + pieces + " pieces", MOST_PIECES + ", and an order of more is split into several jobs");
        }
        new JobBounds().look(job, "", at);
    }

    private void look(JsonNode n, String name, String at) throws Broken {
        if (n.isNumber() && !(Math.abs(n.asDouble()) <= MOST)) {
            throw new Broken(
                    Reason.TOO_MUCH_IN_JOB,
                    at + " is " + n.asText() + ", but no figure of a job lies outside -100,000 to 100,000");
        }
        if (n.isTextual()) {
            characters += n.asText().length();
            if (characters > MOST_CHARACTERS) {
                throw tooMuch(at, "brings its texts to " + characters + " characters", "" + MOST_CHARACTERS);
            }
        }
        if (n.isArray()) {
            int most = MOST_OF.getOrDefault(name, MOST_IN_A_LIST);
            motifs += name.equals("motifs") ? n.size() : 0;
            if (n.size() > most || motifs > MOST_MOTIFS) {
                throw tooMuch(
                        at, "holds " + n.size(), motifs > MOST_MOTIFS ? MOST_MOTIFS + " motifs in all" : "" + most);
            }
            for (int i = 0; i < n.size(); i++) {
                look(n.get(i), "", at + "[" + i + "]");
            }
        }
        for (Map.Entry<String, JsonNode> e : n.properties()) {
            look(e.getValue(), e.getKey(), at + "." + e.getKey());
        }
    }

    private static Broken tooMuch(String at, String is, String most) {
        return new Broken(Reason.TOO_MUCH_IN_JOB, at + " " + is + "; the most is " + most);
    }
}
