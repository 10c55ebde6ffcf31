package craftmap.server.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PublicAddressTest {
  @Test
  void isAnAddressByTlsOrNone() {
    assertThat(SecurityConfig.publicAddress("")).isEmpty();
    assertThat(SecurityConfig.publicAddress("https://craft.example"))
        .hasValueSatisfying(a -> assertThat(a.getAuthority()).isEqualTo("craft.example"));
    assertThat(SecurityConfig.publicAddress("https://craft.example:8443"))
        .hasValueSatisfying(a -> assertThat(a.getAuthority()).isEqualTo("craft.example:8443"));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "http://craft.example",
        "craft.example",
        "https://craft.example/",
        "https://craft.example/plans",
        "https://someone@craft.example",
        "https://*",
      })
  void whatIsNoneEndsTheStartWithTheReason(String given) {
    assertThatThrownBy(() -> SecurityConfig.publicAddress(given))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(given)
        .hasMessageContaining("https://craft.example");
  }
}
