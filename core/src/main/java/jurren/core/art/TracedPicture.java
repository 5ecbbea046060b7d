package jurren.core.art;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Placement;
import jurren.core.material.Colour;
import jurren.core.memo.Memo;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;

/**
 * A picture and how it is traced; both can be changed for ever. It stands around the middle of the
 * straightened picture.
 *
 * @param straightening absent when the whole picture is taken as it is
 * @param shownAs       the film colour in which a found colour is made; those not named keep their own
 * @param mmPerPxAcross of the straightened picture
 */
public record TracedPicture(
        PictureFile file,
        Optional<Straightening> straightening,
        TraceSettings settings,
        Map<Colour, Colour> shownAs,
        double mmPerPxAcross,
        double mmPerPxDown)
        implements Source {
    private record Key(PictureFile file, Optional<Straightening> straightening, TraceSettings settings) {
        Traced trace() {
            return Tracer.trace(straightened(file, straightening), settings);
        }
    }

    /** A node is a curve with its points. */
    private static final long NODE_BYTES = 160;

    private static final Memo<Key, Traced> TRACED = new Memo<>(Key::trace, (key, traced, scale) -> {
        key.file.weigh(scale);
        scale.add(NODE_BYTES * traced.nodes());
    });

    public TracedPicture {
        shownAs = Map.copyOf(shownAs);
        Source.checkFactors(mmPerPxAcross, mmPerPxDown);
    }

    static Picture straightened(PictureFile file, Optional<Straightening> straightening) {
        return straightening.map(s -> file.straightened(s)).orElseGet(file::picture);
    }

    @Override
    public void weigh(Scale scale) {
        file.weigh(scale);
    }

    public Traced traced() {
        return TRACED.get(new Key(file, straightening, settings));
    }

    public Colour shown(Colour found) {
        return shownAs.getOrDefault(found, found);
    }

    /** From the straightened picture's pixels to around the motif's own origin. */
    public Placement toMotif(int width, int height) {
        return Placement.moved(-width / 2.0, -height / 2.0).then(Placement.scaled(mmPerPxAcross, mmPerPxDown));
    }

    @Override
    public TracedPicture resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new TracedPicture(
                file, straightening, settings, shownAs, mmPerPxAcross * widthFactor, mmPerPxDown * heightFactor);
    }

    public TracedPicture withSettings(Optional<Straightening> newStraightening, TraceSettings newSettings) {
        return new TracedPicture(file, newStraightening, newSettings, shownAs, mmPerPxAcross, mmPerPxDown);
    }

    public TracedPicture withShown(Colour found, Colour as) {
        Map<Colour, Colour> more = new HashMap<>(shownAs);
        more.put(found, as);
        return new TracedPicture(file, straightening, settings, more, mmPerPxAcross, mmPerPxDown);
    }
}
