package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Where hardware goes back: one hole, a pair, or a row. A design may cover it and is then pierced
 * from the back.
 *
 * @param middle the middle of the row, for one hole the hole itself
 * @param spacingMm from centre to centre; nothing for one hole
 */
public record Hole(
    String id,
    String name,
    Point middle,
    double diameterMm,
    int count,
    double spacingMm,
    boolean upright)
    implements Mark {
  /** From centre to centre of a pull, until its own is measured. */
  public static final double USUALLY_APART_MM = 96;

  private static final int MOST = 40;

  public Hole {
    MarkWords.check(said("name-of-the-hole"), name);
    diameterMm = LengthRange.SIZE.upTo(200).check(said("diameter-of-the", given(name)), diameterMm);
    if (count < 1 || count > MOST) {
      throw new RefusedInput(
          said("holes-of-the", given(name)),
          given(count),
          said("is-not-a-row-of-holes"),
          said("1-to", given(MOST)));
    }
    spacingMm =
        (count == 1 ? LengthRange.DISTANCE : LengthRange.SIZE)
            .check(said("spacing-of-the", given(name)), spacingMm);
  }

  public static Hole single(String id, String name, Point at, double diameterMm) {
    return new Hole(id, name, at, diameterMm, 1, 0, false);
  }

  /** Each hole's centre, from the left, or from the top where the row is upright. */
  public List<Point> centres() {
    List<Point> centres = new ArrayList<>(count);
    for (int i = 0; i < count; i++) {
      double off = (i - (count - 1) / 2.0) * spacingMm;
      centres.add(upright ? middle.movedBy(0, off) : middle.movedBy(off, 0));
    }
    return centres;
  }

  @Override
  public Hole mirrored(double widthMm) {
    return new Hole(
        id, name, middle.mirroredAt(widthMm / 2), diameterMm, count, spacingMm, upright);
  }

  @Override
  public String title() {
    return name;
  }

  @Override
  public Hole under(String otherId) {
    return new Hole(otherId, name, middle, diameterMm, count, spacingMm, upright);
  }
}
