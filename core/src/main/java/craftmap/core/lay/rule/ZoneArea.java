package craftmap.core.lay.rule;

/** One area painted freely. */
public record ZoneArea(double areaMm2) implements Arrangement {
  @Override
  public Way.Whole way() {
    return Way.Whole.ZONE;
  }

  @Override
  public int count() {
    return 1;
  }
}
