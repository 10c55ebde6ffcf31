package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ShelfCodeTest {
  @Test
  void codesAreShortAndAllDifferent() {
    Set<String> seen = new HashSet<>();
    for (long i = 1; i <= 20_000; i++) {
      ShelfCode code = ShelfCode.of(i);
      assertThat(code.text()).hasSizeBetween(5, 6);
      assertThat(seen.add(code.text())).isTrue();
    }
  }

  @Test
  void aCodeIsReadHoweverItIsTyped() {
    ShelfCode code = ShelfCode.of(1234);
    assertThat(ShelfCode.read(code.text().toLowerCase())).isEqualTo(code);
    assertThat(code.number()).isEqualTo(1234);
    assertThat(ShelfCode.read(" " + code.text().replace("-", "") + " ")).isEqualTo(code);
  }

  @Test
  void everySingleSlipAndEverySwapIsNoticed() {
    String good = ShelfCode.of(4711).text().replace("-", "");
    for (int i = 0; i < good.length(); i++) {
      for (char c : "23456789ABCDEFGHJKLMNPQRTUVWX".toCharArray()) {
        String slip = good.substring(0, i) + c + good.substring(i + 1);
        if (!slip.equals(good)) {
          assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> ShelfCode.read(slip));
        }
      }
      if (i + 1 < good.length() && good.charAt(i) != good.charAt(i + 1)) {
        String swap =
            good.substring(0, i) + good.charAt(i + 1) + good.charAt(i) + good.substring(i + 2);
        assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> ShelfCode.read(swap));
      }
    }
  }

  @Test
  void wordsAreNoCodes() {
    assertThat(ShelfCode.looksLike("fern band")).isFalse();
    assertThat(ShelfCode.looksLike("io")).isFalse();
    assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> ShelfCode.read("sofa"));
  }
}
