package jurren.app.theme;

import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jurren.app.session.Bench;
import jurren.app.sheet.FileQuestions;
import jurren.core.art.Shape;
import jurren.core.art.treat.Treatments;
import jurren.core.blank.Fit;
import jurren.core.geometry.CornerStyle;
import jurren.core.lettering.ShippedTypeface;
import jurren.formats.words.Numbers;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** No text is missing, and none is left over. */
class TextsTest {
    private static final ResourceBundle WINDOW = ResourceBundle.getBundle("jurren.app.theme.window");
    private static final Pattern KEY = Pattern.compile("\"([a-z]+[a-z0-9]*(?:[.-][A-Za-z0-9_-]+)+)\"");

    private static List<String> enumKeys(String prefix, Class<? extends Enum<?>> type) {
        return Arrays.stream(type.getEnumConstants()).map(e -> prefix + e).toList();
    }

    /** Keys that the code puts together. */
    private static List<String> madeKeys() {
        List<String> keys = new ArrayList<>(List.of("planning", "fit.across.MIDDLE.handle"));
        keys.addAll(enumKeys("bench.", Bench.class));
        keys.addAll(enumKeys("file.", FileQuestions.Kind.class));
        keys.addAll(enumKeys("fit.across.", Fit.Across.class));
        keys.addAll(enumKeys("fit.down.", Fit.Down.class));
        keys.addAll(enumKeys("fit.width.", Fit.Width.class));
        keys.addAll(enumKeys("shape.", Shape.Kind.class));
        keys.addAll(enumKeys("typeface.", ShippedTypeface.Kind.class));
        keys.addAll(enumKeys("outline.corners.", CornerStyle.class));
        keys.addAll(enumKeys("treat.group.", Treatments.Group.class));
        for (Treatments.Kind kind : Treatments.kinds()) {
            Arrays.stream(kind.type().getRecordComponents())
                    .map(RecordComponent::getName)
                    .forEach(n -> keys.add("treat.figure." + n));
        }
        for (String word : List.of("new", "open", "save", "undo", "redo", "help")) {
            keys.add("strip." + word + ".about");
        }
        keys.addAll(List.of("strip.undo.what", "strip.redo.what"));
        return keys;
    }

    @Test
    void everyKeyThatIsPutTogetherHasItsText() {
        assertThat(madeKeys())
                .allSatisfy(k -> assertThat(WINDOW.containsKey(k)).as(k).isTrue());
    }

    /** A second text for a key would stand in the place of the first without a word. */
    @Test
    void noKeyHasTwoTexts() throws IOException {
        for (Path file : List.of(
                Path.of("src/main/resources/jurren/app/theme/window.properties"),
                Path.of("src/main/resources/jurren/app/cli/cli.properties"),
                Path.of("../formats/src/main/resources/jurren/formats/words/words.properties"))) {
            List<String> keys = Files.readAllLines(file).stream()
                    .filter(l -> !l.startsWith("#") && l.contains("="))
                    .map(l -> l.substring(0, l.indexOf('=')))
                    .toList();
            assertThat(keys).as("%s", file.getFileName()).hasSizeGreaterThan(20).doesNotHaveDuplicates();
        }
    }

    /** Every key that stands in the sources has its text; every text has a key that stands there or is put together. */
    @Test
    void sourcesAndTextsNameEachOther() throws IOException {
        Set<String> named = new TreeSet<>();
        String sources = sources(named);
        assertThat(named.stream()
                        .filter(k -> sources.contains("Texts.of(\"" + k + "\""))
                        .toList())
                .isNotEmpty()
                .allSatisfy(k -> assertThat(WINDOW.containsKey(k)).as(k).isTrue());

        Set<String> left = new TreeSet<>(WINDOW.keySet());
        left.removeAll(named);
        left.removeAll(madeKeys());
        left.removeIf(k -> sources.contains("\"" + k.substring(0, k.lastIndexOf('.') + 1) + "\" + "));
        assertThat(left).as("texts nobody shows").isEmpty();
    }

    private static String sources(Set<String> named) throws IOException {
        StringBuilder all = new StringBuilder();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                String text = Files.readString(file);
                all.append(text);
                Matcher m = KEY.matcher(text);
                while (m.find()) {
                    named.add(m.group(1));
                }
            }
        }
        return all.toString();
    }

    @Test
    void numbersReadBackToTheDigitShown() {
        for (double v : new double[] {0, 1, -3.5, 0.25, 12345.678, 1e-3}) {
            assertThat(Numbers.parse(Numbers.format(v)).orElseThrow())
                    .isCloseTo(v, org.assertj.core.api.Assertions.within(0.0501));
        }
        assertThat(Numbers.parse("two")).isEmpty();
        assertThat(Numbers.parse("")).isEmpty();
    }
}
