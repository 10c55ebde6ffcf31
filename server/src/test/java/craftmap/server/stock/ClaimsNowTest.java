package craftmap.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.ServerTest;
import craftmap.server.studio.Studios;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** What a piece may count on, asked with the levels, is what the claims of the stocks leave it. */
class ClaimsNowTest extends ServerTest {
  @Autowired private ClaimBook claims;
  @Autowired private Holdings holdings;
  @Autowired private Studios studios;
  @Autowired private TransactionTemplate transaction;

  @Test
  void aPieceMayCountOnWhatTheClaimsOfAllLeaveIt() {
    List<String> pieces = new ArrayList<>(List.of("", "no such piece"));
    Random dice = new Random(77_041);
    for (int i = 0; i < 4; i++) {
      JsonNode chest = newChest("Counts on its share " + i);
      JsonNode laid = chest.path("document");
      for (int band = 0; band <= i; band++) {
        laid = withFernBand(laid, "band-" + band, 41.7 + 83.3 * band);
      }
      save(chest, laid, "Bands", null);
      String id = chest.path("id").asString();
      put("/api/pieces/" + id + "/kept/bone-white", Map.of("quantity", 1.7 + i + " ml"));
      pieces.add(id);
    }
    String studio = studios.first().id();
    transaction.executeWithoutResult(
        oneMoment -> {
          List<Holding> all = holdings.all(studio);
          for (String piece : pieces) {
            Map<String, BigDecimal> expected = new HashMap<>(claims.forPiece(studio, piece, all));
            assertThat(claims.nowForPiece(studio, piece, expected.keySet())).isEqualTo(expected);

            List<Holding> some = new ArrayList<>(all);
            Collections.shuffle(some, dice);
            some = some.subList(0, 1 + dice.nextInt(3));
            List<String> ids = new ArrayList<>(some.stream().map(Holding::id).toList());
            // more than are asked for at once
            IntStream.range(0, 230).forEach(i -> ids.add("no such stock " + i));
            Collections.shuffle(ids, dice);
            assertThat(claims.nowForPiece(studio, piece, ids))
                .isEqualTo(claims.forPiece(studio, piece, some));
          }
        });
    assertThat(claims.nowForPiece(studio, pieces.getLast(), List.of())).isEmpty();
    assertThat(claims.nowForPiece("another studio", "", List.of("bone-white"))).isEmpty();
  }
}
