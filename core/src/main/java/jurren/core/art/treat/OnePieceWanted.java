package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;

/** Says that the motif is to hang together as one piece; it changes nothing, but more than one is then a snag. */
public record OnePieceWanted() implements Treatment {
    @Override
    public boolean shouldChange() {
        return false;
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return paints;
    }
}
