package craftmap.core.lay;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Planar;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.Face;
import craftmap.core.surface.ZonePlace;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * What a rule may use of a face: all inside its outline, less the keep-outs that count for the kind
 * of design, less what is to be kept clear of.
 *
 * <p>A rolled-up face has no ends: what passes the seam on one side goes on at the other.
 */
public final class Room {
  /** Less of a copy than this is no part of it, but arithmetic. */
  private static final double NOTHING = 1e-3;

  private static final double WHOLE = 1 - 1e-4;

  /** The line around a print may be drawn this much coarser when clearance is kept from it. */
  private static final double COARSE_MM = 0.4;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final Face face;
  private final Obstacles obstacles;

  /** What of it belongs to faces that are set into it. */
  private final List<Geometry> insets;

  private final List<Item> taken;
  private final double clearanceMm;

  /** The same before anything was laid; none where this is it. */
  private final Room bare;

  /** Where the face really ends, and nothing is taped; none where that is its own outline. */
  private final Geometry ends;

  private final Box plain;
  private Geometry lines;
  private Open inside;
  private Open free;

  private Room(
      Face face,
      Obstacles obstacles,
      List<Geometry> insets,
      List<Item> taken,
      double clearanceMm,
      Room bare,
      Geometry ends) {
    this.face = face;
    this.obstacles = obstacles;
    this.insets = List.copyOf(insets);
    this.taken = List.copyOf(taken);
    this.clearanceMm = clearanceMm;
    this.bare = bare;
    this.ends = ends;
    this.plain = plain(face.outline());
  }

  public static Room on(Face face, DesignKind kind) {
    return on(face, kind, List.of());
  }

  /** On a face that others are set into. */
  public static Room on(Face face, DesignKind kind, List<Geometry> insets) {
    return new Room(face, Obstacles.on(face, kind), insets, List.of(), 0, null, null);
  }

  /** Of a face that is set into another: all round it the other goes on. */
  public Room setIn() {
    return new Room(
        face, obstacles, insets, taken, clearanceMm, bare, GEOMETRY.createGeometryCollection());
  }

  /** What of it lies in a zone, with measures from where the zone begins. */
  public Room within(ZonePlace zone) {
    List<Geometry> in = new ArrayList<>(zone.holes());
    insets.forEach(i -> in.add(zone.moved(i)));
    return new Room(
        zone.asFace(face), obstacles.from(zone), in, List.of(), 0, null, zone.moved(ends()));
  }

  private Geometry ends() {
    return ends == null ? face.outline().region().getBoundary() : ends;
  }

  /** The same room less what was laid already, each print with a clear border. */
  public Room around(List<Item> laid, double clearMm) {
    return new Room(face, obstacles, insets, laid, clearMm, this, ends);
  }

  public Face face() {
    return face;
  }

  public Outline outline() {
    return face.outline();
  }

  /** What is set into the face, where it lies on it. */
  public List<Geometry> insets() {
    return insets;
  }

  /** Its rails and stiles; none where nothing is set into it or cut out of it. */
  public List<Rails> rails() {
    List<Geometry> setIn = new ArrayList<>(insets);
    outline().openings().forEach(o -> setIn.add(Planar.area(o, List.of(), Contour.FLATNESS_MM)));
    return Rails.between(outline().widthMm(), outline().heightMm(), setIn);
  }

  public Obstacles obstacles() {
    return obstacles;
  }

  /** Where a plain comparison tells what lies inside; none for other outlines. */
  private static Box plain(Outline outline) {
    if (outline instanceof RectangleOutline r) {
      return new Box(0, 0, r.widthMm(), r.heightMm());
    }
    if (outline instanceof CylinderOutline c) {
      // three times round: nothing placed on it reaches further
      return new Box(-c.circumferenceMm(), 0, 3 * c.circumferenceMm(), c.heightMm());
    }
    return null;
  }

  /** All inside the outline; a rolled-up face goes on past its seam on both sides. */
  private Open inside() {
    if (inside == null) {
      Outline outline = face.outline();
      Geometry region = plain != null ? Planar.polygon(plain) : outline.region();
      inside =
          Open.of(outline instanceof ConeOutline cone ? goingOn(cone, region) : region, List.of());
    }
    return inside;
  }

  /** A cone's development, and again to the left and right of it as far as they do not overlap. */
  private static Geometry goingOn(ConeOutline cone, Geometry region) {
    double open = cone.openRad();
    double spare = Math.min(open, (2 * Math.PI - open) / 2 * 0.98);
    if (spare < Math.toRadians(1)) {
      return region;
    }
    var apex = cone.apex();
    return Planar.union(
        List.of(
            region,
            AffineTransformation.rotationInstance(spare, apex.xMm(), apex.yMm()).transform(region),
            AffineTransformation.rotationInstance(-spare, apex.xMm(), apex.yMm())
                .transform(region)));
  }

  /** The face less keep-outs and less what is to be kept clear of, without what goes on. */
  public Geometry free() {
    return open().area();
  }

  private Open open() {
    if (free == null) {
      List<Geometry> off = new ArrayList<>();
      obstacles.each().forEach(o -> off.add(o.area()));
      off.addAll(insets);
      off.addAll(borders());
      free = Open.of(face.outline().region(), off);
    }
    return free;
  }

  /**
   * The lines between what may be worked on and what is kept out: where tape goes. The edge of the
   * face is none of them, and what was laid before stays as it is.
   */
  public Geometry linesToKeepOuts() {
    if (lines == null) {
      lines = bare == null ? lines() : bare.linesToKeepOuts();
    }
    return lines;
  }

  private Geometry lines() {
    List<Geometry> off = new ArrayList<>(insets);
    obstacles.each().forEach(o -> off.add(o.area()));
    if (off.isEmpty() && ends == null) {
      return GEOMETRY.createGeometryCollection();
    }
    Geometry region = face.outline().region();
    Geometry left = off.isEmpty() ? region : Planar.difference(region, Planar.union(off));
    return beyondTheEnds(left.getBoundary());
  }

  /** What of a line does not run where the face ends. */
  public Geometry beyondTheEnds(Geometry line) {
    Geometry end = ends();
    return end.isEmpty() ? line : Planar.difference(line, end.buffer(EDGE_MM));
  }

  /** Nearer to the edge of a face than this is on it. */
  private static final double EDGE_MM = 0.5;

  private List<Geometry> borders() {
    List<Geometry> borders = new ArrayList<>();
    Map<Design, Geometry> onSheet = new IdentityHashMap<>();
    for (Item item : taken) {
      if (item.isWhole() && item.at().scale() == 1) {
        // a border is the same however the print is turned: it is drawn once for many copies
        Geometry border = onSheet.computeIfAbsent(item.design(), d -> border(d.shape()));
        borders.add(item.at().from(item.design().printed().centre()).transform(border));
      } else {
        borders.add(border(item.print()));
      }
    }
    return borders;
  }

  private Geometry border(Geometry print) {
    return DouglasPeuckerSimplifier.simplify(print, COARSE_MM / 2).buffer(clearanceMm + COARSE_MM);
  }

  public boolean keepsClear() {
    return !taken.isEmpty() || !obstacles.isEmpty() || !insets.isEmpty();
  }

  /** A copy laid there, cut by the outline; none where nothing of it is on the face. */
  public Optional<Item> place(Design design, Placement at) {
    TurnedBox box = Item.box(design, at);
    if (plain != null) {
      Box around = box.around();
      if (within(plain, around)) {
        return Optional.of(Item.whole(design, at, obstacles.hit(box)));
      }
      if (!plain.overlaps(around, Tolerance.EXACT.lengthMm())) {
        return Optional.empty();
      }
    }
    if (inside().covers(box)) {
      return Optional.of(Item.whole(design, at, obstacles.hit(box)));
    }
    return cut(design, at, box, inside())
        .map(item -> design.hangsOver() ? Item.whole(design, at, obstacles.hit(box)) : item)
        .map(
            item ->
                new Item(
                    design,
                    at,
                    item.share(),
                    item.clip(),
                    item.clip().map(obstacles::hit).orElseGet(() -> obstacles.hit(box))));
  }

  /** A copy laid there, cut by everything it has to keep clear of. */
  public Optional<Item> placeFree(Design design, Placement at) {
    if (!keepsClear()) {
      return place(design, at);
    }
    TurnedBox box = Item.box(design, at);
    if (open().covers(box)) {
      return Optional.of(Item.whole(design, at, false));
    }
    return cut(design, at, box, open());
  }

  /** True where the whole print lies free. */
  public boolean isFree(Design design, Placement at) {
    return open().covers(Item.box(design, at))
        || (open().holdsCorners(design.shape(), at.from(design.printed().centre()))
            && open().covers(Item.wholePrint(design, at)));
  }

  /** Judged by the print itself: the empty corners of its box may lie outside. */
  private Optional<Item> cut(Design design, Placement at, TurnedBox box, Open area) {
    Geometry clip = cutByTheEdge(box).filter(area::covers).orElseGet(() -> area.partOf(box));
    if (clip.isEmpty()) {
      return Optional.empty();
    }
    Geometry shape = design.shape();
    double whole = shape.getArea() * at.scale() * at.scale();
    double shown = Item.mm2Within(shape, design.printed().centre(), at, clip);
    double share = Math.min(1, shown / whole);
    if (share >= WHOLE) {
      return Optional.of(Item.whole(design, at, false));
    }
    return share < NOTHING
        ? Optional.empty()
        : Optional.of(new Item(design, at, share, Optional.of(clip), false));
  }

  /** Along a straight edge what is left of an upright box is a box, and needs no overlay. */
  private Optional<Geometry> cutByTheEdge(TurnedBox box) {
    if (plain == null || !box.isUpright()) {
      return Optional.empty();
    }
    Envelope left = plain.envelope().intersection(box.around().envelope());
    return left.getArea() > 0 ? Optional.of(GEOMETRY.toGeometry(left)) : Optional.empty();
  }

  private static boolean within(Box outer, Box inner) {
    double t = Tolerance.EXACT.lengthMm();
    return inner.leftMm() >= outer.leftMm() - t
        && inner.topMm() >= outer.topMm() - t
        && inner.rightMm() <= outer.rightMm() + t
        && inner.bottomMm() <= outer.bottomMm() + t;
  }
}
