package jurren.app.trace;

import java.util.Optional;
import jurren.core.art.PictureFile;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;

/** What is to be traced, and the width below which the film does not hold. */
record TraceRequest(
        PictureFile file,
        Optional<Straightening> straightening,
        TraceSettings settings,
        double mmPerPx,
        double leastMm) {
    Picture straightened() {
        return straightening.map(s -> s.of(file.picture())).orElseGet(file::picture);
    }
}
