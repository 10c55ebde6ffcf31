package craftmap.core.sight;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.SingularOps_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;

/**
 * The figures of a sighting: eight of the homography, whose last is one, and the lens. Begun by the
 * direct linear transform, then Levenberg's and Marquardt's way to the least squares.
 */
final class PinFit {
  private static final int OF_HOMOGRAPHY = 8;
  private static final int MOST_STEPS = 60;
  private static final double DERIVATIVE_STEP = 1e-6;

  /** Lenses of telephones: most bend less than this. */
  private static final double USUAL_BULGE = 0.05;

  /** How exactly pins are set by eye, in half diagonals, where too few tell themselves. */
  private static final double BY_EYE = 1.6e-3;

  /** So many redundant figures tell it. */
  private static final int TELLING = 6;

  /** Less than any pin is off, so that what is weighed against it weighs something. */
  private static final double LEAST = 1e-7;

  private final double[] theta;
  private final double[][] face;
  private final double[][] photo;

  /** How exactly the pins are taken to be set where the lens is weighed against them. */
  private final double exact;

  private PinFit(double[] theta, double[][] face, double[][] photo, double exact) {
    this.theta = theta;
    this.face = face;
    this.photo = photo;
    this.exact = exact;
  }

  static PinFit of(Frame frame, List<Pin> pins) {
    double[][] face =
        pins.stream()
            .map(p -> frame.face().of(p.onFace().xMm(), p.onFace().yMm()))
            .toArray(double[][]::new);
    double[][] photo =
        pins.stream()
            .map(p -> frame.photo().of(p.at().xPx(), p.at().yPx()))
            .toArray(double[][]::new);
    double[] begin = direct(face, photo);
    if (pins.size() == Sighting.FEWEST) {
      return new PinFit(begin, face, photo, BY_EYE);
    }
    double[] theta = Arrays.copyOf(begin, OF_HOMOGRAPHY + 1);
    PinFit first = new PinFit(theta, face, photo, BY_EYE).settled();
    PinFit second = first.taking(first.exactness()).settled();
    return second.taking(second.exactness()).settled();
  }

  private PinFit taking(double exactness) {
    return new PinFit(theta, face, photo, exactness);
  }

  /** How far the pins are off, by themselves where there are enough of them. */
  private double exactness() {
    double[] off = off();
    off[off.length - 1] = 0;
    int guess = Math.max(0, TELLING - redundant());
    double mean = (squares(off) + guess * BY_EYE * BY_EYE) / (redundant() + guess);
    return Math.max(LEAST, Math.sqrt(mean));
  }

  /** The null vector of the equations that each pin gives; exact for four. */
  private static double[] direct(double[][] face, double[][] photo) {
    // nine rows at least: the null vector is among the singular vectors then
    DMatrixRMaj a = new DMatrixRMaj(Math.max(9, 2 * face.length), 9);
    for (int i = 0; i < face.length; i++) {
      double x = face[i][0];
      double y = face[i][1];
      double u = photo[i][0];
      double v = photo[i][1];
      double[][] rows = {
        {x, y, 1, 0, 0, 0, -u * x, -u * y, -u}, {0, 0, 0, x, y, 1, -v * x, -v * y, -v},
      };
      for (int r = 0; r < 2; r++) {
        for (int c = 0; c < 9; c++) {
          a.set(2 * i + r, c, rows[r][c]);
        }
      }
    }
    var svd = DecompositionFactory_DDRM.svd(a.numRows, 9, false, true, true);
    svd.decompose(a);
    DMatrixRMaj h = new DMatrixRMaj(9, 1);
    SingularOps_DDRM.nullVector(svd, true, h);
    double last = Math.abs(h.data[8]) < 1e-9 ? 1e-9 : h.data[8];
    return Arrays.stream(h.data, 0, OF_HOMOGRAPHY).map(v -> v / last).toArray();
  }

  boolean hasLens() {
    return theta.length > OF_HOMOGRAPHY;
  }

  double bulge() {
    return hasLens() ? Math.clamp(theta[OF_HOMOGRAPHY], -Lens.MOST, Lens.MOST) : 0;
  }

  Homography homography() {
    double[] all = Arrays.copyOf(theta, 9);
    all[8] = 1;
    return new Homography(all);
  }

  /** How many more figures the pins give than are looked for. */
  int redundant() {
    return 2 * face.length - theta.length;
  }

  private PinFit with(double[] other) {
    return new PinFit(other, face, photo, exact);
  }

  /** By how much each pin is off across and down, and how unusual the lens is. */
  private double[] off() {
    double[] off = new double[2 * face.length + (hasLens() ? 1 : 0)];
    Homography h = homography();
    double k = bulge();
    for (int i = 0; i < face.length; i++) {
      double[] straight = h.of(face[i][0], face[i][1]);
      double r = Math.hypot(straight[0], straight[1]);
      double by = r == 0 ? 1 : Lens.bent(k, r) / r;
      off[2 * i] = straight[0] * by - photo[i][0];
      off[2 * i + 1] = straight[1] * by - photo[i][1];
    }
    if (hasLens()) {
      off[off.length - 1] = theta[OF_HOMOGRAPHY] / USUAL_BULGE * exact;
    }
    return off;
  }

  private static double squares(double[] off) {
    return Arrays.stream(off).map(o -> o * o).sum();
  }

  private DMatrixRMaj jacobian() {
    int rows = off().length;
    DMatrixRMaj j = new DMatrixRMaj(rows, theta.length);
    for (int c = 0; c < theta.length; c++) {
      double[] up = moved(c, DERIVATIVE_STEP).off();
      double[] down = moved(c, -DERIVATIVE_STEP).off();
      for (int r = 0; r < rows; r++) {
        j.set(r, c, (up[r] - down[r]) / (2 * DERIVATIVE_STEP));
      }
    }
    return j;
  }

  private PinFit moved(int which, double by) {
    double[] other = theta.clone();
    other[which] += by;
    return with(other);
  }

  private PinFit settled() {
    PinFit best = this;
    double least = squares(best.off());
    double damped = 1e-6;
    for (int step = 0; step < MOST_STEPS && damped < 1e9; step++) {
      DMatrixRMaj j = best.jacobian();
      DMatrixRMaj normal = new DMatrixRMaj(j.numCols, j.numCols);
      CommonOps_DDRM.multTransA(j, j, normal);
      for (int d = 0; d < normal.numCols; d++) {
        normal.add(d, d, damped * Math.max(1e-9, normal.get(d, d)));
      }
      DMatrixRMaj right = new DMatrixRMaj(j.numCols, 1);
      CommonOps_DDRM.multTransA(j, new DMatrixRMaj(j.numRows, 1, true, best.off()), right);
      DMatrixRMaj change = new DMatrixRMaj(j.numCols, 1);
      if (!CommonOps_DDRM.solve(normal, right, change)) {
        damped *= 10;
        continue;
      }
      double[] next = best.theta.clone();
      for (int i = 0; i < next.length; i++) {
        next[i] -= change.data[i];
      }
      PinFit tried = with(next);
      double squares = squares(tried.off());
      if (squares < least) {
        boolean done = least - squares < 1e-12 * least;
        best = tried;
        least = squares;
        damped = Math.max(1e-12, damped / 10);
        if (done) {
          break;
        }
      } else {
        damped *= 10;
      }
    }
    return best;
  }

  /** How the figures vary where each coordinate of a pin has this standard error. */
  DMatrixRMaj covariance(double sigma) {
    DMatrixRMaj j = jacobian();
    DMatrixRMaj normal = new DMatrixRMaj(theta.length, theta.length);
    if (hasLens()) {
      // the guess at the lens counts for what it is, beside pins that are off by this much
      int last = j.numRows - 1;
      j.set(last, OF_HOMOGRAPHY, sigma / USUAL_BULGE);
    }
    CommonOps_DDRM.multTransA(j, j, normal);
    CommonOps_DDRM.invert(normal);
    CommonOps_DDRM.scale(sigma * sigma, normal);
    return normal;
  }

  /** How something that is worked out from them changes with each. */
  DMatrixRMaj gradient(ToDoubleFunction<PinFit> of) {
    DMatrixRMaj gradient = new DMatrixRMaj(theta.length, 1);
    for (int i = 0; i < theta.length; i++) {
      gradient.data[i] =
          (of.applyAsDouble(moved(i, DERIVATIVE_STEP))
                  - of.applyAsDouble(moved(i, -DERIVATIVE_STEP)))
              / (2 * DERIVATIVE_STEP);
    }
    return gradient;
  }
}
