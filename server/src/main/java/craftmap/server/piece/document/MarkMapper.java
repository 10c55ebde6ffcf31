package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;
import static craftmap.server.piece.document.Given.place;
import static craftmap.server.piece.document.Given.size;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Faults;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Break;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Zone;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Between marks as sent and marks as the core knows them, both ways. */
public final class MarkMapper {
  private MarkMapper() {}

  static Marks toMarks(FaceDoc face) {
    Faults faults = new Faults();
    List<KeepOut> keepOuts = faults.parts(face.keepOuts(), MarkMapper::toMark);
    List<Hole> holes = faults.parts(face.holes(), MarkMapper::toMark);
    List<Break> breaks = faults.parts(face.breaks(), MarkMapper::toMark);
    List<Blemish> blemishes = faults.parts(face.blemishes(), MarkMapper::toMark);
    List<Zone> zones = faults.parts(face.zones(), MarkMapper::toMark);
    return faults.whole(() -> new Marks(keepOuts, holes, breaks, blemishes, zones));
  }

  public static KeepOut toMark(KeepOutDoc k) {
    return new KeepOut(
        given(said("keep-out"), k.id()),
        k.name(),
        toArea(k.name(), given(said("area-of-the", given(k.name())), k.area())),
        Set.copyOf(k.forbids()));
  }

  public static Hole toMark(HoleDoc h) {
    return new Hole(
        given(said("hole"), h.id()),
        h.name(),
        point(h.name(), h.xMm(), h.yMm()),
        h.diameterMm(),
        h.count(),
        h.spacingMm(),
        h.upright());
  }

  public static Break toMark(BreakDoc b) {
    return new Break(
        given(said("break"), b.id()),
        b.name(),
        point(b.name(), b.fromXMm(), b.fromYMm()),
        point(b.name(), b.toXMm(), b.toYMm()),
        b.widthMm(),
        b.stepMm());
  }

  public static Blemish toMark(BlemishDoc b) {
    return new Blemish(
        given(said("blemish"), b.id()),
        b.number(),
        b.kind(),
        point("blemish " + b.number(), b.xMm(), b.yMm()),
        b.diameterMm(),
        b.note() == null ? "" : b.note(),
        Optional.ofNullable(b.photoId()));
  }

  public static Zone toMark(ZoneDoc z) {
    return new Zone(
        given(said("zone"), z.id()),
        z.name(),
        new Colour(z.colour()),
        toArea(z.name(), given(said("area-of-the", given(z.name())), z.area())),
        Optional.ofNullable(z.makeUp()),
        Optional.ofNullable(z.finish()));
  }

  private static Point point(String of, double x, double y) {
    return new Point(
        place(said("place-of-the", given(of)), x), place(said("place-of-the", given(of)), y));
  }

  static Area toArea(String of, AreaDoc area) {
    return switch (given(said("kind-of-area"), area.kind())) {
      case UPRIGHT ->
          new Area.Upright(
              new Box(
                  place(said("left-of-the", given(of)), area.leftMm()),
                  place(said("top-of-the", given(of)), area.topMm()),
                  size(said("width-of-the", given(of)), area.widthMm()),
                  size(said("height-of-the", given(of)), area.heightMm())));
      case ROUND ->
          new Area.Round(
              new Point(
                  place(said("place-of-the", given(of)), area.xMm()),
                  place(said("place-of-the", given(of)), area.yMm())),
              given(said("diameter-of-the", given(of)), area.diameterMm()));
      case CORNERS ->
          new Area.Corners(
              given(said("corners-of-the", given(of)), area.points()).stream()
                  .map(p -> point(of, p.xMm(), p.yMm()))
                  .toList());
      case STRIP ->
          new Area.Strip(
              given(said("side-of-the", given(of)), area.side()),
              given(said("depth-of-the", given(of)), area.depthMm()));
      case RIM -> new Area.Rim(given(said("depth-of-the", given(of)), area.depthMm()));
    };
  }

  public static AreaDoc doc(Area area) {
    return switch (area) {
      case Area.Upright(Box b) -> AreaDoc.upright(b.leftMm(), b.topMm(), b.widthMm(), b.heightMm());
      case Area.Round(Point c, double d) -> AreaDoc.round(c.xMm(), c.yMm(), d);
      case Area.Corners(List<Point> points) ->
          new AreaDoc(
              AreaKind.CORNERS,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              points.stream().map(MarkMapper::doc).toList());
      case Area.Strip s ->
          new AreaDoc(
              AreaKind.STRIP,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              s.depthMm(),
              s.side(),
              null);
      case Area.Rim(double depth) ->
          new AreaDoc(AreaKind.RIM, null, null, null, null, null, null, null, depth, null, null);
    };
  }

  public static PointDoc doc(Point p) {
    return new PointDoc(p.xMm(), p.yMm());
  }

  static KeepOutDoc doc(KeepOut k) {
    return new KeepOutDoc(k.id(), k.name(), doc(k.area()), k.forbids().stream().sorted().toList());
  }

  static HoleDoc doc(Hole h) {
    return new HoleDoc(
        h.id(),
        h.name(),
        h.middle().xMm(),
        h.middle().yMm(),
        h.diameterMm(),
        h.count(),
        h.spacingMm(),
        h.upright());
  }

  static BreakDoc doc(Break b) {
    return new BreakDoc(
        b.id(),
        b.name(),
        b.from().xMm(),
        b.from().yMm(),
        b.to().xMm(),
        b.to().yMm(),
        b.widthMm(),
        b.stepMm());
  }

  static BlemishDoc doc(Blemish b) {
    return new BlemishDoc(
        b.id(),
        b.number(),
        b.kind(),
        b.centre().xMm(),
        b.centre().yMm(),
        b.diameterMm(),
        b.note().isEmpty() ? null : b.note(),
        b.photoId().orElse(null));
  }

  static ZoneDoc doc(Zone z) {
    return new ZoneDoc(
        z.id(),
        z.name(),
        z.colour().hex(),
        doc(z.area()),
        z.makeUp().orElse(null),
        z.finish().orElse(null));
  }
}
