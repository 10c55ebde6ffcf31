package craftmap.core.lay;

import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.surface.Blemish;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * How much of a blemish lies under paint, paper or ink: its disc less what hides it.
 *
 * @param share of the blemish's area that is covered, 0 to 1
 */
public record BlemishCover(Blemish blemish, double share, State state) {
  /** Covered, part covered or bare. */
  public enum State {
    COVERED,
    PART,
    BARE
  }

  /** What is left open is too little to see. */
  private static final double COVERED_FROM = 0.99;

  private static final double BARE_UP_TO = 0.01;

  public static BlemishCover of(Blemish blemish, List<Item> items) {
    Geometry disc = disc(blemish);
    double whole = disc.getArea();
    Box box = Box.around(blemish.centre(), blemish.diameterMm(), blemish.diameterMm());
    Geometry open = disc;
    for (Item item : items) {
      if (!open.isEmpty() && item.visible().overlaps(box, 0)) {
        open = Planar.difference(open, item.hidden(disc));
      }
    }
    double share = Math.clamp(1 - open.getArea() / whole, 0, 1);
    return new BlemishCover(blemish, share, stateOf(share));
  }

  static Geometry disc(Blemish blemish) {
    return Planar.disc(blemish.centre(), blemish.diameterMm());
  }

  private static State stateOf(double share) {
    if (share >= COVERED_FROM) {
      return State.COVERED;
    }
    return share > BARE_UP_TO ? State.PART : State.BARE;
  }
}
