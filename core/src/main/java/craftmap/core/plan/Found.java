package craftmap.core.plan;

import craftmap.core.colour.Colour;
import craftmap.core.measure.LengthRange;
import craftmap.core.plane.Point;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.OutlineNote;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What was found, and decided, on one face. What is empty is as the form gives it.
 *
 * @param name another name than the form's
 * @param ownMarks true where the form's own marks do not count any more
 */
public record Found(
    Optional<String> name,
    Shape shape,
    Surface surface,
    Belonging belonging,
    boolean ownMarks,
    Marks marks) {
  /** Where a face comes from. */
  public enum Standing {
    OF_THE_FORM,
    REMOVED,
    ADDED
  }

  /**
   * Its measures, where they are others than the form's.
   *
   * @param outline another outline than the form's
   */
  public record Shape(
      Optional<OutlineNote> outline, OptionalDouble edgeDepthMm, Optional<Relief> relief) {
    public static final Shape OF_THE_FORM =
        new Shape(Optional.empty(), OptionalDouble.empty(), Optional.empty());

    public Shape {
      outline.ifPresent(OutlineNote::read); // refuses what is no outline
      if (edgeDepthMm.isPresent()) {
        LengthRange.DISTANCE.check("depth-of-the-edge", edgeDepthMm.getAsDouble());
      }
    }

    public static Shape of(OutlineNote outline) {
      return OF_THE_FORM.with(outline);
    }

    public Shape with(OutlineNote other) {
      return new Shape(Optional.of(other), edgeDepthMm, relief);
    }
  }

  /**
   * What it is made of, and what is on it.
   *
   * @param ground the colour that shall be under the designs
   * @param now the colour it has before anything is put on; none for what is usual of its make-up
   */
  public record Surface(
      MakeUp makeUp, Finish finish, Colour ground, Set<Exposure> exposure, Optional<Colour> now) {
    public static final Surface BARE =
        new Surface(MakeUp.WOOD, Finish.BARE, new Colour("#D9CFBC"), Set.of());

    public Surface {
      exposure = Set.copyOf(exposure);
    }

    public Surface(MakeUp makeUp, Finish finish, Colour ground, Set<Exposure> exposure) {
      this(makeUp, finish, ground, exposure, Optional.empty());
    }

    public Surface of(MakeUp other) {
      return new Surface(other, finish, ground, exposure, now);
    }

    public Surface with(Finish other) {
      return new Surface(makeUp, other, ground, exposure, now);
    }

    public Surface on(Colour otherGround) {
      return new Surface(makeUp, finish, otherGround, exposure, now);
    }

    public Surface bearing(Set<Exposure> others) {
      return new Surface(makeUp, finish, ground, others, now);
    }

    public Surface being(Optional<Colour> other) {
      return new Surface(makeUp, finish, ground, exposure, other);
    }
  }

  /** The face that another is set into, and where it begins on it. */
  public record SetInto(String faceId, Point at) {}

  /**
   * How it belongs to the piece.
   *
   * @param shown whether it is on the map
   * @param comesOff whether it is a part that comes off
   * @param setInto what an added face is set into; none where it stands alone
   */
  public record Belonging(
      Optional<Boolean> shown,
      Optional<Boolean> comesOff,
      Standing standing,
      Optional<SetInto> setInto) {
    public static final Belonging OF_THE_FORM =
        new Belonging(Optional.empty(), Optional.empty(), Standing.OF_THE_FORM, Optional.empty());

    public Belonging shown(boolean other) {
      return new Belonging(Optional.of(other), comesOff, standing, setInto);
    }

    public Belonging comesOff(boolean other) {
      return new Belonging(shown, Optional.of(other), standing, setInto);
    }

    public Belonging standing(Standing other) {
      return new Belonging(shown, comesOff, other, setInto);
    }

    public Belonging setInto(Optional<SetInto> other) {
      return new Belonging(shown, comesOff, standing, other);
    }
  }

  /** A face on which nothing was found yet. */
  public static Found nothing() {
    return new Found(
        Optional.empty(),
        Shape.OF_THE_FORM,
        Surface.BARE,
        Belonging.OF_THE_FORM,
        false,
        Marks.NONE);
  }

  public Found named(String other) {
    return new Found(Optional.of(other), shape, surface, belonging, ownMarks, marks);
  }

  public Found with(Shape other) {
    return new Found(name, other, surface, belonging, ownMarks, marks);
  }

  public Found with(Surface other) {
    return new Found(name, shape, other, belonging, ownMarks, marks);
  }

  public Found with(Belonging other) {
    return new Found(name, shape, surface, other, ownMarks, marks);
  }

  public Found with(Marks other) {
    return new Found(name, shape, surface, belonging, ownMarks, other);
  }

  /** With these marks, and none of the form's any more. */
  public Found withOwn(Marks other) {
    return new Found(name, shape, surface, belonging, true, other);
  }

  public Standing standing() {
    return belonging.standing();
  }
}
