package jurren.app.keep;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.function.Consumer;
import jurren.formats.print.Paper;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.HeatUnit;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Units;

/**
 * A person's choices, the same for every window and remembered from one day to the next. Another window of the same
 * person is heeded: a choice is put into what the file says at that moment. What cannot be read is as at first.
 */
public final class Settings {
    public static final int LEAST_TEXT_PX = 12;
    public static final int MOST_TEXT_PX = 20;
    public static final int USUAL_TEXT_PX = 13;
    private static final int MOST_RECENT = 8;

    /** Where a window stands and how large it is, on the screen. */
    public record Place(double x, double y, double width, double height) {}

    private final Path file;
    private Properties choices;
    private Consumer<IOException> notKept = _ -> {};

    /** @param folder made when the first choice is remembered */
    public Settings(Path folder) {
        this.file = folder.resolve("choices.properties");
        this.choices = read();
    }

    /** Whether nothing was ever chosen: nobody worked here before. */
    public boolean isFresh() {
        return !Files.exists(file);
    }

    public Units units() {
        LengthUnit length = named(LengthUnit.class, "unit").orElse(LengthUnit.INCH);
        return new Units(
                length,
                named(HeatUnit.class, "degrees").orElse(Units.usual(length).heat()));
    }

    public void choose(LengthUnit unit) {
        put("unit", unit.name());
    }

    public void choose(HeatUnit unit) {
        put("degrees", unit.name());
    }

    /** As chosen, else as this machine is set. */
    public DecimalSign decimalSign() {
        return named(DecimalSign.class, "decimal-sign").orElseGet(DecimalSign::usual);
    }

    public void choose(DecimalSign sign) {
        put("decimal-sign", sign.name());
    }

    /** What papers are made for: as chosen, else what is usual where lengths are told so. */
    public Paper paper() {
        return named(Paper.class, "paper").orElseGet(() -> Paper.usual(units()));
    }

    public void choose(Paper paper) {
        put("paper", paper.name());
    }

    public int textPx() {
        return (int) Math.clamp(number("text").orElse((double) USUAL_TEXT_PX), LEAST_TEXT_PX, MOST_TEXT_PX);
    }

    public void chooseText(int px) {
        put("text", String.valueOf(Math.clamp(px, LEAST_TEXT_PX, MOST_TEXT_PX)));
    }

    public Optional<Place> place() {
        List<Optional<Double>> all = List.of(number("x"), number("y"), number("width"), number("height"));
        return all.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : Optional.of(new Place(
                        all.get(0).get(),
                        all.get(1).get(),
                        all.get(2).get(),
                        all.get(3).get()));
    }

    public void keepPlace(Place p) {
        change(c -> {
            c.setProperty("x", String.valueOf(p.x));
            c.setProperty("y", String.valueOf(p.y));
            c.setProperty("width", String.valueOf(p.width));
            c.setProperty("height", String.valueOf(p.height));
        });
    }

    /** The last folder a file was taken from or put into. */
    public Optional<Path> folder() {
        return path("folder").filter(Files::isDirectory);
    }

    public void keepFolder(Path folder) {
        put("folder", folder.toAbsolutePath().toString());
    }

    /** Where this person's jobs lie, if it was said; job files are asked for there first. */
    public Optional<Path> jobs() {
        return path("jobs").filter(Files::isDirectory);
    }

    public void keepJobs(Path folder) {
        put("jobs", folder.toAbsolutePath().toString());
    }

    /** Whether a job is saved into its file by itself, a while after each change. */
    public boolean savesItself() {
        return Boolean.parseBoolean(choice("saves-itself", "false"));
    }

    public void saveItself(boolean itself) {
        put("saves-itself", String.valueOf(itself));
    }

    /** Jobs opened and saved, the latest first; those that are gone are left out. */
    public List<Path> recent() {
        return Arrays.stream(choice("recent", "").split("\n"))
                .filter(s -> !s.isBlank())
                .flatMap(s -> asPath(s).stream())
                .filter(Files::isRegularFile)
                .toList();
    }

    public void keepRecent(Path job) {
        String now = job.toAbsolutePath().toString();
        List<String> all = new ArrayList<>(Arrays.asList(choice("recent", "").split("\n")));
        all.removeIf(s -> s.isBlank() || s.equals(now));
        all.addFirst(now);
        put("recent", String.join("\n", all.subList(0, Math.min(all.size(), MOST_RECENT))));
    }

    public String choice(String key, String otherwise) {
        return choices.getProperty(key, otherwise);
    }

    /** @param told of every choice that could not be kept */
    public void whenNotKept(Consumer<IOException> told) {
        notKept = told;
    }

    public void put(String key, String value) {
        change(c -> c.setProperty(key, value));
    }

    private <E extends Enum<E>> Optional<E> named(Class<E> type, String key) {
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> e.name().equals(choice(key, "").toUpperCase(Locale.ROOT)))
                .findFirst();
    }

    private Optional<Double> number(String key) {
        try {
            return Optional.of(Double.parseDouble(choice(key, ""))).filter(Double::isFinite);
        } catch (NumberFormatException _) {
            return Optional.empty();
        }
    }

    private Optional<Path> path(String key) {
        return Optional.of(choice(key, "")).filter(s -> !s.isBlank()).flatMap(Settings::asPath);
    }

    private static Optional<Path> asPath(String text) {
        try {
            return Optional.of(Path.of(text));
        } catch (java.nio.file.InvalidPathException _) {
            return Optional.empty();
        }
    }

    private Properties read() {
        Properties read = new Properties();
        try (var in = Files.newInputStream(file)) {
            read.load(in);
        } catch (IOException | IllegalArgumentException _) {
            read.clear();
        }
        return read;
    }

    /** A few hundred bytes: written at once, without waiting for the disk. */
    private void change(Consumer<Properties> change) {
        Properties now = read();
        change.accept(now);
        choices = now;
        try (StringWriter text = new StringWriter()) {
            now.store(text, null);
            Files.createDirectories(file.getParent());
            Path part = Files.createTempFile(file.getParent(), ".choices", ".part");
            Files.write(part, text.toString().getBytes(StandardCharsets.ISO_8859_1));
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            // it holds for this window
            notKept.accept(e);
        }
    }
}
