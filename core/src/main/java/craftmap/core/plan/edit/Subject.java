package craftmap.core.plan.edit;

import java.util.List;

/**
 * A part of a plan that is decided by itself: two people who each decide another one are not in
 * each other's way.
 *
 * @param names which one of its kind, from the outside in
 */
public record Subject(Kind kind, List<String> names) {
  public Subject {
    names = List.copyOf(names);
  }

  static Subject of(Kind kind, String... names) {
    return new Subject(kind, List.of(names));
  }

  /** Of a kind, and of the one that is called so, or within it. */
  boolean isOf(Kind other, String outermost) {
    return kind == other && names.getFirst().equals(outermost);
  }

  /** On what the sizes of faces follow. */
  boolean isOfSizes() {
    return kind == Kind.MEASURE || kind == Kind.FACE || kind == Kind.FACE_SHAPE;
  }

  boolean isOnFace(String faceId) {
    return switch (kind) {
      case FACE, FACE_NAME, FACE_SHAPE, FACE_SURFACE, FACE_BELONGING, FACE_OWN_MARKS, MARK ->
          names.getFirst().equals(faceId);
      default -> false;
    };
  }

  /** Kinds of parts, with what tells one of a kind from another. */
  public enum Kind {
    NAME,
    SALE,
    /** What form it is. */
    FORM,
    /** A measure or a choice of the form, by its name. */
    MEASURE,
    /** A face as such, by its id: whether it is there. */
    FACE,
    /** By the face. */
    FACE_NAME,
    /** Its outline, edge and relief; by the face. */
    FACE_SHAPE,
    /** What it is made of and shall look like; by the face. */
    FACE_SURFACE,
    /** How it belongs to the piece; by the face. */
    FACE_BELONGING,
    /** Whether the form's own marks count; by the face. */
    FACE_OWN_MARKS,
    /** By the face and its id. */
    MARK,
    /** By its id. */
    LAY,
    /** Which lay lies over which. */
    LAY_ORDER,
    /** The school of this piece. */
    HABITS,
    /** That faces which look alike are coated together, as long as nothing else is decided. */
    ALIKE,
    /** What is coated together, and its name; by its id. */
    GROUP,
    /** One band of a build-up, by the group and the key of the band. */
    BAND,
    /** Which band comes over which, by the group. */
    BAND_ORDER,
    /** A finding that was noted, by the group, the band and the rule. */
    NOTED,
    BEGINS,
    PROMISED,
    /** Another piece that is worked on in between, by its id. */
    TOGETHER,
    /** A step of the order, by its key. */
    STEP,
    /** A step of one's own, by its key. */
    OWN_STEP,
    /** Which of two steps comes first, by their keys in the order of the alphabet. */
    WHICH_FIRST,
    /** Something that went wrong, by its id. */
    MISHAP
  }
}
