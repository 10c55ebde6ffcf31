package craftmap.core.sight;

import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * A rectangle of which one side is known, seen askew: its right angles tell how the camera sees,
 * and that how long the other side is (Zhang and He, 2007: a board photographed by hand).
 *
 * @param timesAsWide the width for a height of one
 * @param within nineteen times of twenty that is off by less
 * @param camera where how it sees was taken from
 */
public record RectangleSeen(double timesAsWide, double within, Camera camera) {
  /** What tells how wide the camera sees. */
  public enum Camera {
    /** The rectangle's own right angles. */
    FROM_ITS_ANGLES,
    /** Seen nearly from the front, angles tell nothing: taken as a telephone sees. */
    AS_USUAL
  }

  private static final double SURE = 1.96;

  /** In longer sides of a photo. */
  private static final double USUAL = 0.8;

  private static final double SHORTEST = 0.45;
  private static final double LONGEST = 4;

  /** How far a corner is off that was set by eye: of the longer side. */
  private static final double BY_EYE = 1.0 / 1000;

  /**
   * @param corners top left, top right, bottom right, bottom left
   */
  public static RectangleSeen of(List<Spot> corners, int widthPx, int heightPx) {
    View view = View.of(corners, widthPx, heightPx);
    List<View> nearby = nearby(corners, widthPx, heightPx);
    // a pixel more or less and the angles tell another camera: then they tell none
    boolean told = view.tellsCamera() && nearby.stream().allMatch(View::tellsCamera);
    double ratio = view.ratio(told ? view.focal() : USUAL);
    double variance = 0;
    for (View other : nearby) {
      double off = other.ratio(told ? other.focal() : USUAL) - ratio;
      // each corner is moved both ways
      variance += off * off / 2;
    }
    double within = SURE * Math.sqrt(variance);
    return told
        ? new RectangleSeen(ratio, within, Camera.FROM_ITS_ANGLES)
        : new RectangleSeen(ratio, within + lenses(view, ratio), Camera.AS_USUAL);
  }

  /** By how much it would be off for the lenses there are. */
  private static double lenses(View view, double ratio) {
    return Math.max(Math.abs(view.ratio(SHORTEST) - ratio), Math.abs(view.ratio(LONGEST) - ratio));
  }

  /** Each corner as far off as eyes are, across and down, either way. */
  private static List<View> nearby(List<Spot> corners, int widthPx, int heightPx) {
    double step = BY_EYE * Math.max(widthPx, heightPx);
    List<View> all = new ArrayList<>();
    for (int corner = 0; corner < 4; corner++) {
      for (double by : new double[] {step, -step}) {
        all.add(View.of(moved(corners, corner, 0, by), widthPx, heightPx));
        all.add(View.of(moved(corners, corner, 1, by), widthPx, heightPx));
      }
    }
    return all;
  }

  private static List<Spot> moved(List<Spot> corners, int which, int axis, double by) {
    List<Spot> all = new ArrayList<>(corners);
    Spot s = all.get(which);
    all.set(which, axis == 0 ? new Spot(s.xPx() + by, s.yPx()) : new Spot(s.xPx(), s.yPx() + by));
    return all;
  }

  /** How a square of one is seen, in longer sides of the photo from its middle. */
  private record View(double[] across, double[] down) {
    static View of(List<Spot> corners, int widthPx, int heightPx) {
      double[][] square = {{0, 0}, {1000, 0}, {1000, 1000}, {0, 1000}};
      List<Pin> pins = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        pins.add(new Pin(new Point(square[i][0], square[i][1]), corners.get(i)));
      }
      double longer = Math.max(widthPx, heightPx);
      double[] h =
          Homography.scaled(1 / longer, -widthPx / 2.0 / longer, -heightPx / 2.0 / longer)
              .after(Sighting.of(pins, widthPx, heightPx).toPhoto())
              .rowByRow();
      return new View(new double[] {h[0], h[3], h[6]}, new double[] {h[1], h[4], h[7]});
    }

    /** The focal length that makes its angles right; not a number where none does. */
    double focal() {
      return Math.sqrt(-(across[0] * down[0] + across[1] * down[1]) / (across[2] * down[2]));
    }

    boolean tellsCamera() {
      double focal = focal();
      return focal >= SHORTEST && focal <= LONGEST;
    }

    double ratio(double focal) {
      return length(across, focal) / length(down, focal);
    }

    private static double length(double[] v, double focal) {
      return Math.sqrt((v[0] * v[0] + v[1] * v[1]) / (focal * focal) + v[2] * v[2]);
    }
  }
}
