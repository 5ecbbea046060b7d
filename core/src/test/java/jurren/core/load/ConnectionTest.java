package jurren.core.load;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

class ConnectionTest {
    @Test
    void aPortHasAnAddressAndANumber() {
        Connection r = new Connection(Connection.Kind.PORT, "192.168.1.40:9100");
        assertThat(r.host()).isEqualTo("192.168.1.40");
        assertThat(r.port()).isEqualTo(9100);
        assertThat(new Connection(Connection.Kind.PORT, "fe80::1:515").host()).isEqualTo("fe80::1");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "192.168.1.40",
                ":9100",
                "host:",
                "host:0",
                "host:65536",
                "host:-1",
                "host:9100x",
                "host:999999999999"
            })
    void whatIsNoneIsRefused(String where) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Connection(Connection.Kind.PORT, where));
    }

    @Test
    void aFolderNeedsAPath() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Connection(Connection.Kind.FOLDER, " "));
        assertThat(new Connection(Connection.Kind.FOLDER, "cuts").where()).isEqualTo("cuts");
    }
}
