package craftmap.core.coats;

/** How fast preparation goes, at an unhurried pace; docs/typical-values.md lists it. */
public final class Pace {
  /** Getting out and cleaning what a coat is put on with. */
  public static final double SET_UP_MINUTES = 5;

  public static final double WASH_M2_PER_MIN = 0.12;

  /** Washed once and rinsed twice. */
  static final double WASHED_AND_RINSED = 3;

  public static final double SAND_M2_PER_MIN = 0.08;
  public static final double STRIP_M2_PER_MIN = 0.03;
  public static final double DUST_M2_PER_MIN = 0.5;
  public static final double FILL_MINUTES = 2;
  public static final double TEST_MINUTES = 5;
  public static final double TAPE_MM_PER_MIN = 600;
  public static final double RESIST_MM_PER_MIN = 1000;
  public static final double RUB_MM_PER_MIN = 500;

  /** Brushing the back of a moulding with what holds it, and closing it. */
  public static final double COAT_A_PIECE_MINUTES = 2;

  /** A stencil that was left to dry is loosened and peeled off, once what it stayed for is dry. */
  public static final double LIFT_MINUTES = 1;

  public static final double UNTAPE_MM_PER_MIN = 2500;

  /** Unscrewed, numbered and bagged, by hole; and back again. */
  public static final double UNSCREW_MINUTES = 1.5;

  public static final double SCREW_ON_MINUTES = 2.5;

  /** A sheet of paper is done after this much of a face. */
  public static final double M2_PER_SHEET = 0.6;

  private Pace() {}

  /** What a step goes by: m² a minute, minutes for each, m a minute. */
  public static double of(StepKind kind) {
    return switch (kind) {
      case TEST_FOR_LEAD -> TEST_MINUTES;
      case WAX_OFF, CLEAN -> WASH_M2_PER_MIN;
      case STRIP -> STRIP_M2_PER_MIN;
      case FILL -> FILL_MINUTES;
      case SAND -> SAND_M2_PER_MIN;
      case DUST_OFF -> DUST_M2_PER_MIN;
      case MASK -> TAPE_MM_PER_MIN / 1000;
      case RESIST -> RESIST_MM_PER_MIN / 1000;
      case DISTRESS -> RUB_MM_PER_MIN / 1000;
    };
  }
}
