package craftmap.core.trial;

import craftmap.core.design.Direction;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.KeepOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where one copy of a design would stand. */
sealed interface Standpoint {
  /** It fits. */
  record At(Placed placed, boolean centred) implements Standpoint {}

  /** It is larger than the face, by so much to one side or the other, or both. */
  record TooLarge(Placed tried, double tooWideMm, double tooTallMm) implements Standpoint {}

  /** The face is large enough, but something lies in the way wherever it was tried. */
  record InTheWay(Placed tried, KeepOut what) implements Standpoint {}

  /** The middle, then the thirds, upper ones first. */
  List<double[]> PLACES =
      List.of(
          new double[] {1 / 2.0, 1 / 2.0},
          new double[] {1 / 2.0, 1 / 3.0},
          new double[] {1 / 2.0, 2 / 3.0},
          new double[] {1 / 3.0, 1 / 2.0},
          new double[] {2 / 3.0, 1 / 2.0},
          new double[] {1 / 3.0, 1 / 3.0},
          new double[] {2 / 3.0, 1 / 3.0},
          new double[] {1 / 3.0, 2 / 3.0},
          new double[] {2 / 3.0, 2 / 3.0},
          new double[] {1 / 2.0, 1 / 4.0},
          new double[] {1 / 2.0, 3 / 4.0});

  static Standpoint of(FreeRegion region, double widthMm, double heightMm, Direction direction) {
    Standpoint upright = of(region, widthMm, heightMm, 0);
    if (upright instanceof At || !direction.liesSideways() || widthMm == heightMm) {
      return upright;
    }
    return of(region, heightMm, widthMm, 90) instanceof At sideways ? sideways : upright;
  }

  private static Standpoint of(FreeRegion region, double widthMm, double heightMm, double turnDeg) {
    List<Placed> onFace = new ArrayList<>();
    for (double[] place : PLACES) {
      Point middle = new Point(place[0] * region.widthMm(), place[1] * region.heightMm());
      Placed placed = new Placed(Box.around(middle, widthMm, heightMm), turnDeg);
      if (region.holds(placed.onFace())) {
        return new At(placed, place == PLACES.getFirst());
      }
      if (region.onFace(placed.onFace())) {
        onFace.add(placed);
      }
    }
    for (Placed placed : onFace) {
      Optional<KeepOut> what = region.inTheWay(placed.onFace());
      if (what.isPresent()) {
        return new InTheWay(placed, what.get());
      }
    }
    Box box = Box.around(new Point(region.widthMm() / 2, region.heightMm() / 2), widthMm, heightMm);
    double wide = region.widest(box, heightMm);
    double tall = region.tallest(box, widthMm);
    // Where a slim box of full height has no room, only a lower one tells how much is too wide.
    double tooWide = wide > 0 ? widthMm - wide : Math.max(0, widthMm - region.widest(box, 1));
    double tooTall =
        wide > 0 ? 0 : Math.max(0, heightMm - (tall > 0 ? tall : region.tallest(box, 1)));
    return new TooLarge(new Placed(box, turnDeg), tooWide, tooTall);
  }
}
