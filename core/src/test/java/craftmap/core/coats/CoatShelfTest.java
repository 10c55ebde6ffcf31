package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.Colour;
import craftmap.core.log.Learned;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CoatShelfTest {
  private static final InHand RED = pot("red", "#A8323E", 12.7);
  private static final InHand GREEN = pot("green", "#4C6A2E", 0);

  private static InHand pot(String id, String colour, double ml) {
    return new InHand(Optional.of(id), Built.medium("chalky-paint").in(new Colour(colour)), ml);
  }

  /** A coat does not turn red because the green ran out: what names a pot goes on being of it. */
  @Test
  void whatNamesAnEmptyPotIsOfItsMediumAndNothingIsProposedFromIt() {
    for (CoatShelf shelf :
        List.of(
            new CoatShelf(List.of(RED), List.of(), List.of(GREEN)),
            new CoatShelf(List.of(RED), List.of(), List.of(GREEN)).after(Learned.NONE))) {
      assertThat(shelf.product(new Wish.Product.OfPot("green"))).contains(GREEN);
      assertThat(shelf.product(new Wish.Product.OfPot("red"))).contains(RED);
      assertThat(shelf.product(new Wish.Product.OfPot("gone"))).isEmpty();
      assertThat(shelf.usedAs(Role.PAINT)).containsExactly(RED);
    }
  }
}
