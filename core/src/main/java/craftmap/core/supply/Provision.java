package craftmap.core.supply;

/** Whether what is on the shelf covers what is needed. */
public sealed interface Provision {
  record Enough(double leftMl) implements Provision {}

  record Short(double byMl) implements Provision {}

  static Provision of(double neededMl, double levelMl) {
    return neededMl <= levelMl ? new Enough(levelMl - neededMl) : new Short(neededMl - levelMl);
  }
}
