package craftmap.core.supply;

/** Whether what is on the shelf covers what is needed. */
public sealed interface Provision {
  record Enough(double left) implements Provision {}

  record Short(double by) implements Provision {}

  static Provision of(double needed, double level) {
    return needed <= level ? new Enough(level - needed) : new Short(needed - level);
  }
}
