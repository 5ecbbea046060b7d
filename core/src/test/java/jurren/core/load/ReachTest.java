package jurren.core.load;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

class ReachTest {
    @Test
    void aPortHasAnAddressAndANumber() {
        Reach r = new Reach(Reach.Kind.PORT, "192.168.1.40:9100");
        assertThat(r.host()).isEqualTo("192.168.1.40");
        assertThat(r.port()).isEqualTo(9100);
        assertThat(new Reach(Reach.Kind.PORT, "fe80::1:515").host()).isEqualTo("fe80::1");
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
        assertThatIllegalArgumentException().isThrownBy(() -> new Reach(Reach.Kind.PORT, where));
    }

    @Test
    void aFolderNeedsAPath() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Reach(Reach.Kind.FOLDER, " "));
        assertThat(new Reach(Reach.Kind.FOLDER, "cuts").where()).isEqualTo("cuts");
    }
}
