package craftmap.core.plan.edit;

import craftmap.core.measure.Figure;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What an edit did, for the history: a code, and what the artist called the things it did it to.
 * Sentences are made where they are read.
 */
public record Told(Code code, List<String> names) {
  public Told {
    names = List.copyOf(names);
  }

  public static Told of(Code code, String... names) {
    return new Told(code, List.of(names));
  }

  /** Begins a name that is the code of a label, and stands between it and its figures. */
  public static final String LABEL = "said:";

  /** Begins a name that is a step of preparation. */
  public static final String STEP = "step:";

  /** Begin a name that is what went wrong, and one that is what was done about it. */
  public static final String TROUBLE = "trouble:";

  public static final String REMEDY = "remedy:";

  public static final String LABEL_FIGURE = "|";
  public static final String NEXT_LABEL = ", ";

  /** A label as a name. */
  static String label(Figure.Said label) {
    return LABEL
        + label.code()
        + label.figures().stream().map(f -> LABEL_FIGURE + f).collect(Collectors.joining());
  }

  /** What can have been done. */
  public enum Code {
    NOTHING,
    BEGINS_ON,
    BEGINS_NEXT,
    PROMISED,
    NOT_PROMISED,
    WORKED_WITH,
    WORKED_ALONE,
    STEP_TAKES,
    STEP_DONE,
    STEP_NOT_DONE,
    STEP_BEGINS,
    STEP_BEGINS_WHEN_IT_CAN,
    STEP_IN_PARTS,
    OWN_STEP_PUT,
    OWN_STEP_CHANGED,
    OWN_STEP_TAKEN,
    WENT_WRONG,
    WENT_RIGHT,
    PUT_FIRST,
    LEFT_OPEN,
    STARTED,
    NAMED_PIECE,
    FOR_SALE,
    NOT_FOR_SALE,
    MEASURED_PIECE,
    NAMED_FACE,
    MAKE_UP,
    FINISH,
    GROUND,
    EXPOSURE,
    EDGE_DEPTH,
    RELIEF,
    OUTLINE,
    OUTLINE_POINTS,
    RESHAPED,
    SHOWN,
    LEFT_OUT,
    COMES_OFF,
    STAYS_ON,
    DUPLICATED_FACE,
    ADDED_FACE,
    TOOK_FACE_OFF,
    BROUGHT_FACE_BACK,
    ADDED_MARK,
    CHANGED_MARK,
    TOOK_MARK_AWAY,
    COPIED_MARKS,
    MIRRORED_MARKS,
    OWN_MARKS,
    LAID,
    LAID_WORDS,
    OTHER_RULE,
    RULE,
    RULE_POINTS,
    RULE_WORDS,
    PICKED,
    FOLLOWED_BEST,
    PAINT,
    COATS,
    GOES_AROUND,
    GOES_OVER,
    BY_EYE,
    MEASURED_PLACES,
    PIECES,
    PART,
    AIMED_AT,
    AIMED_AT_ALL,
    WHOLE_PICTURE,
    CUT_FROM,
    CORNER_PIECE,
    FACES,
    SET_INTO,
    STANDS_ALONE,
    HID,
    SHOWED,
    LOCKED,
    UNLOCKED,
    KEEPS_OFFCUT,
    KEEPS_NO_OFFCUT,
    EARLIER,
    LATER,
    COPIED_LAY,
    MIRRORED_LAY,
    COPIED_TO_ALIKE,
    TOOK_LAY_OFF,
    COLOUR_NOW,
    CHANGED_COAT,
    PAINTED_GROUND,
    BLENDED_GROUND,
    NO_GROUND,
    CHOSE_PRIMER,
    ADDED_COAT,
    ADDED_STEP,
    LEFT_COAT_OUT,
    BROUGHT_COAT_BACK,
    NOTED_FINDING,
    COATS_ANEW,
    USED_SCHEME,
    MOVED_COAT,
    MENDED_COATS,
    GROUPED,
    NAMED_GROUP,
    UNGROUPED,
    COPIED_COATS,
    CHOSE_HABITS
  }
}
