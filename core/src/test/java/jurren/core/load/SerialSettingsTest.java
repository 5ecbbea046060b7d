package jurren.core.load;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class SerialSettingsTest {
    @Test
    void whatIsNotSaidIsTheUsual() {
        assertThat(new Connection(Connection.Kind.SERIAL, " COM3 ").where()).isEqualTo("COM3 9600 by-signs");
        assertThat(new Connection(Connection.Kind.SERIAL, "/dev/ttyUSB0 38400 by-lines").serial())
                .isEqualTo(new SerialSettings("/dev/ttyUSB0", 38_400, SerialSettings.Flow.BY_LINES));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "  ", "COM3 9601", "COM3 fast", "COM3 9600 gently", "COM3 9600 none more", "COM3 99999999999"
            })
    void whatIsNoPortIsRefusedInWords(String text) {
        assertThatThrownBy(() -> new Connection(Connection.Kind.SERIAL, text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("serial port");
    }
}
