package jurren.core.job;

import java.util.Optional;

/**
 * What a line is made on.
 *
 * @param faceId  the face that is decorated; empty for the usual one
 * @param pressId the press that was chosen; otherwise the first that suits the face
 * @param trueAtMm on a cone, the height from the lip at which widths of the art are true
 */
public record Thing(
        String blankId, String colourId, String faceId, Optional<String> pressId, Optional<Double> trueAtMm) {
    public static Thing of(String blankId, String colourId) {
        return new Thing(blankId, colourId, "", Optional.empty(), Optional.empty());
    }

    public Thing withColour(String newColourId) {
        return new Thing(blankId, newColourId, faceId, pressId, trueAtMm);
    }

    public Thing withFace(String newFaceId) {
        return new Thing(blankId, colourId, newFaceId, pressId, trueAtMm);
    }

    public Thing withPress(Optional<String> newPressId) {
        return new Thing(blankId, colourId, faceId, newPressId, trueAtMm);
    }

    public Thing withTrueAt(Optional<Double> newTrueAtMm) {
        return new Thing(blankId, colourId, faceId, pressId, newTrueAtMm);
    }
}
