package jurren.standins.cutter;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Point;

/**
 * Reads HPGL byte by byte as a plotter does and turns it into strokes: PU, PD, PA, PR move, AA and AR go round; SP, IN
 * and VS set up; DP, OD and OH find and tell; anything else is skipped to its semicolon. Written apart from our writer,
 * so that a mistake there shows here.
 */
public final class HpglInterpreter {
    /** What the bytes so far have asked for. */
    public sealed interface Action {
        /** The knife is put down at the first point, drawn through the others and lifted. */
        record Stroke(List<Point> points) implements Action {
            public Stroke {
                points = List.copyOf(points);
            }
        }

        /** The head moves with the knife up. */
        record Travel(Point to) implements Action {}

        record Speed(double mmPerS) implements Action {}

        /** The head looks for a mark near where it is. */
        record Look() implements Action {}

        /** Says where it is, as it counts. */
        record TellPlace(long first, long second, boolean down) implements Action {}

        /** Says whether it found one. */
        record TellStatus() implements Action {}

        /** Says where the mark was. */
        record TellMark() implements Action {}

        /** Says how large the film is. */
        record TellSize() implements Action {}
    }

    private static final double USUAL_CHORD_DEGREES = 5;

    private final StringBuilder command = new StringBuilder();
    private final List<Action> actions = new ArrayList<>();
    private final List<Point> stroke = new ArrayList<>();
    private final Bed bed;
    private double first;
    private double second;
    private Point at;
    private boolean down;
    private boolean relative;

    public HpglInterpreter() {
        this(Bed.PLAIN);
    }

    public HpglInterpreter(Bed bed) {
        this.bed = bed;
        this.at = bed.onFilm(0, 0);
    }

    /** All strokes of a whole file. */
    public static List<List<Point>> strokes(byte[] file) {
        return strokes(file, Bed.PLAIN);
    }

    /** All strokes of a whole file, on the film as this machine counts. */
    public static List<List<Point>> strokes(byte[] file, Bed bed) {
        HpglInterpreter reader = new HpglInterpreter(bed);
        for (byte b : file) {
            reader.take(b);
        }
        reader.lift();
        return reader.drain().stream()
                .filter(Action.Stroke.class::isInstance)
                .map(a -> ((Action.Stroke) a).points())
                .toList();
    }

    /** What has become complete since the last call. */
    public List<Action> drain() {
        List<Action> done = List.copyOf(actions);
        actions.clear();
        return done;
    }

    public void take(byte b) {
        char c = (char) (b & 0xFF);
        boolean startsNext = Character.isLetter(c) && command.length() >= 2;
        if (c == ';' || startsNext) {
            run(command.toString());
            command.setLength(0);
        }
        if (c > ' ' && c != ';') {
            command.append(Character.toUpperCase(c));
        } else if (c == ' ' && command.length() > 2) {
            command.append(',');
        }
    }

    private void run(String text) {
        if (text.length() < 2) {
            return;
        }
        double[] numbers = numbers(text.substring(2));
        switch (text.substring(0, 2)) {
            case "PU" -> {
                lift();
                move(numbers);
            }
            case "PD" -> {
                lower();
                move(numbers);
            }
            case "PA" -> {
                relative = false;
                move(numbers);
            }
            case "PR" -> {
                relative = true;
                move(numbers);
            }
            case "AA" -> round(numbers, 0, 0);
            case "AR" -> round(numbers, first, second);
            case "IN", "SP" -> lift();
            case "DP" -> actions.add(new Action.Look());
            case "OA" -> {
                // what was told before is done first, and the knife stays where it is
                boolean wasDown = down;
                lift();
                actions.add(new Action.TellPlace(Math.round(first), Math.round(second), wasDown));
                if (wasDown) {
                    lower();
                }
            }
            case "OS" -> actions.add(new Action.TellStatus());
            case "OD" -> actions.add(new Action.TellMark());
            case "OH" -> actions.add(new Action.TellSize());
            case "VS" -> {
                if (numbers.length > 0) {
                    actions.add(new Action.Speed(numbers[0] * 10));
                }
            }
            default -> {}
        }
    }

    private void lower() {
        if (!down) {
            down = true;
            stroke.add(at);
        }
    }

    private void lift() {
        if (down && stroke.size() > 1) {
            actions.add(new Action.Stroke(stroke));
        }
        stroke.clear();
        down = false;
    }

    private void move(double[] numbers) {
        for (int i = 0; i + 1 < numbers.length; i += 2) {
            step(numbers[i] + (relative ? first : 0), numbers[i + 1] + (relative ? second : 0));
        }
    }

    /**
     * Chords of a circle, as many as its last number asks for; the place after it is kept as finely as the circle is.
     */
    private void round(double[] numbers, double fromFirst, double fromSecond) {
        if (numbers.length < 3) {
            return;
        }
        double middle1 = fromFirst + numbers[0];
        double middle2 = fromSecond + numbers[1];
        double chord = numbers.length > 3 && numbers[3] > 0 ? numbers[3] : USUAL_CHORD_DEGREES;
        double far = Math.hypot(first - middle1, second - middle2);
        double begin = Math.atan2(second - middle2, first - middle1);
        int chords = (int) Math.ceil(Math.abs(numbers[2]) / chord);
        for (int i = 1; i <= chords; i++) {
            double at = begin + Math.toRadians(numbers[2]) * i / chords;
            step(middle1 + far * Math.cos(at), middle2 + far * Math.sin(at));
        }
    }

    private void step(double toFirst, double toSecond) {
        first = toFirst;
        second = toSecond;
        at = bed.onFilm(first, second);
        if (down) {
            stroke.add(at);
        } else {
            actions.add(new Action.Travel(at));
        }
    }

    private static double[] numbers(String text) {
        List<Double> found = new ArrayList<>();
        for (String part : text.split(",")) {
            try {
                if (!part.isEmpty()) {
                    found.add(Double.parseDouble(part));
                }
            } catch (NumberFormatException _) {
                return new double[0];
            }
        }
        return found.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
