package jurren.core.art;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.memo.Memo;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;

/**
 * A picture that is printed as it is, around the middle of what was not cropped away. Its edge is the frame, or where
 * it ends against a clear ground.
 *
 * @param mmPerPxAcross how wide a pixel is
 */
public record PrintedPicture(PictureFile file, Crop crop, double opacity, double mmPerPxAcross, double mmPerPxDown)
        implements Source {
    /** Below this a picture is seen to be made of squares at reading distance. */
    public static final double COARSE_PER_INCH = 150;
    /** Half seen through is where it ends. */
    private static final TraceSettings EDGE =
            TraceSettings.USUAL.withInk(TraceSettings.Ink.DARK).withLevel(OptionalDouble.of(0.5));
    /** The edge of what is there, in pixels; tracing is not done again for a size or a crop. */
    private static final Memo<PictureFile, Region> SILHOUETTES =
            new Memo<>(PrintedPicture::silhouette, (file, region, scale) -> {
                file.weigh(scale);
                region.weigh(scale);
            });

    /** What is left off at each side, as a part of the whole. */
    public record Crop(double left, double top, double right, double bottom) {
        public static final Crop NONE = new Crop(0, 0, 0, 0);

        public Crop {
            if (!(left >= 0 && top >= 0 && right >= 0 && bottom >= 0 && left + right <= 0.99 && top + bottom <= 0.99)) {
                throw new IllegalArgumentException("a crop leaves something of the picture but was " + left + ", " + top
                        + ", " + right + ", " + bottom);
            }
        }
    }

    public PrintedPicture {
        Source.checkFactors(mmPerPxAcross, mmPerPxDown);
        if (!(opacity > 0 && opacity <= 1)) {
            throw new IllegalArgumentException("a picture's opacity is above 0 and at most 1 but was " + opacity);
        }
    }

    /** As large as its file says, or so wide. */
    public static PrintedPicture of(PictureFile file, OptionalDouble perInch, double elseWidthMm) {
        double mm = perInch.isPresent()
                ? 25.4 / perInch.getAsDouble()
                : elseWidthMm / file.picture().width();
        return new PrintedPicture(file, Crop.NONE, 1, mm, mm);
    }

    /** One paint; none of a picture that is clear everywhere. */
    List<Paint> paints() {
        Picture picture = file.picture();
        Box kept = new Box(
                crop.left * picture.width(),
                crop.top * picture.height(),
                (1 - crop.right) * picture.width(),
                (1 - crop.bottom) * picture.height());
        Placement toMotif = Placement.moved(-kept.centre().xMm(), -kept.centre().yMm())
                .then(Placement.scaled(mmPerPxAcross, mmPerPxDown));
        Region frame = Region.of(kept);
        Region edge = picture.isOpaque() ? frame : SILHOUETTES.get(file).intersect(frame);
        return edge.isEmpty()
                ? List.of()
                : List.of(new Paint(
                        new Colour(picture.mean()),
                        Optional.of(new Ink.OfPicture(file, toMotif, opacity)),
                        List.of(edge.placed(toMotif))));
    }

    private static Region silhouette(PictureFile file) {
        Picture picture = file.picture();
        int[] dark = new int[picture.width() * picture.height()];
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < picture.width(); x++) {
                dark[y * picture.width() + x] = 0xFF000000 | (255 - (picture.argb(x, y) >>> 24)) * 0x010101;
            }
        }
        Traced traced = Tracer.trace(Picture.ofOwned(picture.width(), picture.height(), dark), EDGE);
        return Region.weld(
                traced.flats().stream().map(f -> f.curves().enclosed()).toList());
    }

    /** How many of its pixels stand on an inch as large as it is. */
    public double perInch() {
        return 25.4 / Math.max(mmPerPxAcross, mmPerPxDown);
    }

    @Override
    public void weigh(Scale scale) {
        file.weigh(scale);
    }

    @Override
    public PrintedPicture resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new PrintedPicture(file, crop, opacity, mmPerPxAcross * widthFactor, mmPerPxDown * heightFactor);
    }

    /** As small as it can be and still cover a box, in proportion. */
    public PrintedPicture covering(Box box) {
        double wide = file.picture().width() * (1 - crop.left() - crop.right()) * mmPerPxAcross;
        double high = file.picture().height() * (1 - crop.top() - crop.bottom()) * mmPerPxDown;
        double factor = Math.max(box.widthMm() / wide, box.heightMm() / high);
        return resized(factor, factor);
    }

    public PrintedPicture withCrop(Crop newCrop) {
        return new PrintedPicture(file, newCrop, opacity, mmPerPxAcross, mmPerPxDown);
    }

    public PrintedPicture withOpacity(double newOpacity) {
        return new PrintedPicture(file, crop, newOpacity, mmPerPxAcross, mmPerPxDown);
    }
}
