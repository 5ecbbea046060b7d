package jurren.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.IntStream;
import jurren.formats.words.HeatUnit;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class SettingsTest {
    @TempDir
    private Path folder;

    @Test
    void choicesAreRememberedFromOneDayToTheNext() {
        Settings today = new Settings(folder.resolve("not there yet"));
        assertThat(today.units()).isEqualTo(Units.AMERICAN);
        today.choose(LengthUnit.MILLIMETRE);
        today.put("other", "ö and =");
        today.chooseText(17);
        today.keepPlace(new Settings.Place(10, 20.5, 1300, 850));
        Settings tomorrow = new Settings(folder.resolve("not there yet"));
        assertThat(tomorrow.units()).isEqualTo(Units.METRIC);
        assertThat(tomorrow.choice("other", "")).isEqualTo("ö and =");
        assertThat(tomorrow.textPx()).isEqualTo(17);
        assertThat(tomorrow.place()).contains(new Settings.Place(10, 20.5, 1300, 850));
    }

    @Test
    void degreesFollowTheLengthsUntilTheyAreChosen() {
        Settings s = new Settings(folder);
        s.choose(LengthUnit.MILLIMETRE);
        assertThat(s.units().heat()).isEqualTo(HeatUnit.CELSIUS);
        s.choose(HeatUnit.FAHRENHEIT);
        s.choose(LengthUnit.INCH);
        s.choose(LengthUnit.MILLIMETRE);
        assertThat(s.units()).isEqualTo(new Units(LengthUnit.MILLIMETRE, HeatUnit.FAHRENHEIT));
    }

    @Test
    void twoWindowsDoNotForgetEachOthersChoices() {
        Settings one = new Settings(folder);
        Settings two = new Settings(folder);
        one.chooseText(15);
        two.choose(LengthUnit.MILLIMETRE);
        Settings next = new Settings(folder);
        assertThat(next.textPx()).isEqualTo(15);
        assertThat(next.units().length()).isEqualTo(LengthUnit.MILLIMETRE);
    }

    @Test
    void nonsenseInTheFileIsAsAtFirst() throws IOException {
        Files.writeString(
                folder.resolve("choices.properties"),
                "text=huge\nunit=ELL\nx=NaN\ny=1\nwidth=2\nheight=3\nfolder=\\u0000\nrecent=\\u0000\n");
        Settings s = new Settings(folder);
        assertThat(s.textPx()).isEqualTo(Settings.USUAL_TEXT_PX);
        assertThat(s.units()).isEqualTo(Units.AMERICAN);
        assertThat(s.place()).isEmpty();
        assertThat(s.folder()).isEmpty();
        assertThat(s.recent()).isEmpty();
        s.chooseText(400);
        assertThat(s.textPx()).isEqualTo(Settings.MOST_TEXT_PX);
    }

    @Test
    void recentJobsAreTheLatestFirstEachOnceAndOnlyThoseThatAreThere() throws IOException {
        Settings s = new Settings(folder);
        for (int i : IntStream.range(0, 12).toArray()) {
            s.keepRecent(Files.writeString(folder.resolve("job" + i + ".jurren"), ""));
        }
        s.keepRecent(folder.resolve("job5.jurren"));
        Files.delete(folder.resolve("job11.jurren"));
        assertThat(s.recent())
                .extracting(p -> p.getFileName().toString())
                .startsWith("job5.jurren", "job10.jurren")
                .hasSize(7)
                .doesNotHaveDuplicates();
    }
}
