package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;

/**
 * A line across a face where the surface is interrupted: a panel joint, a step of a moulding, the
 * gap between two boards.
 *
 * @param widthMm of the gap; nothing for a plain joint
 * @param stepMm how far one side stands over the other
 */
public record Break(String id, String name, Point from, Point to, double widthMm, double stepMm)
    implements Mark {
  public Break {
    MarkWords.check(said("name-of-the-break"), name);
    widthMm = LengthRange.DISTANCE.upTo(500).check(said("width-of-the", given(name)), widthMm);
    stepMm = LengthRange.DISTANCE.upTo(500).check(said("step-of-the", given(name)), stepMm);
    if (!Tolerance.EXACT.greater(from.distanceMm(to), 0)) {
      throw new RefusedInput(
          said("length-of-the", given(name)),
          mm(from.distanceMm(to)),
          said("is-nothing"),
          said("two-ends-apart-from-each-other"));
    }
  }

  public double lengthMm() {
    return from.distanceMm(to);
  }

  @Override
  public Break mirrored(double widthOfFaceMm) {
    double middle = widthOfFaceMm / 2;
    return new Break(id, name, to.mirroredAt(middle), from.mirroredAt(middle), widthMm, stepMm);
  }

  @Override
  public String title() {
    return name;
  }

  @Override
  public Break under(String otherId) {
    return new Break(otherId, name, from, to, widthMm, stepMm);
  }
}
