package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.FrontDatum;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Side;
import java.util.List;
import java.util.Set;

/** Sums for round and oval things. */
final class Round {
  private Round() {}

  /** Asks how far the front is from the middle of a wall, measured round it. */
  static FrontDatum front(MeasureSheet sheet, double girthMm) {
    return new FrontDatum(
        360
            * sheet.length("front", "front-to-the-right-of-the-middle", 0, LengthRange.PLACE)
            / girthMm);
  }

  /** Round an oval, by its own arc. */
  static double girth(double widthMm, double depthMm) {
    return new Arc(new Point(0, 0), widthMm / 2, depthMm / 2, 0, 2 * Math.PI).lengthMm();
  }

  /** The pose of a wall round an oval or a circle whose upper rim has its middle there. */
  static Pose wall(Vec top, double widthMm, double depthMm) {
    return widthMm == depthMm ? new Pose.Rolled(top) : new Pose.RolledOval(top, widthMm, depthMm);
  }

  /** A level disc or oval seen from above, its front edge below, with its middle there. */
  static Pose level(Vec middle, double widthMm, double depthMm) {
    return new Pose.Flat(
        middle.plus(new Vec(-widthMm / 2, 0, -depthMm / 2)), Vec.RIGHT, Vec.TOWARDS);
  }

  /** The same seen from below, its front edge above. */
  static Pose underneath(Vec middle, double widthMm, double depthMm) {
    return new Pose.Flat(middle.plus(new Vec(-widthMm / 2, 0, depthMm / 2)), Vec.RIGHT, Vec.AWAY);
  }

  /** The upper rim of a wall, left free; nothing where it is not. */
  static Marks rimLeftFree(double depthMm) {
    return depthMm == 0
        ? Marks.NONE
        : Marks.ofKeepOuts(
            List.of(
                new KeepOut(
                    "rim", "Rim left free", new Area.Strip(Side.Name.TOP, depthMm), Set.of())));
  }
}
