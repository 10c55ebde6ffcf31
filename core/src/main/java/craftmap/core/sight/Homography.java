package craftmap.core.sight;

import java.util.Arrays;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * How a plane is seen in another: straight lines stay straight. Three by three numbers, row by row,
 * taken together: (x, y) comes to ((a x + b y + c) / w, (d x + e y + f) / w), w = g x + h y + i.
 */
public final class Homography {
  private final double[] m;

  public Homography(double... rowByRow) {
    if (rowByRow.length != 9 || !Arrays.stream(rowByRow).allMatch(Double::isFinite)) {
      throw new IllegalArgumentException("nine finite numbers, not " + Arrays.toString(rowByRow));
    }
    m = rowByRow.clone();
  }

  /** Larger by a factor, then moved. */
  static Homography scaled(double by, double dx, double dy) {
    return new Homography(by, 0, dx, 0, by, dy, 0, 0, 1);
  }

  /** Row by row, the last one 1 where that can be. */
  public double[] rowByRow() {
    double by = Math.abs(m[8]) > 1e-12 * norm() ? m[8] : 1;
    return Arrays.stream(m).map(v -> v / by).toArray();
  }

  double[] of(double x, double y) {
    double w = depth(x, y);
    return new double[] {
      (m[0] * x + m[1] * y + m[2]) / w, (m[3] * x + m[4] * y + m[5]) / w,
    };
  }

  /** Above nothing in front of the eye, below it behind; nothing on the horizon. */
  double depth(double x, double y) {
    return m[6] * x + m[7] * y + m[8];
  }

  /** This after another. */
  public Homography after(Homography first) {
    DMatrixRMaj product = new DMatrixRMaj(3, 3);
    CommonOps_DDRM.mult(matrix(), first.matrix(), product);
    return new Homography(product.data);
  }

  public Homography inverse() {
    DMatrixRMaj inverse = matrix();
    if (!CommonOps_DDRM.invert(inverse)) {
      throw new IllegalArgumentException("flattens the plane to a line: " + Arrays.toString(m));
    }
    return new Homography(inverse.data);
  }

  private double norm() {
    return Math.sqrt(Arrays.stream(m).map(v -> v * v).sum());
  }

  private DMatrixRMaj matrix() {
    return new DMatrixRMaj(3, 3, true, m);
  }
}
