package craftmap.core.coats;

import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import java.util.Optional;

/**
 * A medium that a coat may be put on from.
 *
 * @param potId the pot it stands in; none where nothing of it is owned
 * @param freeMl what the piece may count on
 */
public record InHand(Optional<String> potId, Medium medium, double freeMl) {
  /** Darker than this is wax with colour in it. */
  private static final double DARK_BELOW = 0.3;

  public boolean isDark() {
    return medium.coverage().colour().luminance() < DARK_BELOW;
  }

  public boolean isUsedAs(Role role) {
    return medium.kind().isUsedAs(role);
  }

  /** The same, of another label. */
  InHand of(Medium other) {
    return new InHand(potId, other, freeMl);
  }

  /** As a wish would name it. */
  public Wish.Product product() {
    return potId
        .<Wish.Product>map(Wish.Product.OfPot::new)
        .orElseGet(() -> new Wish.Product.OfKind(medium.id()));
  }

  public boolean isOwned() {
    return potId.isPresent();
  }
}
