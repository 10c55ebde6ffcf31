package craftmap.core.lay.rule.cover;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Printing;
import craftmap.core.design.Repeat;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.Bends;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import craftmap.core.surface.FrontDatum;
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
  private final double repeatAcross;
  private final double repeatDown;
  private final Geometry off;
  private Slice.Spare mostSpare = Slice.Spare.NONE;

  WrapWork(Wrap rule, Laying laying, WrapWall wall) {
    this.rule = rule;
    this.laying = laying;
    this.wall = wall;
    this.owned = laying.design();
    this.design = Cover.laidAs(owned, rule.unit());
    this.wide = design.printWidthMm();
    this.tall = design.printHeightMm();
    Optional<Repeat> repeat = Printing.repeat(design);
    this.repeatAcross = repeat.map(Repeat::sameAcrossMm).orElse(0.0);
    this.repeatDown = repeat.map(Repeat::pitchYMm).orElse(0.0);
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

  /** Where one part begins, and where the next does: round the wider end, or down the wall. */
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
    int n = fewest.get().round.size();
    int rows = fewest.get().rows.size();
    if (!cut.curved) {
      option(Way.AllRound.WRAP_STRIPS, fewest.get(), cut).ifPresent(options::add);
      return;
    }
    option(Way.AllRound.WRAP_EVEN, fewest.get(), cut).ifPresent(options::add);
    if (n % 2 == 0) {
      parted(n, wall.roundMm() / n / 2, rows, cut)
          .flatMap(p -> option(Way.AllRound.WRAP_SEAMS_ASIDE, p, cut))
          .ifPresent(options::add);
      parted(n + 1, 0, rows, cut)
          .flatMap(p -> option(Way.AllRound.WRAP_EVEN, p, cut))
          .ifPresent(options::add);
    }
    wholeInFront()
        .flatMap(s -> downFor(s, rows, cut))
        .flatMap(p -> option(Way.AllRound.WRAP_WHOLE_IN_FRONT, p, cut))
        .ifPresent(options::add);
  }

  /** The wall in columns and rows. */
  private record Parted(List<Stretch> round, List<Stretch> rows) {
    int parts() {
      return round.size() * rows.size();
    }
  }

  /** Round and over each other so that every part fits its sheet, in the fewest parts. */
  private Optional<Parted> fewest(Cut cut) {
    Parted best = null;
    for (int rows = 1; rows <= MOST_ROWS; rows++) {
      for (int n = 1; n <= MOST_ROUND; n++) {
        if (best != null && n * rows >= best.parts()) {
          break;
        }
        Optional<Parted> found = parted(n, 0, rows, cut);
        if (found.isPresent()) {
          best = found.get();
          break;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** How far round the middle of what is laid is from the middle of the wall. */
  private double turnedMm() {
    return front().alongMm(wall.roundMm()) + rule.frontMm();
  }

  private FrontDatum front() {
    return laying.room().face().front();
  }

  private Optional<Parted> parted(int n, double startMm, int rows, Cut cut) {
    return shared(turnedMm() + startMm, wall.roundMm(), n, repeatAcross).stream()
        .flatMap(round -> downFor(round, rows, cut).stream())
        .findFirst();
  }

  /** Rows for these columns so that every part fits. */
  private Optional<Parted> downFor(List<Stretch> round, int rows, Cut cut) {
    return shared(0 - rule.bleedMm(), highMm() - rule.overlapMm(), rows, repeatDown).stream()
        .map(down -> new Parted(round, down))
        .filter(p -> fits(p, cut))
        .findFirst();
  }

  /**
   * Ways to share a length among parts: equally; and where a print has to meet, in whole repeats,
   * so that the parts can begin at one and the same spot of their sheets, the last one with what is
   * left.
   */
  private static List<List<Stretch>> shared(double from, double length, int n, double repeat) {
    List<List<Stretch>> ways = new ArrayList<>();
    ways.add(steps(from, length, n, length / n));
    if (repeat > 0 && n > 1) {
      double repeats = length / n / repeat;
      for (double step : List.of(repeat * Math.ceil(repeats), repeat * Math.floor(repeats))) {
        if (step > 0 && step * (n - 1) < length) {
          ways.add(steps(from, length, n, step));
        }
      }
    }
    return ways;
  }

  private static List<Stretch> steps(double from, double length, int n, double step) {
    List<Stretch> stretches = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      stretches.add(
          new Stretch(from + step * i, i == n - 1 ? from + length : from + step * (i + 1)));
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
    double from = turnedMm() + round / 2 - whole / 2;
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

  private boolean fits(Parted parted, Cut cut) {
    double t = Tolerance.EXACT.lengthMm();
    for (Stretch s : parted.round) {
      if (s.mm() + rule.overlapMm() > cut.mostMm + t) {
        return false;
      }
      for (Stretch row : parted.rows) {
        Part part = part(parted, s, row, cut);
        if (part.intoAcross + part.width > wide + t || part.intoDown + part.height > tall + t) {
          return false;
        }
      }
    }
    return true;
  }

  /**
   * A part as it is cut.
   *
   * @param intoAcross how far into the repeat of its print it begins; 0 where there is none
   */
  private record Part(
      WrapWall.Piece piece, double width, double height, double intoAcross, double intoDown) {}

  /** With its overlaps and what is trimmed. */
  private Part part(Parted parted, Stretch s, Stretch row, Cut cut) {
    WrapWall.Piece piece =
        wall.piece(s.fromMm, s.toMm + rule.overlapMm(), row.fromMm, row.toMm + rule.overlapMm());
    double width = cut.curved ? piece.widthMm() : s.mm() + rule.overlapMm();
    // a part cut to the curve stands higher than the wall it covers
    double height = cut.curved ? piece.heightMm() : row.mm() + rule.overlapMm();
    double begins = cut.curved ? row.toMm + rule.overlapMm() - piece.heightMm() : row.fromMm;
    double down = wall.widerBelow() ? begins : row.fromMm;
    return new Part(
        piece,
        width,
        height,
        intoRepeat(slidMm(true) + s.fromMm - parted.round.getFirst().fromMm, repeatAcross),
        intoRepeat(slidMm(false) + down - parted.rows.getFirst().fromMm, repeatDown));
  }

  private double slidMm(boolean across) {
    return rule.slice().map(s -> across ? s.acrossMm() : s.downMm()).orElse(0.0);
  }

  private static double intoRepeat(double mm, double repeat) {
    return repeat > 0 ? mod(mm, repeat) : 0;
  }

  private static double mod(double a, double b) {
    double m = a % b;
    double positive = m < 0 ? m + b : m;
    return b - positive < 1e-6 ? 0 : positive;
  }

  private Optional<LayOption> option(Way.AllRound way, Parted parted, Cut cut) {
    List<Part> parts = new ArrayList<>();
    List<Geometry> shown = new ArrayList<>();
    for (Stretch s : parted.round) {
      for (Stretch row : parted.rows) {
        Part part = part(parted, s, row, cut);
        Geometry shows = shows(s, part.piece);
        if (shows.getArea() >= 1) {
          parts.add(part);
          shown.add(shows);
        }
      }
    }
    if (parts.isEmpty()) {
      return Optional.empty();
    }
    if (!parts.stream().allMatch(this::reaches)) {
      return Optional.empty();
    }
    FromSheets from = fromSheets(parts);
    List<Item> items = new ArrayList<>();
    List<SheetPart> cuts = new ArrayList<>();
    Box print = design.printed();
    for (int i = 0; i < parts.size(); i++) {
      Part p = parts.get(i);
      FromSheets.Taken taken = from.taken().get(i);
      Item item = item(p, shown.get(i), taken);
      Box window =
          new Box(
              print.leftMm() + taken.acrossMm(),
              print.topMm() + taken.downMm(),
              Math.min(wide, p.width),
              Math.min(tall, p.height));
      items.add(item);
      cuts.add(SheetPart.of(i + 1, 0, item, window, taken.sheet()));
    }
    return Optional.of(option(way, parted, cut, items, cuts, from));
  }

  /** Whether a picture that was slid by hand still has a part's size from there. */
  private boolean reaches(Part part) {
    if (rule.slice().isEmpty() || !Printing.isOnePicture(design)) {
      return true;
    }
    Slice.Spare spare =
        new Slice.Spare(Math.max(0, wide - part.width), Math.max(0, tall - part.height));
    mostSpare = mostSpare.atMost(spare);
    return rule.slice().get().fits(spare);
  }

  /** Of all ways that were tried. */
  Slice.Spare mostSpare() {
    return mostSpare;
  }

  /** A picture's parts each begin where least of what matters is spoilt. */
  private FromSheets fromSheets(List<Part> parts) {
    if (!Printing.isOnePicture(design)) {
      return FromSheets.nested(
              parts.stream()
                  .map(
                      p ->
                          new NestPart(
                              p.width, p.height, false, p.intoAcross, p.intoDown, NestPart.AS_TOLD))
                  .toList(),
              wide,
              tall,
              repeatAcross,
              repeatDown)
          .orElseThrow(() -> new IllegalStateException("impossible state: a part finds no sheet"));
    }
    return FromSheets.ofPicture(
        parts.stream()
            .map(
                p -> {
                  Point into = into(p.width, p.height);
                  return new NestPart(
                      p.width, p.height, false, into.xMm(), into.yMm(), NestPart.AS_TOLD);
                })
            .toList());
  }

  /** What shows of a piece: between the foot line and the top of the wall, off the keep-outs. */
  private Geometry shows(Stretch s, WrapWall.Piece p) {
    WrapWall.Piece wallPiece =
        wall.piece(s.fromMm, s.toMm + rule.overlapMm(), 0, wall.downMm() - rule.footMm());
    Geometry shows = Planar.intersection(p.onFace(), wallPiece.onFace());
    return off == null ? shows : Planar.difference(shows, off);
  }

  /** The sheet lies so that the piece begins that far into it. */
  private Item item(Part part, Geometry shows, FromSheets.Taken into) {
    double dx = wide / 2 - into.acrossMm() - part.width / 2;
    double dy = tall / 2 - into.downMm() - part.height / 2;
    double turn = part.piece.turnDeg();
    double c = Turns.cos(turn);
    double s = Turns.sin(turn);
    Placement at =
        Placement.at(part.piece.middle().movedBy(dx * c - dy * s, dx * s + dy * c), turn);
    double share = Math.min(1, shows.getArea() / (wide * tall));
    return new Item(design, at, share, Optional.of(shows), false);
  }

  private Point into(double width, double height) {
    List<MotifBox> motifs = Cover.motifsFromPrint(design);
    double across = Math.max(0, wide - width);
    double down = Math.max(0, tall - height);
    if (rule.slice().isPresent()) {
      return rule.slice().get().at();
    }
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
      Way.AllRound way,
      Parted parted,
      Cut cut,
      List<Item> items,
      List<SheetPart> parts,
      FromSheets from) {
    List<Double> seams =
        parted.round.stream().map(s -> mod(s.fromMm, wall.roundMm())).sorted().toList();
    int inFront = (int) seams.stream().filter(this::isInFront).count();
    List<MotifBox> spoilt = parts.stream().flatMap(p -> p.spoilt().stream()).toList();
    double widest =
        parted.round.stream().mapToDouble(Stretch::mm).max().orElse(0) + rule.overlapMm();
    int perSheet = Cover.unitsPerSheet(owned, rule.unit());
    int sheets = Math.ceilDiv(from.sheets(), perSheet);
    Bare bare = bare(parted, items);
    Wrapping wrapping =
        new Wrapping(
            way,
            parted.round.size(),
            parted.rows.size(),
            widest,
            seams,
            cut.curved ? 0 : sag(widest),
            overlapAtNarrowEnd(widest),
            miss(),
            inFront,
            parts,
            sheets,
            Math.ceilDiv(from.least(), perSheet),
            spoilt,
            bare);
    return new LayOption(
        wrapping,
        items,
        Standing.of(
                new Standing.Judged(
                    0, 0, way.symmetrical(), parts.size(), 0, true, 0, way.ordinal()))
            .cutting(
                spoilt.stream().mapToInt(MotifBox::importance).sum()
                    + inFront * SEAM_IN_FRONT_WEIGHS,
                sheets)
            .leavingBare(bare.areaMm2()),
        Optional.empty());
  }

  /** Once round from the seam behind, between the foot line and the rim, off the keep-outs. */
  private Bare bare(Parted parted, List<Item> items) {
    double from = parted.round.getFirst().fromMm;
    Geometry once =
        wall.piece(from, from + wall.roundMm(), 0, wall.downMm() - rule.footMm()).onFace();
    return Bare.of(off == null ? once : Planar.difference(once, off), items);
  }

  private boolean isInFront(double seamMm) {
    double round = wall.roundMm();
    double off = mod(seamMm - front().alongMm(round), round) - round / 2;
    return Math.abs(off) < round * SEEN;
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
    if (repeatAcross == 0) {
      return 0;
    }
    double over = mod(wall.roundMm(), repeatAcross);
    return Math.min(over, repeatAcross - over);
  }
}
