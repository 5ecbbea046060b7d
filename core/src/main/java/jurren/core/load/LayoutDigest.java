package jurren.core.load;

import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.nest.Bed;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Cutout;

/** What is to be laid, and on what, in a few letters: outlines count to the micrometre. */
final class LayoutDigest {
    private static final double UNITS_PER_MM = 1000;
    private static final int LETTERS = 32;

    private final MessageDigest digest;

    private LayoutDigest() {
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    static String ofPieces(List<Cutout> cutouts) {
        LayoutDigest all = new LayoutDigest();
        for (Cutout c : cutouts) {
            all.region(c.shape());
            all.number(c.turning().ordinal());
            all.pin(c.pinned());
        }
        return all.text();
    }

    static String ofBeds(List<Bed> beds, double gapMm) {
        LayoutDigest all = new LayoutDigest();
        all.length(gapMm);
        for (Bed b : beds) {
            if (b.open()) {
                // a roll that is a little shorter takes the same, as long as it lasts
                Box box = b.usable().bounds();
                all.length(box.minXMm());
                all.length(box.minYMm());
                all.length(box.heightMm());
            } else {
                all.region(b.usable());
            }
            all.number((b.open() ? 1 : 0) + (b.full() ? 2 : 0));
        }
        return all.text();
    }

    private void pin(Optional<BedPosition> pin) {
        number(pin.isPresent() ? 1 : 0);
        pin.ifPresent(p -> {
            number(p.bed());
            length(p.degrees());
            length(p.xMm());
            length(p.yMm());
        });
    }

    private void region(Region region) {
        for (Piece piece : region.pieces()) {
            outline(piece.outer());
            piece.holes().forEach(this::outline);
            number(piece.holes().size());
        }
        number(region.pieceCount());
    }

    private void outline(Outline outline) {
        ByteBuffer bytes = ByteBuffer.allocate(Math.multiplyExact(outline.size(), 2 * Long.BYTES));
        for (int i = 0; i < outline.size(); i++) {
            bytes.putLong(Math.round(outline.xMm(i) * UNITS_PER_MM));
            bytes.putLong(Math.round(outline.yMm(i) * UNITS_PER_MM));
        }
        digest.update(bytes.flip());
        number(outline.size());
    }

    private void length(double mm) {
        number(Math.round(mm * UNITS_PER_MM));
    }

    private void number(long n) {
        digest.update(ByteBuffer.allocate(Long.BYTES).putLong(n).flip());
    }

    private String text() {
        return HexFormat.of().formatHex(digest.digest()).substring(0, LETTERS);
    }
}
