package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jurren.core.art.Motif;

/** Motifs as JSON and back, outside of a job. */
public final class MotifJson {
    private MotifJson() {}

    /** @param assets is given the files that the motifs need */
    public static ArrayNode writeAll(List<Motif> motifs, Map<String, byte[]> assets) {
        Assets.Writing writing = new Assets.Writing();
        ArrayNode all = JobMapper.NODES.arrayNode();
        motifs.forEach(m -> all.add(JobMapper.write(m, writing)));
        assets.putAll(writing.all());
        return all;
    }

    public static List<Motif> readAll(JsonNode motifs, Map<String, byte[]> assets) throws Broken {
        List<Motif> all = new ArrayList<>();
        for (JsonNode m : motifs) {
            all.add(JobMapper.read(
                    m,
                    Motif.class,
                    "motifs[" + all.size() + "]",
                    new Assets.Reading(assets),
                    new UnknownFields.Found(m)));
        }
        return all;
    }
}
