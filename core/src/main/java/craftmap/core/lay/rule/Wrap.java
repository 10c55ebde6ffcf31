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
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
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

/**
 * Paper round a rolled-up wall: a level foot, one seam behind, the others where they show least. A
 * tapered wall takes parts cut to the curve, or straight strips so narrow that their edges follow
 * it.
 *
 * @param footMm the lower edge stays this far above the foot
 * @param bleedMm over the rim and the foot, to trim
 * @param frontMm the middle is turned this far from the front, to face where the lid closes
 * @param toleranceMm how far a straight edge may stand off the curve
 */
public record Wrap(
    Cover.Unit unit,
    double overlapMm,
    double footMm,
    double bleedMm,
    double frontMm,
    double toleranceMm)
    implements LayRule {
  private static final int MOST_ROUND = 60;
  private static final int MOST_ROWS = 12;

  /** One sees an eighth of the way round to either side of the front without turning the piece. */
  private static final double SEEN = 1.0 / 8;

  private static final int SEAM_IN_FRONT_WEIGHS = 3;

  static Wrap read(MeasureSheet sheet) {
    return new Wrap(
        sheet.choice("unit", "Laid as", Cover.Unit.WHOLE_SHEET),
        sheet.length("overlap", "Overlap", 6, LengthRange.DISTANCE.upTo(100)),
        sheet.distance("foot", "Above the foot", 0),
        sheet.length("bleed", "Over the rim, to trim", 3, LengthRange.DISTANCE.upTo(100)),
        sheet.length("front", "Turned from the front by", 0, LengthRange.PLACE),
        sheet.length("tolerance", "Straight edges may be off by", 2, LengthRange.SIZE.upTo(20)));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.WRAP;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind())
        .put("unit", unit)
        .put("overlap", overlapMm)
        .put("foot", footMm)
        .put("bleed", bleedMm)
        .put("front", frontMm)
        .put("tolerance", toleranceMm)
        .done();
  }

  @Override
  public Wrap mirrored(double faceWidthMm) {
    return new Wrap(unit, overlapMm, footMm, bleedMm, 0 - frontMm, toleranceMm);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    Optional<WrapWall> wall = WrapWall.of(laying.room().outline());
    if (wall.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOT_ROLLED_UP);
    }
    if (footMm >= wall.get().downMm()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    List<LayOption> options = new ArrayList<>();
    Work work = new Work(laying, wall.get());
    if (wall.get() instanceof WrapWall.Tapered cone) {
      work.add(options, Cut.TO_THE_CURVE);
      work.strips(cone.wall()).ifPresent(most -> work.add(options, new Cut(false, most)));
    } else {
      work.add(options, Cut.TO_THE_CURVE);
    }
    return LayAnswer.of(options, LayAnswer.Reason.TOO_MANY);
  }

  /**
   * How parts are cut.
   *
   * @param curved to the curve of the wall, else straight
   * @param mostMm no part wider than this
   */
  private record Cut(boolean curved, double mostMm) {
    static final Cut TO_THE_CURVE = new Cut(true, Double.POSITIVE_INFINITY);
  }

  /** Where one part begins, and where the next does, round the wider end. */
  private record Stretch(double fromMm, double toMm) {
    double mm() {
      return toMm - fromMm;
    }
  }

  private final class Work {
    private final Laying laying;
    private final WrapWall wall;
    private final Design owned;
    private final Design design;
    private final double wide;
    private final double tall;
    private final double repeat;
    private final Geometry off;

    Work(Laying laying, WrapWall wall) {
      this.laying = laying;
      this.wall = wall;
      this.owned = laying.design();
      this.design = Cover.laidAs(owned, unit);
      this.wide = design.printWidthMm();
      this.tall = design.printHeightMm();
      this.repeat =
          Cover.repeatOf(design)
              .map(r -> r.pitchXMm() * (r.offset() == Repeat.Offset.HALF_DROP ? 2 : 1))
              .orElse(0.0);
      this.off = obstacles();
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
      double widest = Bends.widestStripMm(cone.outerRadiusMm(), toleranceMm);
      return widest > overlapMm ? Optional.of(widest) : Optional.empty();
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
        double from = frontMm + startMm + round * i / n;
        stretches.add(new Stretch(from, frontMm + startMm + round * (i + 1) / n));
      }
      return stretches;
    }

    /** A whole sheet on the front, the others share what is left, their seam behind. */
    private Optional<List<Stretch>> wholeInFront() {
      double round = wall.roundMm();
      double whole = wide - overlapMm;
      if (whole <= 0 || whole >= round) {
        return Optional.empty();
      }
      double rest = round - whole;
      int n = (int) Math.ceil(rest / whole - 1e-9);
      double from = frontMm + round / 2 - whole / 2;
      List<Stretch> stretches = new ArrayList<>();
      stretches.add(new Stretch(from, from + whole));
      for (int i = 0; i < n; i++) {
        stretches.add(new Stretch(from + whole + rest * i / n, from + whole + rest * (i + 1) / n));
      }
      return Optional.of(stretches);
    }

    private double highMm() {
      return wall.downMm() - footMm + bleedMm + (footMm == 0 ? bleedMm : 0);
    }

    private boolean fits(List<Stretch> stretches, int rows, Cut cut) {
      double start = stretches.getFirst().fromMm;
      for (Stretch s : stretches) {
        double into = repeat > 0 ? mod(s.fromMm - start, repeat) : 0;
        if (s.mm() + overlapMm > cut.mostMm + Tolerance.EXACT.lengthMm()) {
          return false;
        }
        for (WrapWall.Piece p : pieces(s, rows)) {
          double w = cut.curved ? p.widthMm() : s.mm() + overlapMm;
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
      return cut.curved ? p.heightMm() : (highMm() - overlapMm) / rows + overlapMm;
    }

    private static double mod(double a, double b) {
      double m = a % b;
      double positive = m < 0 ? m + b : m;
      return b - positive < 1e-6 ? 0 : positive;
    }

    /**
     * The pieces of a stretch, from the top row down, each with its overlaps and what is trimmed.
     */
    private List<WrapWall.Piece> pieces(Stretch s, int rows) {
      double top = 0 - bleedMm;
      double foot = top + highMm();
      double pitch = (foot - top - overlapMm) / rows;
      List<WrapWall.Piece> pieces = new ArrayList<>();
      for (int r = 0; r < rows; r++) {
        double from = top + r * pitch;
        pieces.add(wall.piece(s.fromMm, s.toMm + overlapMm, from, from + pitch + overlapMm));
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
          double width = Math.min(wide, cut.curved ? p.widthMm() : s.mm() + overlapMm);
          double height = Math.min(tall, heightOf(p, rows, cut));
          Point into =
              repeat > 0 ? new Point(mod(s.fromMm - start, repeat), 0) : into(width, height);
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
          wall.piece(s.fromMm, s.toMm + overlapMm, 0, wall.downMm() - footMm);
      Geometry shows = Planar.intersection(p.onFace(), wallPiece.onFace());
      return off == null ? shows : Planar.difference(shows, off);
    }

    /** The sheet lies so that the piece begins that far into it. */
    private Item item(WrapWall.Piece p, Geometry shows, double width, double height, Point into) {
      double dx = wide / 2 - into.xMm() - width / 2;
      double dy = tall / 2 - into.yMm() - height / 2;
      double c = Turns.cos(p.turnDeg());
      double s = Turns.sin(p.turnDeg());
      Placement at =
          Placement.at(p.middle().movedBy(dx * c - dy * s, dx * s + dy * c), p.turnDeg());
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
      double widest = stretches.stream().mapToDouble(Stretch::mm).max().orElse(0) + overlapMm;
      int sheets = Math.ceilDiv(parts.size(), Cover.unitsPerSheet(owned, unit));
      double area = items.stream().mapToDouble(i -> i.visibleArea().getArea()).sum();
      int least =
          Math.max(
              1, (int) Math.ceil(area / (wide * tall) / Cover.unitsPerSheet(owned, unit) - 1e-9));
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
      return wall instanceof WrapWall.Tapered t
          ? Bends.sagMm(t.wall().outerRadiusMm(), widthMm)
          : 0;
    }

    /** Straight strips overlap more where the wall is narrower; parts cut to the curve do not. */
    private double overlapAtNarrowEnd(double widthMm) {
      return wall instanceof WrapWall.Tapered t
          ? widthMm
              - (widthMm - overlapMm)
                  * Math.min(t.wall().topMm(), t.wall().bottomMm())
                  / wall.roundMm()
          : overlapMm;
    }

    private double miss() {
      if (repeat == 0) {
        return 0;
      }
      double over = mod(wall.roundMm(), repeat);
      return Math.min(over, repeat - over);
    }
  }
}
