package craftmap.core.lay.rule.single;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Rails;
import craftmap.core.lay.Slide;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Ranking;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.run.MotifPlaces;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.measure.YesNo;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.FrontDatum;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * One copy: on the middle, on the optical middle, on a third, where the artist puts it, or where it
 * hides most damage.
 *
 * @param placed where the artist put its middle; none to follow the offers
 * @param turnDeg clockwise
 * @param scale for designs that may be scaled; 1 for true size
 */
public record Single(
    Optional<Point> placed, double turnDeg, boolean mirrored, double scale, boolean slides)
    implements LayRule {
  /** The eye takes the middle to be this far down. */
  private static final double OPTICAL_MIDDLE = 0.46;

  static final FigureRange TURN = new FigureRange("°", -360, 360, 1);
  private static final FigureRange SCALE = new FigureRange("%", 5, 2000, 1);

  public static Single read(MeasureSheet sheet) {
    boolean placed = sheet.yes("placed", "put-by-hand", false);
    return new Single(
        placed ? Optional.of(point(sheet)) : Optional.empty(),
        sheet.figure("angle", "turned-by", 0, TURN),
        sheet.yes("mirrored", "turned-over", false),
        sheet.figure("scale", "size", 100, SCALE) / 100,
        sheet.yes("slides", "may-slide-to-hide-damage", false));
  }

  static Point point(MeasureSheet sheet) {
    return new Point(
        sheet.length("x", "middle-from-the-left", 100, LengthRange.PLACE),
        sheet.length("y", "middle-from-the-top", 100, LengthRange.PLACE));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.SINGLE;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("placed", YesNo.of(placed.isPresent()))
            .put("angle", turnDeg)
            .put("mirrored", YesNo.of(mirrored))
            .put("scale", scale * 100)
            .put("slides", YesNo.of(slides));
    placed.ifPresent(p -> note.put("x", p.xMm()).put("y", p.yMm()));
    return note.done();
  }

  @Override
  public Single mirrored(double faceWidthMm) {
    return new Single(
        placed.map(p -> p.mirroredAt(faceWidthMm / 2)), 0 - turnDeg, !mirrored, scale, slides);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    return LayAnswer.of(options(laying), LayAnswer.Reason.NOTHING_FREE);
  }

  List<LayOption> options(Laying laying) {
    double w = laying.room().outline().widthMm();
    double h = laying.room().outline().heightMm();
    List<LayOption> options = new ArrayList<>();
    placed.flatMap(p -> option(laying, Way.Alone.STAND_PLACED, p)).ifPresent(options::add);
    toTheFront(laying, Way.Alone.STAND_CENTRE, new Point(w / 2, h / 2)).ifPresent(options::add);
    toTheFront(laying, Way.Alone.STAND_OPTICAL, new Point(w / 2, h * OPTICAL_MIDDLE))
        .ifPresent(options::add);
    toTheFront(laying, Way.Alone.STAND_LEFT_THIRD, new Point(w / 3, h / 2)).ifPresent(options::add);
    toTheFront(laying, Way.Alone.STAND_RIGHT_THIRD, new Point(w * 2 / 3, h / 2))
        .ifPresent(options::add);
    for (Rails rail : laying.room().rails()) {
      option(laying, way(rail.name()), rail.box().centre()).ifPresent(options::add);
    }
    onMotif(laying)
        .flatMap(p -> toTheFront(laying, Way.Alone.STAND_ON_MOTIF, p))
        .ifPresent(options::add);
    if (slides) {
      covering(laying, options).ifPresent(options::add);
    }
    return options;
  }

  private static Way.Alone way(Rails.Name rail) {
    return switch (rail) {
      case TOP_RAIL -> Way.Alone.STAND_TOP_RAIL;
      case MIDDLE_RAIL -> Way.Alone.STAND_MIDDLE_RAIL;
      case BOTTOM_RAIL -> Way.Alone.STAND_BOTTOM_RAIL;
      case LEFT_STILE -> Way.Alone.STAND_LEFT_STILE;
      case RIGHT_STILE -> Way.Alone.STAND_RIGHT_STILE;
    };
  }

  /**
   * Where a face that is smaller than the picture shows most of what has a name: the disc for a lid
   * is cut round the gull, not beside it.
   */
  private Optional<Point> onMotif(Laying laying) {
    Design design = laying.design();
    List<MotifBox> motifs = Cover.motifsFromPrint(design);
    Point middle = new Point(0, 0);
    TurnedBox box = Item.box(design, at(middle, design));
    if (motifs.isEmpty() || !box.isUpright() || box.turnDeg() != 0 || mirrored || scale != 1) {
      return Optional.empty();
    }
    Geometry free = laying.room().free();
    Box face = SheetPart.boxOf(free);
    double[] x = reach(face.leftMm(), face.rightMm(), design.printWidthMm());
    double[] y = reach(face.topMm(), face.bottomMm(), design.printHeightMm());
    if (x[0] == x[1] && y[0] == y[1] || free.isEmpty()) {
      return Optional.empty();
    }
    Point centred = face.centre().movedBy(-design.printWidthMm() / 2, -design.printHeightMm() / 2);
    SpoilSearch.Problem problem =
        new SpoilSearch.Problem(
            List.of(face),
            List.of(),
            motifs,
            new Point(x[0], y[0]),
            new Point(x[1], y[1]),
            centred);
    Point shift = MotifPlaces.best(laying.fronts().memo(), problem, p -> List.of(free));
    return Optional.of(shift.movedBy(design.printWidthMm() / 2, design.printHeightMm() / 2));
  }

  /**
   * How far a picture may be slid so that the face stays covered by it, or it stays on the face.
   */
  private static double[] reach(double from, double to, double size) {
    return size >= to - from
        ? new double[] {to - size, from}
        : new double[] {(from + to - size) / 2, (from + to - size) / 2};
  }

  /** Named parts of a picture that the face cuts off or does not show at all. */
  private static List<MotifBox> spoilt(Item item) {
    if (Cover.motifsFromPrint(item.design()).isEmpty() || item.isWhole()) {
      return List.of();
    }
    SheetPart part = SheetPart.of(1, 0, item, SheetPart.shown(item), 1);
    return item.design().picture().orElseThrow().motifs().stream()
        .filter(m -> !part.whole().contains(m))
        .filter(m -> item.design().printed().overlaps(m.box(), Tolerance.EXACT.lengthMm()))
        .toList();
  }

  private Placement at(Point p, Design design) {
    // what cannot be turned over or scaled stays as it is, whatever is written down
    return new Placement(
        p,
        design.handling().turns() ? turnDeg : 0,
        mirrored && design.handling().mirrors(),
        design.handling().scales() ? scale : 1);
  }

  /** As it would stand with the front in the middle, turned to where the front is. */
  private Optional<LayOption> toTheFront(Laying laying, Way.Alone way, Point p) {
    FrontDatum front = laying.room().face().front();
    Outline outline = laying.room().outline();
    Placement at = at(front.turned(outline, p), laying.design());
    return option(
        laying, way, laying.design().handling().turns() ? at.turnedBy(front.turnDeg(outline)) : at);
  }

  private Optional<LayOption> option(Laying laying, Way.Alone way, Point p) {
    return option(laying, way, at(p, laying.design()));
  }

  private Optional<LayOption> option(Laying laying, Way.Alone way, Placement at) {
    return laying
        .room()
        .place(laying.design(), at)
        .map(
            item -> {
              List<MotifBox> spoilt = spoilt(item);
              return new LayOption(
                  new Stand(way, at, spoilt),
                  List.of(item),
                  Standing.of(
                          new Standing.Judged(
                              item.onKeepOut() ? 1 : 0,
                              Laying.slivers(List.of(item)),
                              way.symmetrical(),
                              item.isWhole() ? 0 : 1,
                              0,
                              true,
                              item.isWhole() ? 1 : 0,
                              way.ordinal()))
                      .cutting(spoilt.stream().mapToInt(MotifBox::importance).sum(), 0),
                  Optional.empty());
            });
  }

  /** Across first, then down, each as far as the whole copy stays on the face; twice. */
  private Optional<LayOption> covering(Laying laying, List<LayOption> options) {
    if (options.isEmpty()) {
      return Optional.empty();
    }
    Point p = ((Stand) Ranking.rank(options).getFirst().arrangement()).at().centre();
    Box reach = Item.box(laying.design(), at(p, laying.design())).around();
    double right = laying.room().outline().widthMm() - reach.widthMm() / 2;
    double bottom = laying.room().outline().heightMm() - reach.heightMm() / 2;
    boolean moved = false;
    for (int round = 0; round < 2; round++) {
      double y = p.yMm();
      Optional<Double> x = slide(laying, reach.widthMm() / 2, right, p.xMm(), v -> new Point(v, y));
      double across = x.orElse(p.xMm());
      Optional<Double> down =
          slide(laying, reach.heightMm() / 2, bottom, y, v -> new Point(across, v));
      moved |= x.isPresent() || down.isPresent();
      p = new Point(across, down.orElse(y));
    }
    return moved ? option(laying, Way.Alone.STAND_COVERING, p) : Optional.empty();
  }

  private Optional<Double> slide(
      Laying laying,
      double from,
      double to,
      double stands,
      java.util.function.DoubleFunction<Point> point) {
    return Slide.along(
        from,
        to,
        stands,
        v -> laying.place(List.of(at(point.apply(v), laying.design()))),
        laying.room().face().blemishes());
  }
}
