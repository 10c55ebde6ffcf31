package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ClaimsTest {
  private static BigDecimal n(String text) {
    return new BigDecimal(text);
  }

  @Test
  void theLastNapkinGoesToWhoAskedFirst() {
    Claims claims =
        Claims.settle(
            n("3"),
            List.of(new Claims.Claim("screen", n("2")), new Claims.Claim("planter", n("2"))));
    assertThat(claims.settled().get(0).granted()).isEqualByComparingTo("2");
    assertThat(claims.settled().get(1).granted()).isEqualByComparingTo("1");
    assertThat(claims.settled().get(1).missing()).isEqualByComparingTo("1");
    assertThat(claims.available()).isEqualByComparingTo("0");
    assertThat(claims.forPiece("planter")).isEqualByComparingTo("1");
    assertThat(claims.forPiece("tin")).isEqualByComparingTo("0");
  }

  @Test
  void whatIsGrantedAndWhatIsLeftIsAlwaysTheLevel() {
    Random random = new Random(7);
    for (int round = 0; round < 500; round++) {
      BigDecimal level = BigDecimal.valueOf(random.nextInt(2000), 1);
      List<Claims.Claim> wishes = new ArrayList<>();
      for (int i = random.nextInt(8); i > 0; i--) {
        wishes.add(new Claims.Claim("p" + i, BigDecimal.valueOf(random.nextInt(900), 1)));
      }
      Claims claims = Claims.settle(level, wishes);
      assertThat(claims.reserved().add(claims.available())).isEqualByComparingTo(level);
      assertThat(claims.settled())
          .allSatisfy(
              s -> {
                assertThat(s.granted()).isBetween(BigDecimal.ZERO, s.claim().wanted());
                assertThat(s.missing().signum() > 0 && claims.available().signum() > 0).isFalse();
              });
    }
  }

  @Test
  void anOverdrawnLevelGrantsNothing() {
    Claims claims = Claims.settle(n("-2"), List.of(new Claims.Claim("tin", n("1"))));
    assertThat(claims.reserved()).isEqualByComparingTo("0");
    assertThat(claims.available()).isEqualByComparingTo("0");
  }
}
