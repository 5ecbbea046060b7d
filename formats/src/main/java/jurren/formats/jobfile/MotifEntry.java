package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Source;
import jurren.core.art.Standing;
import jurren.core.art.Treatment;
import jurren.core.material.Colour;

/**
 * A motif as its file tells it.
 *
 * @param material  what it is made of where that is not its place's usual material
 * @param materials the same of single colours
 */
record MotifEntry(
        @Needed String id,
        String name,
        @Needed Source source,
        List<Treatment> treatments,
        @Needed PoseEntry pose,
        Optional<String> group,
        @JsonInclude(Include.NON_DEFAULT) boolean locked,
        @JsonInclude(Include.NON_DEFAULT) boolean hidden,
        Optional<String> material,
        @JsonInclude(Include.NON_EMPTY) Map<Colour, String> materials) {
    record PoseEntry(
            @Needed double xMm, @Needed double yMm, @Needed double degrees) {}

    static MotifEntry of(Motif m) {
        return new MotifEntry(
                m.id(),
                m.name(),
                m.source(),
                m.treatments(),
                new PoseEntry(m.pose().xMm(), m.pose().yMm(), m.pose().degrees()),
                m.standing().group(),
                m.standing().locked(),
                m.standing().hidden(),
                m.films().all(),
                m.films().ofColour());
    }

    Motif motif() {
        return new Motif(
                id,
                name,
                source,
                treatments,
                new Pose(pose.xMm(), pose.yMm(), pose.degrees()),
                new Standing(group, locked, hidden),
                new Films(material, materials));
    }
}
