package craftmap.core.coats;

/** What is done to a surface that is no coat, in the order in which it is done. */
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
  MASK,
  /** Candle wax or a resist between two coats, where the upper one shall rub off. */
  RESIST(Stage.GROUND),
  /** Rubbed through to what is under the last coat. */
  DISTRESS(Stage.DECORATE);

  private final Stage stage;

  StepKind() {
    this(Stage.PREPARE);
  }

  StepKind(Stage stage) {
    this.stage = stage;
  }

  public Stage stage() {
    return stage;
  }

  /** Whether it is done for its looks, and only where it is wished for. */
  public boolean isDressing() {
    return stage != Stage.PREPARE;
  }

  public String key() {
    return "step:" + name();
  }
}
