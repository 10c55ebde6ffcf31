package craftmap.core.lay.rule;

import craftmap.core.lay.Placement;

/** One copy somewhere. */
public record Stand(Way way, Placement at) implements Arrangement {
  @Override
  public int count() {
    return 1;
  }
}
