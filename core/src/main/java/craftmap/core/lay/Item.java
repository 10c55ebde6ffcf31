package craftmap.core.lay;

import craftmap.core.design.Design;
import craftmap.core.design.StencilDesign;
import craftmap.core.plane.Box;
import craftmap.core.plane.ConvexClip;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * One placed copy of a design.
 *
 * @param share of the copy that shows, above 0 and up to 1
 * @param clip what of it is inside; none where all of it is
 * @param onKeepOut true where what shows lands on a keep-out
 */
public record Item(
    Design design, Placement at, double share, Optional<Geometry> clip, boolean onKeepOut) {

  public static Item whole(Design design, Placement at, boolean onKeepOut) {
    return new Item(design, at, 1, Optional.empty(), onKeepOut);
  }

  /** The same copy, seen from a point that lies this far up and to the left. */
  public Item movedBy(double dxMm, double dyMm) {
    return new Item(
        design,
        at.movedBy(dxMm, dyMm),
        share,
        clip.map(c -> AffineTransformation.translationInstance(dxMm, dyMm).transform(c)),
        onKeepOut);
  }

  public boolean isWhole() {
    return share == 1;
  }

  public Point centre() {
    return at.centre();
  }

  /** The whole print box as it lies. */
  public TurnedBox box() {
    return box(design, at);
  }

  public static TurnedBox box(Design design, Placement at) {
    return new TurnedBox(
        at.centre(),
        design.printWidthMm() * at.scale(),
        design.printHeightMm() * at.scale(),
        at.turnDeg());
  }

  /** The smallest upright box around what shows. */
  public Box visible() {
    if (clip.isEmpty()) {
      return box().around();
    }
    Envelope e = clip.get().getEnvelopeInternal();
    return new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight());
  }

  /** What shows as a plain area: the box, or what is inside of it. */
  public Geometry visibleArea() {
    return clip.orElseGet(() -> box().polygon());
  }

  /** The print as it lies on the face, cut to what shows. */
  public Geometry print() {
    Geometry placed = wholePrint(design, at);
    return clip.map(c -> Planar.intersection(placed, c)).orElse(placed);
  }

  /** What of an area on the face is hidden under the print. */
  public Geometry hidden(Geometry area) {
    Geometry shown = clip.map(c -> Planar.intersection(area, c)).orElse(area);
    Point middle = design.printed().centre();
    return shown.isEmpty()
        ? shown
        : at.from(middle).transform(design.hidden(at.onto(middle).transform(shown)));
  }

  /** Whether it lies over any of a disc. */
  public boolean liesOver(Point middle, double diameterMm) {
    return visible().overlaps(Box.around(middle, diameterMm, diameterMm), 0)
        && hidden(Planar.disc(middle, diameterMm)).getArea() > 0;
  }

  /** What of the sheet shows, in the sheet's own coordinates. */
  public Geometry onSheet() {
    return at.onto(design.printed().centre()).transform(visibleArea());
  }

  /** A copy of which only so much shows; none where that is nothing. */
  public static Optional<Item> cutTo(
      Design design, Placement at, Geometry area, boolean onKeepOut) {
    Geometry box = box(design, at).polygon();
    Geometry shows = Planar.intersection(box, area);
    double share = shows.getArea() / box.getArea();
    return share < LEAST_SHARE
        ? Optional.empty()
        : Optional.of(
            new Item(
                design,
                at,
                Math.min(1, share),
                share > 1 - LEAST_SHARE ? Optional.empty() : Optional.of(shows),
                onKeepOut));
  }

  /** Less of a copy than this is no part of it, but arithmetic. */
  private static final double LEAST_SHARE = 1e-6;

  static Geometry wholePrint(Design design, Placement at) {
    return at.from(design.printed().centre()).transform(design.shape());
  }

  /** The print's own area, as far as it shows. */
  public double printMm2() {
    return clip.map(c -> mm2Within(design.shape(), design.printed().centre(), at, c))
        .orElseGet(() -> design.shapeMm2() * at.scale() * at.scale());
  }

  /**
   * How much of a shape, laid with its middle at a place, lies within a clip. The clip is seen from
   * the sheet: it has far fewer corners than most shapes.
   */
  static double mm2Within(Geometry shape, Point middle, Placement at, Geometry clip) {
    return ConvexClip.of(at.onto(middle).transform(clip))
        .map(c -> c.areaOf(shape) * at.scale() * at.scale())
        .orElseGet(() -> Planar.intersection(at.from(middle).transform(shape), clip).getArea());
  }

  /** Where a stencil's whole sheet lies while this item is painted. */
  public TurnedBox sheet(StencilDesign stencil) {
    Point middle = stencil.printed().centre();
    double right = (stencil.sheetWidthMm() / 2 - middle.xMm()) * (at.mirrored() ? -1 : 1);
    double down = stencil.sheetHeightMm() / 2 - middle.yMm();
    double c = craftmap.core.plane.Turns.cos(at.turnDeg()) * at.scale();
    double s = craftmap.core.plane.Turns.sin(at.turnDeg()) * at.scale();
    return new TurnedBox(
        at.centre().movedBy(right * c - down * s, right * s + down * c),
        stencil.sheetWidthMm() * at.scale(),
        stencil.sheetHeightMm() * at.scale(),
        at.turnDeg());
  }
}
