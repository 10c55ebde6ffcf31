package craftmap.core.lay.rule.cover;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Printing;
import craftmap.core.design.Repeat;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.Fronts;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.run.MotifPlaces;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

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
  private final Cover.Meets meets;
  private Slice.Spare mostSpare = Slice.Spare.NONE;

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
    Optional<Repeat> repeat = Printing.repeat(design);
    // in a half drop every other column is dropped: across, it is the same again after two
    double rx = repeat.map(Repeat::sameAcrossMm).orElse(0.0);
    double ry = repeat.map(Repeat::pitchYMm).orElse(0.0);
    this.repeatAcross = turned ? ry : rx;
    this.repeatDown = turned ? rx : ry;
    this.meets = Printing.canBeginAnywhere(design) ? rule.meets() : Cover.Meets.EVERYWHERE;
  }

  boolean tooMany() {
    double area = fronts.all().stream().mapToDouble(f -> f.box().areaMm2()).sum();
    return area / (wide * tall) > MOST_SHEETS;
  }

  /** What the sheets line up with. */
  private record LinedUp(Way.InSheets way, Seams.Line across, Seams.Line down, Lines on) {}

  /** Of one face, or of all, the line that sheets begin on or have their middle on. */
  private interface Lines {
    Box of(Fronts.Front front);
  }

  Optional<LayOption> option(Seams.Line line) {
    Lines on = meets == Cover.Meets.EVERYWHERE ? this::all : CoverWork::own;
    return best(down().map(way -> new LinedUp(way(line), line, way, on)));
  }

  /**
   * The print begins where that takes the fewest sheets, and still meets where it has to: whole
   * sheets from the edge of one of the faces.
   */
  Optional<LayOption> beginningAnywhere() {
    if (repeatAcross == 0 || meets == Cover.Meets.NOWHERE) {
      return Optional.empty();
    }
    List<Lines> lines = new ArrayList<>();
    if (meets == Cover.Meets.ON_EACH_FACE) {
      lines.add(CoverWork::own);
    } else {
      // faces that begin on the same spot of the repeat are the same to begin on
      Set<List<Long>> begun = new HashSet<>();
      fronts.all().stream()
          .filter(f -> begun.add(spot(f)))
          .limit(MOST_LINES)
          .forEach(f -> lines.add(here -> from(f, here)));
    }
    return best(
        lines.stream()
            .flatMap(
                on ->
                    down()
                        .map(
                            way ->
                                new LinedUp(
                                    Way.InSheets.COVER_BEGUN_ANYWHERE,
                                    Seams.Line.FROM_START,
                                    way,
                                    on))));
  }

  private List<Long> spot(Fronts.Front front) {
    double perMm = 1 / Tolerance.EXACT.lengthMm();
    return List.of(
        Math.round(front.at().xMm() % repeatAcross * perMm),
        Math.round(front.at().yMm() % repeatDown * perMm));
  }

  /** More faces than these are not each tried as the one that sheets begin on. */
  private static final int MOST_LINES = 8;

  private Stream<Seams.Line> down() {
    return switch (rule.rows()) {
      case EITHER -> Stream.of(Seams.Line.FROM_START, Seams.Line.EVEN);
      case ALL_ALIKE -> Stream.of(Seams.Line.EVEN);
      case WHOLE_FROM_TOP -> Stream.of(Seams.Line.FROM_START);
    };
  }

  private Optional<LayOption> best(Stream<LinedUp> ways) {
    return ways.flatMap(way -> option(way).stream()).min(Comparator.comparing(LayOption::standing));
  }

  private Box all(Fronts.Front front) {
    Box all = fronts.around();
    return new Box(
        all.leftMm() - front.box().leftMm(),
        all.topMm() - front.box().topMm(),
        all.widthMm(),
        all.heightMm());
  }

  private static Box own(Fronts.Front front) {
    return new Box(0, 0, front.box().widthMm(), front.box().heightMm());
  }

  private static Box from(Fronts.Front line, Fronts.Front here) {
    return new Box(
        line.box().leftMm() - here.box().leftMm(),
        line.box().topMm() - here.box().topMm(),
        line.box().widthMm(),
        line.box().heightMm());
  }

  private Optional<LayOption> option(LinedUp lined) {
    List<Sheets> sheets = new ArrayList<>();
    List<Laid> laid = new ArrayList<>();
    for (int f = 0; f < fronts.all().size(); f++) {
      Fronts.Front front = fronts.all().get(f);
      Optional<Seams> x = seams(lined.across(), front, lined.on().of(front), true);
      Optional<Seams> y = seams(lined.down(), front, lined.on().of(front), false);
      if (x.isEmpty() || y.isEmpty()) {
        return Optional.empty();
      }
      if (!reaches(x.get(), y.get())) {
        return Optional.empty();
      }
      Sheets there = new Sheets(f, x.get(), y.get());
      sheets.add(there);
      laid.addAll(there.laid());
    }
    return laid.isEmpty() ? Optional.empty() : option(lined.way(), sheets, laid);
  }

  private Optional<Seams> seams(Seams.Line line, Fronts.Front front, Box on, boolean across) {
    // where nothing has to meet, seams fall as on a plain print
    double repeat = meets == Cover.Meets.NOWHERE ? 0 : across ? repeatAcross : repeatDown;
    double size = across ? front.box().widthMm() : front.box().heightMm();
    double lineFrom = across ? on.leftMm() : on.topMm();
    double lineSize = across ? on.widthMm() : on.heightMm();
    Seams.Length over =
        repeat > 0
            ? new Seams.Length(
                -rule.bleedMm(),
                size + rule.bleedMm(),
                lineFrom - rule.bleedMm(),
                lineFrom + lineSize + rule.bleedMm())
            : Seams.Length.alone(-rule.bleedMm(), size + rule.bleedMm());
    double sheet = across ? wide - phaseMm(true) : tall - phaseMm(false);
    double length = size + 2 * rule.bleedMm();
    if (repeat == 0 && !Tolerance.EXACT.greater(length, sheet)) {
      // what one sheet reaches has no seam to line up: what shows of it is free
      return Optional.of(new Seams(-rule.bleedMm(), length, 1, length, rule.overlapMm()));
    }
    return Seams.of(line, over, sheet, rule.overlapMm(), repeat);
  }

  /** Whether a picture that was slid by hand still has a part's size from there. */
  private boolean reaches(Seams x, Seams y) {
    if (rule.slice().isEmpty() || !Printing.isOnePicture(design)) {
      return true;
    }
    Slice.Spare spare =
        new Slice.Spare(Math.max(0, wide - x.partMm()), Math.max(0, tall - y.partMm()));
    mostSpare = mostSpare.atMost(spare);
    return rule.slice().get().fits(spare);
  }

  /** Of all ways that were tried. */
  Slice.Spare mostSpare() {
    return mostSpare;
  }

  /** How far into a repeat the print begins that was slid by hand. */
  private double phaseMm(boolean across) {
    double repeat = across ? repeatAcross : repeatDown;
    // turned sheets are slid as they lie
    return rule.slice().map(s -> s.phaseMm(repeat, across)).orElse(0.0);
  }

  private Way.InSheets way(Seams.Line across) {
    return switch (across) {
      case EVEN -> Way.InSheets.COVER_EVEN;
      case SHEET_CENTRED -> Way.InSheets.COVER_SHEET_CENTRED;
      case SEAM_CENTRED -> Way.InSheets.COVER_SEAM_CENTRED;
      case FROM_START -> Way.InSheets.COVER_FROM_EDGE;
    };
  }

  private Optional<LayOption> option(Way.InSheets way, List<Sheets> sheets, List<Laid> laid) {
    List<Integer> meeting = meeting(way, laid);
    Optional<FromSheets> found = sheeted(laid, meeting);
    return found.map(f -> option(way, sheets, laid, f, meeting));
  }

  /** Which parts meet each other, by a number for each set of them. */
  private List<Integer> meeting(Way.InSheets way, List<Laid> laid) {
    List<Integer> meeting = new ArrayList<>();
    for (int i = 0; i < laid.size(); i++) {
      meeting.add(
          meets == Cover.Meets.NOWHERE
              ? i + 1
              : way != Way.InSheets.COVER_BEGUN_ANYWHERE
                  ? NestPart.AS_TOLD
                  : meets == Cover.Meets.ON_EACH_FACE ? laid.get(i).front + 1 : 1);
    }
    return meeting;
  }

  private LayOption option(
      Way.InSheets way,
      List<Sheets> sheets,
      List<Laid> laid,
      FromSheets sheeted,
      List<Integer> meeting) {
    List<SheetPart> parts = new ArrayList<>();
    List<List<Item>> items = new ArrayList<>();
    sheets.forEach(s -> items.add(new ArrayList<>()));
    int slivers = 0;
    for (int i = 0; i < laid.size(); i++) {
      Laid l = laid.get(i);
      FromSheets.Taken from = sheeted.taken().get(i);
      Placement at = l.placedSo(from.acrossMm(), from.downMm());
      Item item = new Item(design, at, l.share(wide * tall), Optional.of(l.shows), false);
      parts.add(
          SheetPart.of(i + 1, l.front, item, onSheet(l.cut, from), from.sheet())
              .meeting(meeting.get(i)));
      items.get(l.front).add(item);
      slivers += sheets.get(l.front).isSliver(l) ? 1 : 0;
    }
    int perSheet = Cover.unitsPerSheet(owned, rule.unit());
    int opened = Math.ceilDiv(sheeted.sheets(), perSheet);
    List<MotifBox> spoilt = parts.stream().flatMap(p -> p.spoilt().stream()).toList();
    double miss = missMm(laid, sheeted);
    List<LayOption.OnFace> faces = new ArrayList<>();
    double bare = 0;
    for (int f = 0; f < sheets.size(); f++) {
      Bare left = Bare.of(sheets.get(f).free, items.get(f));
      bare += left.areaMm2();
      faces.add(
          new LayOption.OnFace(
              new SheetCover(
                  way,
                  sheets.get(f).x.count(),
                  sheets.get(f).y.count(),
                  turned,
                  sheets.get(f).x.pitchMm(),
                  sheets.get(f).y.pitchMm(),
                  parts,
                  opened,
                  Math.ceilDiv(sheeted.least(), perSheet),
                  spoilt,
                  left,
                  miss),
              items.get(f)));
    }
    return LayOption.over(
        faces,
        fronts.own(),
        Standing.of(
                new Standing.Judged(
                    0, slivers, way.symmetrical(), parts.size(), 0, true, 0, way.ordinal()))
            .cutting(spoilt.stream().mapToInt(MotifBox::importance).sum(), opened)
            .leavingBare(bare));
  }

  /** By how much the print is out of step with itself, anywhere it has to meet. */
  private double missMm(List<Laid> laid, FromSheets sheeted) {
    double most = 0;
    for (int i = 1; i < laid.size() && meets != Cover.Meets.NOWHERE; i++) {
      int with = meets == Cover.Meets.EVERYWHERE ? 0 : firstOn(laid, laid.get(i).front);
      Point first = originMm(laid.get(with), sheeted.taken().get(with));
      Point here = originMm(laid.get(i), sheeted.taken().get(i));
      most = Math.max(most, outOfStep(here.xMm() - first.xMm(), repeatAcross));
      most = Math.max(most, outOfStep(here.yMm() - first.yMm(), repeatDown));
    }
    return most;
  }

  private static int firstOn(List<Laid> laid, int front) {
    return laid.stream().map(l -> l.front).toList().indexOf(front);
  }

  /** Where a part's sheet begins in the plane of the faces. */
  private Point originMm(Laid l, FromSheets.Taken from) {
    Point at = fronts.all().get(l.front).at();
    return new Point(
        at.xMm() + l.cut.leftMm() - from.acrossMm(), at.yMm() + l.cut.topMm() - from.downMm());
  }

  private static double outOfStep(double apart, double repeat) {
    return repeat == 0 ? 0 : Math.abs(apart - repeat * Math.rint(apart / repeat));
  }

  private Optional<FromSheets> sheeted(List<Laid> laid, List<Integer> meeting) {
    List<NestPart> parts = new ArrayList<>();
    for (int i = 0; i < laid.size(); i++) {
      parts.add(laid.get(i).toCut(meeting.get(i)));
    }
    return Printing.isOnePicture(design) && meets != Cover.Meets.NOWHERE
        ? Optional.of(FromSheets.ofPicture(parts))
        : FromSheets.nested(parts, wide, tall, repeatAcross, repeatDown);
  }

  /** From the laid sheet's coordinates, which may be turned, to the design's own. */
  private Box onSheet(Box cut, FromSheets.Taken from) {
    Box print = design.printed();
    return turned
        ? new Box(
            print.leftMm() + from.downMm(),
            print.bottomMm() - from.acrossMm() - cut.widthMm(),
            cut.heightMm(),
            cut.widthMm())
        : new Box(
            print.leftMm() + from.acrossMm(),
            print.topMm() + from.downMm(),
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
    NestPart toCut(int meeting) {
      return new NestPart(cut.widthMm(), cut.heightMm(), false, intoAcross, intoDown, meeting);
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
      if (rule.slice().isPresent() && Printing.hasSlices(design)) {
        return repeatAcross > 0
            ? new Point(phaseMm(true), phaseMm(false))
            : rule.slice().get().at();
      }
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
      Point shift =
          isOneBox()
              ? fronts.memo().best(problem, 1).getFirst().shift()
              : MotifPlaces.best(fronts.memo(), problem, p -> shownOnParts());
      return new Point(-shift.xMm(), -shift.yMm());
    }

    /** Whether every part shows all of its box, as on a rectangle with nothing in the way. */
    private boolean isOneBox() {
      return free.getNumPoints() == 5 && free.getArea() > 0.9999 * free.getEnvelope().getArea();
    }

    /** What each part shows, as it lies on its sheet's own corner. */
    private List<Geometry> shownOnParts() {
      List<Geometry> shown = new ArrayList<>();
      for (int row = 0; row < y.count(); row++) {
        for (int column = 0; column < x.count(); column++) {
          Box part = part(column, row);
          Geometry shows = Planar.intersection(free, Planar.polygon(part));
          if (shows.getArea() >= 1) {
            shown.add(
                AffineTransformation.translationInstance(-part.leftMm(), -part.topMm())
                    .transform(shows));
          }
        }
      }
      return shown;
    }

    private Box part(int column, int row) {
      double left = x.startMm(column);
      double top = y.startMm(row);
      return new Box(left, top, x.endMm(column) - left, y.endMm(row) - top);
    }

    boolean isSliver(Laid l) {
      return l.cut.widthMm() < Laying.SLIVER_SHARE * Math.min(x.partMm(), x.pitchMm())
          || l.cut.heightMm() < Laying.SLIVER_SHARE * Math.min(y.partMm(), y.pitchMm());
    }

    List<Laid> laid() {
      List<Laid> laid = new ArrayList<>();
      for (int row = 0; row < y.count(); row++) {
        for (int column = 0; column < x.count(); column++) {
          laid.addAll(laid(column, row));
        }
      }
      return laid;
    }

    private List<Laid> laid(int column, int row) {
      Box sheet = part(column, row);
      return parted(sheet).stream().flatMap(part -> laid(part, sheet).stream()).toList();
    }

    /** In two, where a further seam runs through it. */
    private List<Box> parted(Box part) {
      Optional<FurtherSeam> through =
          rule.seam().filter(s -> s.front() == front && runsThrough(s, part));
      if (through.isEmpty()) {
        return List.of(part);
      }
      double at = through.get().atMm();
      double to = at + rule.overlapMm();
      return through.get().isUpright()
          ? List.of(
              Box.between(
                  part.leftMm(), part.topMm(), Math.min(to, part.rightMm()), part.bottomMm()),
              Box.between(at, part.topMm(), part.rightMm(), part.bottomMm()))
          : List.of(
              Box.between(
                  part.leftMm(), part.topMm(), part.rightMm(), Math.min(to, part.bottomMm())),
              Box.between(part.leftMm(), at, part.rightMm(), part.bottomMm()));
    }

    private static boolean runsThrough(FurtherSeam seam, Box part) {
      double from = seam.isUpright() ? part.leftMm() : part.topMm();
      double to = seam.isUpright() ? part.rightMm() : part.bottomMm();
      return Tolerance.EXACT.greater(seam.atMm(), from) && Tolerance.EXACT.greater(to, seam.atMm());
    }

    private Optional<Laid> laid(Box part, Box sheet) {
      double left = sheet.leftMm();
      double top = sheet.topMm();
      Geometry shows = Planar.intersection(free, Planar.polygon(part));
      if (shows.getArea() < 1) {
        return Optional.empty();
      }
      Envelope e = shows.getEnvelopeInternal();
      double from = Math.max(part.leftMm(), e.getMinX() - rule.bleedMm());
      double above = Math.max(part.topMm(), e.getMinY() - rule.bleedMm());
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
