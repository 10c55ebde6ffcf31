package craftmap.core.order.mishap;

/** What is done about it. */
public enum Remedy {
  /** While it is wet: brushed out with what is there. */
  BRUSH_OUT(Again.NOTHING, true, false),
  /** Once it is dry: sanded flat, dusted off, and put on again. */
  SAND_AND_AGAIN(Again.ALL, false, true),
  /** Once it is dry: closed with stain blocker, then put on again. */
  BLOCK_AND_AGAIN(Again.ALL, false, false),
  /** Once it is dry: the same over it. */
  OVER_AGAIN(Again.ALL, false, false),
  /** Made rough, so that what comes next holds all the same. */
  SCUFF(Again.NOTHING, false, true),
  /** Along the tape with a craft knife, before it is pulled off a film that has dried. */
  SCORE(Again.NOTHING, true, false),
  /** Brushed with what holds it once more. */
  SIZE_AGAIN(Again.ALL, true, false),
  /** Glued, and pressed down. */
  STICK_DOWN(Again.ALL, true, false),
  /** While it is wet: lifted, laid down anew and smoothed from the middle. */
  SMOOTH(Again.ALL, true, false),
  /** Once it is dry: slit along the ridge, glued, pressed down. */
  SLIT_AND_STICK(Again.ALL, false, false),
  /** From what is left of it, its edge in line with the tear. */
  PATCH(Again.ALL, false, false),
  /** Taken off, and laid, cut or cast once more: of what it is made of more is needed. */
  ONCE_MORE(Again.ALL_AND_SHEETS, true, false),
  /** While it is wet: wiped off with a barely damp cloth. */
  WIPE_OFF(Again.NOTHING, true, false),
  /** Once it is dry: painted over with the colour that lies under it. */
  TOUCH_UP(Again.FROM_UNDER, false, false),
  /** What is left of it to do, once there is more to do it with. */
  THE_REST(Again.ALL, true, false),
  /** It may stay as it is. */
  LEAVE(Again.NOTHING, true, false);

  /** What of the step itself is done again. */
  enum Again {
    NOTHING,
    ALL,
    /** And as much of what it is cut from. */
    ALL_AND_SHEETS,
    /** As much as went astray, out of the pot of what lies under it. */
    FROM_UNDER
  }

  private final Again again;
  private final boolean atOnce;
  private final boolean sanded;

  Remedy(Again again, boolean atOnce, boolean sanded) {
    this.again = again;
    this.atOnce = atOnce;
    this.sanded = sanded;
  }

  /** Whether it is done without waiting until what went wrong is dry. */
  public boolean isAtOnce() {
    return atOnce;
  }

  /** Whether something is rubbed down, which makes dust. */
  public boolean isSanded() {
    return sanded;
  }

  /** Whether as much is put on again as went wrong. */
  public boolean isPutOnAgain() {
    return again == Again.ALL || again == Again.ALL_AND_SHEETS;
  }

  /** Whether more of what it is cut from is used up. */
  public boolean takesSheets() {
    return again == Again.ALL_AND_SHEETS;
  }

  /** Whether it takes the colour of what lies under it. */
  public boolean isFromUnder() {
    return again == Again.FROM_UNDER;
  }

  /** Whether what follows may follow at any time after it, as it does after what is rough. */
  public boolean endsTheWindow() {
    return this == SCUFF || this == SCORE;
  }
}
