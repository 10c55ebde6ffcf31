package craftmap.core.sight;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Where a face lies on a photo, worked out from pins: the least squares of how far they lie off, in
 * pixels of the photo. From the fifth pin on a lens that bends lines is looked for, and how well
 * the pins agree is known.
 */
public final class Sighting {
  public static final int FEWEST = 4;
  public static final int MOST = 40;

  /** Nineteen times of twenty nothing is off by more than this many standard errors. */
  private static final double SURE = 1.96;

  /** How far a pin is off that was set by eye, where nothing tells: of the longer side. */
  private static final double BY_EYE = 1.0 / 1000;

  /** How many pins' worth that guess is, beside what redundant pins tell. */
  private static final double GUESS_WEIGHS = 4;

  /** Three in one line: the triangle's height is less than this share of its longest side. */
  private static final double IN_LINE = 0.02;

  private final List<Pin> pins;
  private final Frame frame;
  private final PinFit fit;
  private final Homography toPhoto;
  private final Homography toFace;
  private final Lens lens;

  private Sighting(List<Pin> pins, Frame frame, PinFit fit) {
    this.pins = pins;
    this.frame = frame;
    this.fit = fit;
    toPhoto = frame.photo().inverse().after(fit.homography()).after(frame.face());
    toFace = toPhoto.inverse();
    lens = frame.lens(fit.bulge());
  }

  /**
   * @throws RefusedInput where too few are given, where they lie in a line, or where no face can be
   *     seen like that
   */
  public static Sighting of(List<Pin> pins, int widthPx, int heightPx) {
    if (pins.size() < FEWEST || pins.size() > MOST) {
      throw new RefusedInput(
          "pins",
          given(pins.size()),
          said("cannot-be"),
          said("so-many-places", given(FEWEST), given(MOST)));
    }
    refuseInLine(pins);
    Frame frame = Frame.around(pins, widthPx, heightPx);
    PinFit fit = PinFit.of(frame, pins);
    Sighting sighting = new Sighting(List.copyOf(pins), frame, fit);
    sighting.refuseWhatCannotBeSeen();
    return sighting;
  }

  private static void refuseInLine(List<Pin> pins) {
    for (Function<Pin, Spot> side :
        List.<Function<Pin, Spot>>of(p -> new Spot(p.onFace().xMm(), p.onFace().yMm()), Pin::at)) {
      List<Spot> all = pins.stream().map(side).toList();
      if (!spansAPlane(all)) {
        throw new RefusedInput(
            "pins", said("three-in-a-line"), said("do-not-tell"), said("four-no-three-in-a-line"));
      }
    }
  }

  /** Whether four of them are corners of something: no three of those in a line. */
  private static boolean spansAPlane(List<Spot> all) {
    int n = all.size();
    for (int a = 0; a < n; a++) {
      for (int b = a + 1; b < n; b++) {
        for (int c = b + 1; c < n; c++) {
          if (inLine(all.get(a), all.get(b), all.get(c))) {
            continue;
          }
          for (int d = c + 1; d < n; d++) {
            if (!inLine(all.get(a), all.get(b), all.get(d))
                && !inLine(all.get(a), all.get(c), all.get(d))
                && !inLine(all.get(b), all.get(c), all.get(d))) {
              return true;
            }
          }
        }
      }
    }
    return false;
  }

  private static boolean inLine(Spot a, Spot b, Spot c) {
    double doubled =
        Math.abs(
            (b.xPx() - a.xPx()) * (c.yPx() - a.yPx()) - (c.xPx() - a.xPx()) * (b.yPx() - a.yPx()));
    double longest = Math.max(a.distancePx(b), Math.max(b.distancePx(c), a.distancePx(c)));
    return doubled <= IN_LINE * longest * longest;
  }

  /** A face is seen from its front, and all of it before the eye. */
  private void refuseWhatCannotBeSeen() {
    Homography seen = toPhoto;
    double sign =
        Math.signum(seen.depth(pins.getFirst().onFace().xMm(), pins.getFirst().onFace().yMm()));
    for (Pin pin : pins) {
      double x = pin.onFace().xMm();
      double y = pin.onFace().yMm();
      if (seen.depth(x, y) * sign <= 0 || turns(seen, x, y) <= 0) {
        throw new RefusedInput(
            "pins", said("crossed-or-swapped"), said("do-not-tell"), said("each-where-it-is-seen"));
      }
    }
  }

  /** Above nothing where clockwise on the face is clockwise on the photo. */
  private static double turns(Homography seen, double x, double y) {
    double step = 1e-3;
    double[] o = seen.of(x, y);
    double[] right = seen.of(x + step, y);
    double[] down = seen.of(x, y + step);
    return (right[0] - o[0]) * (down[1] - o[1]) - (down[0] - o[0]) * (right[1] - o[1]);
  }

  /** From where lines are straight on the photo to the face. */
  public Homography toFace() {
    return toFace;
  }

  /** From the face to where lines are straight on the photo. */
  public Homography toPhoto() {
    return toPhoto;
  }

  public Lens lens() {
    return lens;
  }

  /** Whether the lens was looked for. */
  public boolean hasLens() {
    return fit.hasLens();
  }

  /** Where a place on the face is seen. */
  public Spot seen(Point onFace) {
    double[] straight = toPhoto.of(onFace.xMm(), onFace.yMm());
    return lens.bend(new Spot(straight[0], straight[1]));
  }

  /** The place on the face that is seen there. */
  public Point onFace(Spot seen) {
    Spot straight = lens.straighten(seen);
    double[] at = toFace.of(straight.xPx(), straight.yPx());
    return new Point(at[0], at[1]);
  }

  /** How far each pin lies off where the others, and it, have it; nothing for four. */
  public List<Double> offPx() {
    return pins.stream().map(p -> seen(p.onFace()).distancePx(p.at())).toList();
  }

  /** The root of the mean of their squares; none where no pin is redundant. */
  public Optional<Double> agreesWithinPx() {
    return fit.redundant() == 0
        ? Optional.empty()
        : Optional.of(Math.sqrt(offPx().stream().mapToDouble(o -> o * o).average().orElseThrow()));
  }

  /**
   * The standard error of one coordinate of a pin, by what is known of setting pins and by these.
   */
  double pinErrorPx() {
    double guess = BY_EYE * Math.max(frame.widthPx(), frame.heightPx());
    double squares = offPx().stream().mapToDouble(o -> o * o).sum();
    return Math.sqrt((GUESS_WEIGHS * guess * guess + squares) / (GUESS_WEIGHS + fit.redundant()));
  }

  /**
   * Something measured.
   *
   * @param within nineteen times of twenty it is off by less
   */
  public record Measured(double mm, double within) {}

  /** A place on the face, from the left and from the top. */
  public record Placed(Measured x, Measured y) {
    public Point at() {
      return new Point(x.mm(), y.mm());
    }
  }

  public Placed place(Spot seen) {
    return new Placed(
        measured(s -> s.onFace(seen).xMm(), List.of(seen), at -> onFace(at.getFirst()).xMm()),
        measured(s -> s.onFace(seen).yMm(), List.of(seen), at -> onFace(at.getFirst()).yMm()));
  }

  /** The length between two places on the face. */
  public Measured length(Spot a, Spot b) {
    return measured(
        s -> s.onFace(a).distanceMm(s.onFace(b)),
        List.of(a, b),
        at -> onFace(at.get(0)).distanceMm(onFace(at.get(1))));
  }

  /**
   * By how much a figure goes off where the pins, and the spots it is read at, are off: to the
   * first order, each on its own.
   */
  private Measured measured(
      Function<Sighting, Double> byFit, List<Spot> spots, Function<List<Spot>, Double> bySpots) {
    double sigma = pinErrorPx() / frame.scalePx();
    DMatrixRMaj covariance = fit.covariance(sigma);
    DMatrixRMaj gradient = fit.gradient(other -> byFit.apply(new Sighting(pins, frame, other)));
    DMatrixRMaj weighed = new DMatrixRMaj(gradient.numRows, 1);
    CommonOps_DDRM.mult(covariance, gradient, weighed);
    double variance = CommonOps_DDRM.dot(gradient, weighed);
    double step = 0.05;
    double spot = BY_EYE * Math.max(frame.widthPx(), frame.heightPx());
    for (int i = 0; i < spots.size(); i++) {
      int moved = i;
      double dx =
          bySpots.apply(moved(spots, moved, step, 0))
              - bySpots.apply(moved(spots, moved, -step, 0));
      double dy =
          bySpots.apply(moved(spots, moved, 0, step))
              - bySpots.apply(moved(spots, moved, 0, -step));
      variance += (dx * dx + dy * dy) / (4 * step * step) * spot * spot;
    }
    return new Measured(byFit.apply(this), SURE * Math.sqrt(Math.max(0, variance)));
  }

  private static List<Spot> moved(List<Spot> spots, int which, double dx, double dy) {
    return IntStream.range(0, spots.size())
        .mapToObj(
            i ->
                i == which
                    ? new Spot(spots.get(i).xPx() + dx, spots.get(i).yPx() + dy)
                    : spots.get(i))
        .toList();
  }

  /** From a photo to another of the same face, both where lines are straight. */
  public Homography onto(Sighting other) {
    return other.toPhoto.after(toFace);
  }
}
