package craftmap.server.piece.view;

import craftmap.core.colour.Colour;
import craftmap.core.finding.FaceFindings;
import craftmap.core.lay.BlemishCover;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import craftmap.core.surface.Zone;
import craftmap.server.piece.document.MarkMapper;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Geometry;

/** Says what is marked on a face. */
final class MarkViews {
  private final TapeDivision tape;
  private final PlanReading.FaceReading reading;
  private final Face face;

  MarkViews(TapeDivision tape, PlanReading.FaceReading reading) {
    this.tape = tape;
    this.reading = reading;
    this.face = reading.face();
  }

  private boolean given(String id) {
    return reading.place().given().contains(id);
  }

  ReadingView.KeepOutView keepOut(KeepOut k) {
    return new ReadingView.KeepOutView(
        k.id(),
        k.name(),
        PathData.of(k.area().on(face.outline())),
        given(k.id()),
        MarkMapper.doc(k.area()),
        fields(k.area()),
        corners(k.area()),
        k.forbids().isEmpty()
            ? Words.say("keepOut.everything")
            : k.forbids().stream()
                .sorted()
                .map(d -> Words.say("design", d))
                .collect(Collectors.joining(", ")));
  }

  /**
   * A zone.
   *
   * @param shows what its own coats end with; none where it has those of its face
   */
  ReadingView.ZoneView zone(Zone z, Optional<Colour> shows) {
    Geometry area = z.area().on(face.outline());
    return new ReadingView.ZoneView(
        z.id(),
        z.name(),
        z.colour().hex(),
        shows.map(Colour::hex).orElse(null),
        PathData.of(area),
        Words.squareMetres(area.getArea()),
        MarkMapper.doc(z.area()),
        z.makeUp().orElse(null),
        z.finish().orElse(null),
        fields(z.area()),
        corners(z.area()));
  }

  private List<ReadingView.CornerView> corners(Area area) {
    return area instanceof Area.Corners c ? corners(c.points(), tape) : List.of();
  }

  static List<ReadingView.CornerView> corners(List<Point> points, TapeDivision tape) {
    return points.stream()
        .map(p -> new ReadingView.CornerView(Measure.of(p.xMm(), tape), Measure.of(p.yMm(), tape)))
        .toList();
  }

  private List<ReadingView.MarkFieldView> fields(Area area) {
    return switch (area) {
      case Area.Upright u ->
          List.of(
              place("leftMm", "left", u.box().leftMm()),
              place("topMm", "top", u.box().topMm()),
              size("widthMm", "width", u.box().widthMm()),
              size("heightMm", "height", u.box().heightMm()));
      case Area.Round r ->
          List.of(
              place("xMm", "centreLeft", r.centre().xMm()),
              place("yMm", "centreTop", r.centre().yMm()),
              size("diameterMm", "across", r.diameterMm()));
      case Area.Strip s -> List.of(size("depthMm", "depth", s.depthMm()));
      case Area.Rim r -> List.of(size("depthMm", "depth", r.depthMm()));
      case Area.Corners c -> List.of();
    };
  }

  ReadingView.HoleView hole(Hole h) {
    return new ReadingView.HoleView(
        h.id(),
        h.name(),
        given(h.id()),
        h.centres().stream().map(MarkMapper::doc).toList(),
        measure(h.middle().xMm()),
        measure(h.middle().yMm()),
        measure(h.diameterMm()),
        h.count(),
        measure(h.spacingMm()),
        Hole.USUALLY_APART_MM,
        h.upright(),
        covered(h));
  }

  /** How many of the holes lie under a print, to be pierced from the back. */
  private String covered(Hole h) {
    long under = h.centres().stream().filter(c -> underAPrint(c, h.diameterMm())).count();
    return under == 0 ? "" : Words.say("hole.covered", under);
  }

  private boolean underAPrint(Point middle, double diameterMm) {
    return reading.lays().stream()
        .filter(LayReading.Laid.class::isInstance)
        .map(LayReading.Laid.class::cast)
        .flatMap(l -> l.items().stream())
        .anyMatch(i -> i.liesOver(middle, diameterMm));
  }

  ReadingView.BreakView broken(Break b) {
    return new ReadingView.BreakView(
        b.id(),
        b.name(),
        given(b.id()),
        MarkMapper.doc(b.from()),
        MarkMapper.doc(b.to()),
        List.of(
            place("fromXMm", "fromLeft", b.from().xMm()),
            place("fromYMm", "fromTop", b.from().yMm()),
            place("toXMm", "toLeft", b.to().xMm()),
            place("toYMm", "toTop", b.to().yMm()),
            place("widthMm", "gap", b.widthMm()),
            place("stepMm", "step", b.stepMm())),
        measure(b.widthMm()),
        Words.say(
            "break.text", tape.show(b.lengthMm()), tape.show(b.widthMm()), tape.show(b.stepMm())));
  }

  ReadingView.BlemishView blemish(BlemishCover cover) {
    Blemish b = cover.blemish();
    MapGrid grid = reading.grid();
    return new ReadingView.BlemishView(
        b.id(),
        b.number(),
        b.kind(),
        b.centre().xMm(),
        b.centre().yMm(),
        measure(b.centre().xMm()),
        measure(b.centre().yMm()),
        measure(b.diameterMm()),
        grid.cellOf(b.centre()),
        b.note(),
        b.photoId().orElse(null),
        cover.state(),
        new FindingWords(tape).text(FaceFindings.blemish(cover, face.id())));
  }

  private ReadingView.MarkFieldView place(String key, String word, double mm) {
    return new ReadingView.MarkFieldView(key, Words.say("markField." + word), measure(mm), true);
  }

  private ReadingView.MarkFieldView size(String key, String word, double mm) {
    return new ReadingView.MarkFieldView(key, Words.say("markField." + word), measure(mm), false);
  }

  private Measure measure(double mm) {
    return Measure.of(mm, tape);
  }
}
