package craftmap.core.lay.rule;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.NestStock;
import craftmap.core.cut.nest.NestTask;
import craftmap.core.cut.nest.Nested;
import craftmap.core.cut.nest.Nesting;
import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Repeat;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Sheets over all the faces of a lay, turned one way. */
final class CoverWork {
  private static final int MOST_SHEETS = 400;

  /** Enough for the parts of a face, and not felt while it is dragged. */
  private final Cover rule;

  private final Fronts fronts;
  private final Design design;
  private final Design owned;
  private final boolean turned;
  private final double wide;
  private final double tall;
  private final double repeatAcross;
  private final double repeatDown;

  CoverWork(Cover rule, Laying laying, boolean turned) {
    this.rule = rule;
    this.fronts = laying.fronts();
    this.owned = laying.design();
    this.design = Cover.laidAs(laying.design(), rule.unit());
    this.turned = turned;
    double w = design.printWidthMm();
    double h = design.printHeightMm();
    this.wide = turned ? h : w;
    this.tall = turned ? w : h;
    Optional<Repeat> repeat = Cover.repeatOf(design);
    // in a half drop every other column is dropped: across, it is the same again after two
    double rx =
        repeat.map(r -> r.pitchXMm() * (r.offset() == Repeat.Offset.HALF_DROP ? 2 : 1)).orElse(0.0);
    double ry = repeat.map(Repeat::pitchYMm).orElse(0.0);
    this.repeatAcross = turned ? ry : rx;
    this.repeatDown = turned ? rx : ry;
  }

  boolean tooMany() {
    double area = fronts.all().stream().mapToDouble(f -> f.box().areaMm2()).sum();
    return area / (wide * tall) > MOST_SHEETS;
  }

  Optional<LayOption> option(Seams.Line line) {
    List<Seams.Line> down =
        switch (rule.rows()) {
          case EITHER -> List.of(Seams.Line.FROM_START, Seams.Line.EVEN);
          case ALL_ALIKE -> List.of(Seams.Line.EVEN);
          case WHOLE_FROM_TOP -> List.of(Seams.Line.FROM_START);
        };
    return down.stream()
        .flatMap(way -> option(line, way).stream())
        .min(Comparator.comparing(LayOption::standing));
  }

  private Optional<LayOption> option(Seams.Line across, Seams.Line down) {
    List<Laid> laid = new ArrayList<>();
    Seams ownAcross = null;
    Seams ownDown = null;
    for (int f = 0; f < fronts.all().size(); f++) {
      Optional<Seams> x = seams(across, fronts.all().get(f), true);
      Optional<Seams> y = seams(down, fronts.all().get(f), false);
      if (x.isEmpty() || y.isEmpty()) {
        return Optional.empty();
      }
      laid.addAll(new Sheets(f, x.get(), y.get()).laid());
      if (f == fronts.own()) {
        ownAcross = x.get();
        ownDown = y.get();
      }
    }
    return laid.isEmpty()
        ? Optional.empty()
        : Optional.of(option(way(across), ownAcross, ownDown, laid));
  }

  private Optional<Seams> seams(Seams.Line line, Fronts.Front front, boolean across) {
    Box all = fronts.around();
    Box own = front.box();
    double repeat = across ? repeatAcross : repeatDown;
    double at = across ? own.leftMm() : own.topMm();
    double size = across ? own.widthMm() : own.heightMm();
    double lineFrom = (across ? all.leftMm() : all.topMm()) - at;
    double lineSize = across ? all.widthMm() : all.heightMm();
    Seams.Length over =
        repeat > 0
            ? new Seams.Length(
                -rule.bleedMm(),
                size + rule.bleedMm(),
                lineFrom - rule.bleedMm(),
                lineFrom + lineSize + rule.bleedMm())
            : Seams.Length.alone(-rule.bleedMm(), size + rule.bleedMm());
    return Seams.of(line, over, across ? wide : tall, rule.overlapMm(), repeat);
  }

  private Way way(Seams.Line across) {
    return switch (across) {
      case EVEN -> Way.COVER_EVEN;
      case SHEET_CENTRED -> Way.COVER_SHEET_CENTRED;
      case SEAM_CENTRED -> Way.COVER_SEAM_CENTRED;
      case FROM_START -> Way.COVER_FROM_EDGE;
    };
  }

  private LayOption option(Way way, Seams x, Seams y, List<Laid> laid) {
    Sheeted sheeted = sheeted(laid);
    List<SheetPart> parts = new ArrayList<>();
    List<Item> own = new ArrayList<>();
    int slivers = 0;
    for (int i = 0; i < laid.size(); i++) {
      Laid l = laid.get(i);
      Taken from = sheeted.taken[i];
      Placement at = l.placedSo(from.acrossMm, from.downMm);
      Item item = new Item(design, at, l.share(wide * tall), Optional.of(l.shows), false);
      parts.add(SheetPart.of(i + 1, l.front, item, onSheet(l.cut, from), from.sheet));
      if (l.front == fronts.own()) {
        own.add(item);
      }
      slivers += l.isSliver(x, y) ? 1 : 0;
    }
    int perSheet = Cover.unitsPerSheet(owned, rule.unit());
    int sheets = Math.ceilDiv(sheeted.units, perSheet);
    List<MotifBox> spoilt = parts.stream().flatMap(p -> p.spoilt().stream()).toList();
    return new LayOption(
        new SheetCover(
            way,
            x.count(),
            y.count(),
            turned,
            x.pitchMm(),
            y.pitchMm(),
            parts,
            sheets,
            Math.ceilDiv(sheeted.least, perSheet),
            spoilt),
        own,
        Standing.of(
                new Standing.Judged(
                    0, slivers, way.symmetrical(), parts.size(), 0, true, 0, way.ordinal()))
            .cutting(spoilt.stream().mapToInt(MotifBox::importance).sum(), sheets),
        Optional.empty());
  }

  /** From which sheet a part is taken, and how far into it. */
  private record Taken(int sheet, double acrossMm, double downMm) {}

  /** Where every part is taken from, and how few would do at best. */
  private record Sheeted(Taken[] taken, int units, int least) {}

  /**
   * A picture that does not repeat shows what it shows there: each of its parts has a sheet of its
   * own. A plain or repeating print is used up to the last piece.
   */
  private Sheeted sheeted(List<Laid> laid) {
    Taken[] taken = new Taken[laid.size()];
    if (Cover.isOnePicture(design)) {
      for (int i = 0; i < taken.length; i++) {
        taken[i] = new Taken(i + 1, laid.get(i).intoAcross, laid.get(i).intoDown);
      }
      return new Sheeted(taken, taken.length, taken.length);
    }
    NestStock sheets =
        NestStock.repeating(new Box(0, 0, wide, tall), laid.size(), repeatAcross, repeatDown);
    Nested nested =
        Nesting.plan(
            NestTask.of(laid.stream().map(Laid::toCut).toList(), List.of(sheets), 0),
            NestSearch.forLaying(),
            done -> true);
    // the sheet with the first part is the first one
    List<Nested.Sheet> inOrder =
        nested.sheets().stream()
            .sorted(
                Comparator.comparingInt(
                    s -> s.parts().stream().mapToInt(Nested.Placed::part).min().orElse(0)))
            .toList();
    for (int s = 0; s < inOrder.size(); s++) {
      for (Nested.Placed p : inOrder.get(s).parts()) {
        taken[p.part()] = new Taken(s + 1, p.at().leftMm(), p.at().topMm());
      }
    }
    return new Sheeted(taken, nested.newSheets(), nested.least());
  }

  /** From the laid sheet's coordinates, which may be turned, to the design's own. */
  private Box onSheet(Box cut, Taken from) {
    Box print = design.printed();
    return turned
        ? new Box(
            print.leftMm() + from.downMm,
            print.bottomMm() - from.acrossMm - cut.widthMm(),
            cut.heightMm(),
            cut.widthMm())
        : new Box(
            print.leftMm() + from.acrossMm,
            print.topMm() + from.downMm,
            cut.widthMm(),
            cut.heightMm());
  }

  /**
   * A part of a sheet on a face.
   *
   * @param cut with what goes over the edge, on the face
   * @param shows what of it is seen, on the face
   * @param intoAcross how far into its sheet it begins
   */
  private record Laid(
      int front,
      Box cut,
      Geometry shows,
      double intoAcross,
      double intoDown,
      boolean turned,
      double wide,
      double tall) {
    NestPart toCut() {
      return new NestPart(cut.widthMm(), cut.heightMm(), false, intoAcross, intoDown);
    }

    /** Where the sheet lies when the part begins that far into it. */
    Placement placedSo(double across, double down) {
      return Placement.at(
          new Point(cut.leftMm() - across + wide / 2, cut.topMm() - down + tall / 2),
          turned ? 90 : 0);
    }

    double share(double whole) {
      return Math.min(1, shows.getArea() / whole);
    }

    boolean isSliver(Seams x, Seams y) {
      return cut.widthMm() < RunRow.SLIVER_SHARE * Math.min(x.partMm(), x.pitchMm())
          || cut.heightMm() < RunRow.SLIVER_SHARE * Math.min(y.partMm(), y.pitchMm());
    }
  }

  /** The sheets of one face. */
  private final class Sheets {
    private final int front;
    private final Seams x;
    private final Seams y;
    private final Geometry free;
    private final Point into;

    Sheets(int front, Seams x, Seams y) {
      this.front = front;
      this.x = x;
      this.y = y;
      this.free = fronts.all().get(front).room().free();
      this.into = into();
    }

    /** Where a part begins on its sheet: where the sheet is larger, so that motifs stay whole. */
    private Point into() {
      double spareAcross = repeatAcross > 0 ? 0 : Math.max(0, wide - x.partMm());
      double spareDown = repeatDown > 0 ? 0 : Math.max(0, tall - y.partMm());
      List<MotifBox> motifs = turned ? List.of() : Cover.motifsFromPrint(design);
      if (motifs.isEmpty()) {
        return new Point(0, 0);
      }
      SpoilSearch.Problem problem =
          new SpoilSearch.Problem(
              List.of(new Box(0, 0, Math.min(wide, x.partMm()), Math.min(tall, y.partMm()))),
              List.of(),
              motifs,
              new Point(-spareAcross, -spareDown),
              new Point(0, 0),
              new Point(-spareAcross / 2, -spareDown / 2));
      Point shift = fronts.memo().best(problem, 1).getFirst().shift();
      return new Point(-shift.xMm(), -shift.yMm());
    }

    List<Laid> laid() {
      List<Laid> laid = new ArrayList<>();
      for (int row = 0; row < y.count(); row++) {
        for (int column = 0; column < x.count(); column++) {
          laid(column, row).ifPresent(laid::add);
        }
      }
      return laid;
    }

    private Optional<Laid> laid(int column, int row) {
      double left = x.startMm(column);
      double top = y.startMm(row);
      Box part =
          new Box(
              left,
              top,
              Math.min(x.partMm(), x.pitchMm() + rule.overlapMm()),
              Math.min(y.partMm(), y.pitchMm() + rule.overlapMm()));
      Geometry shows = Planar.intersection(free, Planar.polygon(part));
      if (shows.getArea() < 1) {
        return Optional.empty();
      }
      Envelope e = shows.getEnvelopeInternal();
      double from = Math.max(left, e.getMinX() - rule.bleedMm());
      double above = Math.max(top, e.getMinY() - rule.bleedMm());
      double to = Math.min(part.rightMm(), e.getMaxX() + rule.bleedMm());
      double below = Math.min(part.bottomMm(), e.getMaxY() + rule.bleedMm());
      return Optional.of(
          new Laid(
              front,
              new Box(from, above, to - from, below - above),
              shows,
              into.xMm() + from - left,
              into.yMm() + above - top,
              turned,
              wide,
              tall));
    }
  }
}
