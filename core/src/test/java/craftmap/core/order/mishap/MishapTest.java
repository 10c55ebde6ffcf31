package craftmap.core.order.mishap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Ordering;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MishapTest {
  @ParameterizedTest
  @ValueSource(doubles = {0, -0.2, 0.0099, 1.0001, 17, Double.NaN, Double.POSITIVE_INFINITY})
  void aShareIsMoreThanNothingAndAtMostAll(double share) {
    assertThatThrownBy(() -> new Mishap("coat:1", Trouble.RUNS, Remedy.BRUSH_OUT, share))
        .isInstanceOf(RefusedInput.class);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "a:b", "with space", "~2", "x/1"})
  void anIdCannotBeTakenForAPartOfAnother(String id) {
    Mishap mishap = new Mishap("coat:1", Trouble.RUNS, Remedy.BRUSH_OUT, 0.37);
    assertThatThrownBy(() -> Ordering.NONE.with(id, mishap)).isInstanceOf(RefusedInput.class);
  }

  @Test
  void theKeyOfAMendTellsWhatItMends() {
    String key = Mishap.key("6f1c-22", 2);
    assertThat(Mishap.isMend(key)).isTrue();
    assertThat(Mishap.idOf(key)).isEqualTo("6f1c-22");
    assertThat(Mishap.isMend("own:6f1c-22")).isFalse();
  }
}
