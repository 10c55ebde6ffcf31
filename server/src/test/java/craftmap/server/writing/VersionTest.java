package craftmap.server.writing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftmap.core.measure.RefusedInput;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VersionTest {
  @Test
  void whatGoesOutAsAnEtagComesBackAsTheSameVersion() {
    Version version = new Version(41);
    assertThat(Version.of(version.etag())).isEqualTo(version);
    assertThat(Version.of("W/" + version.etag())).isEqualTo(version);
    assertThat(Version.of("41")).isEqualTo(version);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "*", "\"\"", "one", "-1", "1.5", "99999999999999999999"})
  void whatIsNoVersionIsRefused(String header) {
    assertThatThrownBy(() -> Version.of(header)).isInstanceOf(RefusedInput.class);
  }

  @Test
  void onlyWhatWasSeenMayBeChanged() {
    new Version(3).check(3, Instant.EPOCH, "Reeds");
    assertThatThrownBy(() -> new Version(3).check(4, Instant.EPOCH, "Reeds"))
        .isInstanceOf(Clash.class)
        .hasMessageContaining("Reeds");
  }
}
