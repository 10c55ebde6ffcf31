package craftmap.core.supply;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * What plans have asked of one stock, in the order they asked. Each gets what is left of the level
 * when its turn comes, so that no two count on the same napkin: the sum of what is granted is never
 * more than the level.
 */
public record Claims(List<Settled> settled, BigDecimal reserved, BigDecimal available) {
  public Claims {
    settled = List.copyOf(settled);
  }

  /** One plan's wish. */
  public record Claim(String pieceId, BigDecimal wanted) {}

  /** What a plan may count on. */
  public record Settled(Claim claim, BigDecimal granted) {
    public BigDecimal missing() {
      return claim.wanted().subtract(granted);
    }
  }

  public static Claims settle(BigDecimal level, List<Claim> inOrder) {
    BigDecimal left = level.max(BigDecimal.ZERO);
    BigDecimal reserved = BigDecimal.ZERO;
    List<Settled> settled = new ArrayList<>();
    for (Claim claim : inOrder) {
      BigDecimal granted = claim.wanted().max(BigDecimal.ZERO).min(left);
      left = left.subtract(granted);
      reserved = reserved.add(granted);
      settled.add(new Settled(claim, granted));
    }
    return new Claims(settled, reserved, left);
  }

  /** What a piece may count on: what it was granted and what nobody claims. */
  public BigDecimal forPiece(String pieceId) {
    return settled.stream()
        .filter(s -> s.claim().pieceId().equals(pieceId))
        .map(Settled::granted)
        .reduce(available, BigDecimal::add);
  }
}
