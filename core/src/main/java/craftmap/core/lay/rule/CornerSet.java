package craftmap.core.lay.rule;

/**
 * A copy in each corner.
 *
 * @param pieces whole pieces that it takes: quarters come four from one
 */
public record CornerSet(Way.InCorners way, int corners, int pieces) implements Arrangement {
  @Override
  public int count() {
    return corners;
  }
}
