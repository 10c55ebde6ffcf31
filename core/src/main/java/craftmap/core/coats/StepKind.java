package craftmap.core.coats;

/** What is done to a surface before anything goes onto it, in the order in which it is done. */
public enum StepKind {
  /** Old paint is tested before it is sanded. */
  TEST_FOR_LEAD,
  /** Wax, and then what took it off. */
  WAX_OFF,
  STRIP,
  /** Washed, and rinsed twice. */
  CLEAN,
  FILL,
  SAND,
  DUST_OFF,
  MASK;

  public String key() {
    return "step:" + name();
  }
}
