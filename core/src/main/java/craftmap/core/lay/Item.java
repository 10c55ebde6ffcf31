package craftmap.core.lay;

import craftmap.core.artwork.Artwork;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * One placed copy of a design.
 *
 * @param centre where the middle of the print box lies on the face
 * @param turnDeg clockwise as seen; bands turn by quarters only
 * @param whole the whole print box on the face
 * @param visible the part of it that is painted; the same box where nothing is cut off
 * @param share visible share of the whole, above 0 and up to 1
 * @param onKeepOut true where the visible part lands on a keep-out
 */
public record Item(
    Point centre, int turnDeg, Box whole, Box visible, double share, boolean onKeepOut) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** The openings as they lie on the face, cut to what is visible. */
  public Geometry openings(Artwork artwork) {
    Geometry placed = toFace(artwork).transform(artwork.outline());
    return share == 1
        ? placed
        : Planar.intersection(placed, GEOMETRY.toGeometry(visible.envelope()));
  }

  /** Open area that is painted through this item. */
  public double openAreaMm2(Artwork artwork) {
    return share == 1 ? artwork.areaMm2() : openings(artwork).getArea();
  }

  /** Where the stencil's whole sheet lies while this item is painted. */
  public Box sheetOnFace(Artwork artwork, double sheetWidthMm, double sheetHeightMm) {
    Point middle = artwork.print().centre();
    double left = -middle.xMm();
    double top = -middle.yMm();
    double right = sheetWidthMm - middle.xMm();
    double bottom = sheetHeightMm - middle.yMm();
    return switch (Math.floorMod(turnDeg, 360)) {
      case 0 -> sheet(left, top, right, bottom);
      case 90 -> sheet(-bottom, left, -top, right);
      case 180 -> sheet(-right, -bottom, -left, -top);
      case 270 -> sheet(top, -right, bottom, -left);
      default -> throw new IllegalStateException("impossible state: turn of " + turnDeg);
    };
  }

  private Box sheet(double left, double top, double right, double bottom) {
    return new Box(centre.xMm() + left, centre.yMm() + top, right - left, bottom - top);
  }

  private AffineTransformation toFace(Artwork artwork) {
    Point middle = artwork.print().centre();
    return AffineTransformation.translationInstance(-middle.xMm(), -middle.yMm())
        .compose(quarterTurn())
        .translate(centre.xMm(), centre.yMm());
  }

  /** Quarter turns without the noise of sines; clockwise with y down. */
  private AffineTransformation quarterTurn() {
    return switch (Math.floorMod(turnDeg, 360)) {
      case 0 -> new AffineTransformation();
      case 90 -> new AffineTransformation(0, -1, 0, 1, 0, 0);
      case 180 -> new AffineTransformation(-1, 0, 0, 0, -1, 0);
      case 270 -> new AffineTransformation(0, 1, 0, -1, 0, 0);
      default -> throw new IllegalStateException("impossible state: turn of " + turnDeg);
    };
  }
}
