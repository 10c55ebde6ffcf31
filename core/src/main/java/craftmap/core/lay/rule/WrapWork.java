package craftmap.core.lay.rule;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Repeat;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.sheet.Bends;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import craftmap.core.surface.outline.ConeOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** Parts round one wall. */
final class WrapWork {
  private static final int SEAM_IN_FRONT_WEIGHS = 3;

  /** One sees an eighth of the way round to either side of the front without turning the piece. */
  private static final double SEEN = 1.0 / 8;

  private static final int MOST_ROWS = 12;

  private static final int MOST_ROUND = 60;

  private final Wrap rule;
  private final Laying laying;
  private final WrapWall wall;
  private final Design owned;
  private final Design design;
  private final double wide;
  private final double tall;
  private final double repeat;
  private final Geometry off;

  WrapWork(Wrap rule, Laying laying, WrapWall wall) {
    this.rule = rule;
    this.laying = laying;
    this.wall = wall;
    this.owned = laying.design();
    this.design = Cover.laidAs(owned, rule.unit());
    this.wide = design.printWidthMm();
    this.tall = design.printHeightMm();
    this.repeat =
        Cover.repeatOf(design)
            .map(r -> r.pitchXMm() * (r.offset() == Repeat.Offset.HALF_DROP ? 2 : 1))
            .orElse(0.0);
    this.off = obstacles();
  }

  /**
   * How parts are cut.
   *
   * @param curved to the curve of the wall, else straight
   * @param mostMm no part wider than this
   */
  record Cut(boolean curved, double mostMm) {
    static final Cut TO_THE_CURVE = new Cut(true, Double.POSITIVE_INFINITY);
  }

  /** Where one part begins, and where the next does, round the wider end. */
  private record Stretch(double fromMm, double toMm) {
    double mm() {
      return toMm - fromMm;
    }
  }

  /** Keep-outs, and once more past the seam where the wall is straight. */
  private Geometry obstacles() {
    List<Geometry> areas = new ArrayList<>(laying.room().obstacles().areas());
    if (areas.isEmpty()) {
      return null;
    }
    if (wall instanceof WrapWall.Straight) {
      for (Geometry area : List.copyOf(areas)) {
        areas.add(moved(area, wall.roundMm()));
        areas.add(moved(area, -wall.roundMm()));
      }
    }
    return Planar.union(areas);
  }

  private static Geometry moved(Geometry g, double dx) {
    return org.locationtech.jts.geom.util.AffineTransformation.translationInstance(dx, 0)
        .transform(g);
  }

  /** The widest straight strip that still follows the curve. */
  Optional<Double> strips(ConeOutline cone) {
    double widest = Bends.widestStripMm(cone.outerRadiusMm(), rule.toleranceMm());
    return widest > rule.overlapMm() ? Optional.of(widest) : Optional.empty();
  }

  void add(List<LayOption> options, Cut cut) {
    Optional<Parted> fewest = fewest(cut);
    if (fewest.isEmpty()) {
      return;
    }
    int n = fewest.get().round;
    int rows = fewest.get().rows;
    if (!cut.curved) {
      option(Way.WRAP_STRIPS, even(n, 0), rows, cut).ifPresent(options::add);
      return;
    }
    option(Way.WRAP_EVEN, even(n, 0), rows, cut).ifPresent(options::add);
    if (n % 2 == 0) {
      option(Way.WRAP_SEAMS_ASIDE, even(n, wall.roundMm() / n / 2), rows, cut)
          .ifPresent(options::add);
      option(Way.WRAP_EVEN, even(n + 1, 0), rows, cut).ifPresent(options::add);
    }
    wholeInFront()
        .filter(s -> fits(s, rows, cut))
        .flatMap(s -> option(Way.WRAP_WHOLE_IN_FRONT, s, rows, cut))
        .ifPresent(options::add);
  }

  private record Parted(int round, int rows) {}

  /** Round and over each other so that every part fits its sheet, in the fewest parts. */
  private Optional<Parted> fewest(Cut cut) {
    Parted best = null;
    for (int rows = 1; rows <= MOST_ROWS; rows++) {
      for (int n = 1; n <= MOST_ROUND; n++) {
        if (best != null && n * rows >= best.round * best.rows) {
          break;
        }
        if (fits(even(n, 0), rows, cut)) {
          best = new Parted(n, rows);
          break;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  private List<Stretch> even(int n, double startMm) {
    List<Stretch> stretches = new ArrayList<>();
    double round = wall.roundMm();
    for (int i = 0; i < n; i++) {
      double from = rule.frontMm() + startMm + round * i / n;
      stretches.add(new Stretch(from, rule.frontMm() + startMm + round * (i + 1) / n));
    }
    return stretches;
  }

  /** A whole sheet on the front, the others share what is left, their seam behind. */
  private Optional<List<Stretch>> wholeInFront() {
    double round = wall.roundMm();
    double whole = wide - rule.overlapMm();
    if (whole <= 0 || whole >= round) {
      return Optional.empty();
    }
    double rest = round - whole;
    int n = (int) Math.ceil(rest / whole - 1e-9);
    double from = rule.frontMm() + round / 2 - whole / 2;
    List<Stretch> stretches = new ArrayList<>();
    stretches.add(new Stretch(from, from + whole));
    for (int i = 0; i < n; i++) {
      stretches.add(new Stretch(from + whole + rest * i / n, from + whole + rest * (i + 1) / n));
    }
    return Optional.of(stretches);
  }

  private double highMm() {
    return wall.downMm()
        - rule.footMm()
        + rule.bleedMm()
        + (rule.footMm() == 0 ? rule.bleedMm() : 0);
  }

  private boolean fits(List<Stretch> stretches, int rows, Cut cut) {
    double start = stretches.getFirst().fromMm;
    for (Stretch s : stretches) {
      double into = repeat > 0 ? mod(s.fromMm - start, repeat) : 0;
      if (s.mm() + rule.overlapMm() > cut.mostMm + Tolerance.EXACT.lengthMm()) {
        return false;
      }
      for (WrapWall.Piece p : pieces(s, rows)) {
        double w = cut.curved ? p.widthMm() : s.mm() + rule.overlapMm();
        if (w + into > wide + Tolerance.EXACT.lengthMm()
            || heightOf(p, rows, cut) > tall + Tolerance.EXACT.lengthMm()) {
          return false;
        }
      }
    }
    return true;
  }

  /** A part cut to the curve stands higher than the wall it covers. */
  private double heightOf(WrapWall.Piece p, int rows, Cut cut) {
    return cut.curved ? p.heightMm() : (highMm() - rule.overlapMm()) / rows + rule.overlapMm();
  }

  private static double mod(double a, double b) {
    double m = a % b;
    double positive = m < 0 ? m + b : m;
    return b - positive < 1e-6 ? 0 : positive;
  }

  /** The pieces of a stretch, from the top row down, each with its overlaps and what is trimmed. */
  private List<WrapWall.Piece> pieces(Stretch s, int rows) {
    double top = 0 - rule.bleedMm();
    double foot = top + highMm();
    double pitch = (foot - top - rule.overlapMm()) / rows;
    List<WrapWall.Piece> pieces = new ArrayList<>();
    for (int r = 0; r < rows; r++) {
      double from = top + r * pitch;
      pieces.add(
          wall.piece(s.fromMm, s.toMm + rule.overlapMm(), from, from + pitch + rule.overlapMm()));
    }
    return pieces;
  }

  private Optional<LayOption> option(Way way, List<Stretch> stretches, int rows, Cut cut) {
    List<Item> items = new ArrayList<>();
    List<SheetPart> parts = new ArrayList<>();
    double start = stretches.getFirst().fromMm;
    for (Stretch s : stretches) {
      for (WrapWall.Piece p : pieces(s, rows)) {
        Geometry shows = shows(s, p);
        if (shows.getArea() < 1) {
          continue;
        }
        double width = Math.min(wide, cut.curved ? p.widthMm() : s.mm() + rule.overlapMm());
        double height = Math.min(tall, heightOf(p, rows, cut));
        Point into = repeat > 0 ? new Point(mod(s.fromMm - start, repeat), 0) : into(width, height);
        Item item = item(p, shows, width, height, into);
        items.add(item);
        Box print = design.printed();
        Box box = new Box(print.leftMm() + into.xMm(), print.topMm() + into.yMm(), width, height);
        parts.add(SheetPart.of(parts.size() + 1, 0, item, box, parts.size() + 1));
      }
    }
    if (items.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(option(way, stretches, rows, cut, items, parts));
  }

  /** What shows of a piece: between the foot line and the top of the wall, off the keep-outs. */
  private Geometry shows(Stretch s, WrapWall.Piece p) {
    WrapWall.Piece wallPiece =
        wall.piece(s.fromMm, s.toMm + rule.overlapMm(), 0, wall.downMm() - rule.footMm());
    Geometry shows = Planar.intersection(p.onFace(), wallPiece.onFace());
    return off == null ? shows : Planar.difference(shows, off);
  }

  /** The sheet lies so that the piece begins that far into it. */
  private Item item(WrapWall.Piece p, Geometry shows, double width, double height, Point into) {
    double dx = wide / 2 - into.xMm() - width / 2;
    double dy = tall / 2 - into.yMm() - height / 2;
    double c = Turns.cos(p.turnDeg());
    double s = Turns.sin(p.turnDeg());
    Placement at = Placement.at(p.middle().movedBy(dx * c - dy * s, dx * s + dy * c), p.turnDeg());
    double share = Math.min(1, shows.getArea() / (wide * tall));
    return new Item(design, at, share, Optional.of(shows), false);
  }

  private Point into(double width, double height) {
    List<MotifBox> motifs = Cover.motifsFromPrint(design);
    double across = Math.max(0, wide - width);
    double down = Math.max(0, tall - height);
    if (motifs.isEmpty()) {
      return new Point(across / 2, down / 2);
    }
    Point shift =
        laying
            .fronts()
            .memo()
            .best(
                new SpoilSearch.Problem(
                    List.of(new Box(0, 0, width, height)),
                    List.of(),
                    motifs,
                    new Point(-across, -down),
                    new Point(0, 0),
                    new Point(-across / 2, -down / 2)),
                1)
            .getFirst()
            .shift();
    return new Point(0 - shift.xMm(), 0 - shift.yMm());
  }

  private LayOption option(
      Way way,
      List<Stretch> stretches,
      int rows,
      Cut cut,
      List<Item> items,
      List<SheetPart> parts) {
    List<Double> seams =
        stretches.stream().map(s -> mod(s.fromMm, wall.roundMm())).sorted().toList();
    int inFront = (int) seams.stream().filter(this::isInFront).count();
    List<MotifBox> spoilt = parts.stream().flatMap(p -> p.spoilt().stream()).toList();
    double widest = stretches.stream().mapToDouble(Stretch::mm).max().orElse(0) + rule.overlapMm();
    int sheets = Math.ceilDiv(parts.size(), Cover.unitsPerSheet(owned, rule.unit()));
    double area = items.stream().mapToDouble(i -> i.visibleArea().getArea()).sum();
    int least =
        Math.max(
            1,
            (int) Math.ceil(area / (wide * tall) / Cover.unitsPerSheet(owned, rule.unit()) - 1e-9));
    Wrapping wrapping =
        new Wrapping(
            way,
            stretches.size(),
            rows,
            widest,
            seams,
            cut.curved ? 0 : sag(widest),
            overlapAtNarrowEnd(widest),
            miss(),
            inFront,
            parts,
            sheets,
            least,
            spoilt);
    return new LayOption(
        wrapping,
        items,
        Standing.of(
                new Standing.Judged(
                    0, 0, way.symmetrical(), parts.size(), 0, true, 0, way.ordinal()))
            .cutting(
                spoilt.stream().mapToInt(MotifBox::importance).sum()
                    + inFront * SEAM_IN_FRONT_WEIGHS,
                sheets),
        Optional.empty());
  }

  private boolean isInFront(double seamMm) {
    double off = Math.abs(seamMm - wall.roundMm() / 2);
    return off < wall.roundMm() * SEEN;
  }

  private double sag(double widthMm) {
    return wall instanceof WrapWall.Tapered t ? Bends.sagMm(t.wall().outerRadiusMm(), widthMm) : 0;
  }

  /** Straight strips overlap more where the wall is narrower; parts cut to the curve do not. */
  private double overlapAtNarrowEnd(double widthMm) {
    return wall instanceof WrapWall.Tapered t
        ? widthMm
            - (widthMm - rule.overlapMm())
                * Math.min(t.wall().topMm(), t.wall().bottomMm())
                / wall.roundMm()
        : rule.overlapMm();
  }

  private double miss() {
    if (repeat == 0) {
      return 0;
    }
    double over = mod(wall.roundMm(), repeat);
    return Math.min(over, repeat - over);
  }
}
