package craftmap.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LettersTest {
  @Test
  void afterTheAlphabetComeTwoLettersAndThenThree() {
    assertThat(List.of(0, 1, 25, 26, 27, 51, 52, 701, 702))
        .extracting(Letters::of)
        .containsExactly("A", "B", "Z", "AA", "AB", "AZ", "BA", "ZZ", "AAA");
  }

  @Test
  void noTwoAreTheSame() {
    Set<String> names = new HashSet<>();
    for (int i = 0; i < 3000; i++) {
      assertThat(names.add(Letters.of(i))).isTrue();
    }
  }
}
