package craftmap.core.plan.cutting;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestSearch;
import craftmap.core.design.Design;
import craftmap.core.design.PrintedSheet;
import craftmap.core.design.Printing;
import craftmap.core.design.Repeat;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.FurtherSeam;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Where one part made of two spares a sheet: the last front from two leftovers. As a seam is moved
 * along a part, one of the two grows until it meets what is in its way: the edge of what it is cut
 * from, or another part beside it. So only those places are tried, with none, one or two of the
 * other parts beside it; whatever one seam can spare, one of them spares.
 */
public final class OneSeamMore {
  /** A narrower strip is no part that a person would cut. */
  public static final double LEAST_STRIP_MM = 20;

  /** More parts than these are not each tried beside each other. */
  private static final int MOST_BESIDE = 8;

  private static final double SAME_MM = 0.01;

  private final Design design;
  private final List<DesignCut.Source> sources;
  private final List<DesignCut.Leftover> leftovers;
  private final int sheets;
  private final List<CutParts.Part> parts;
  private final Box print;
  private final double repeatAcross;
  private final double repeatDown;
  private final Set<Alike> alike = new HashSet<>();

  private OneSeamMore(
      Design design,
      List<DesignCut.Source> sources,
      List<DesignCut.Leftover> leftovers,
      int sheets) {
    this.design = design;
    this.sources = sources;
    this.leftovers = leftovers;
    this.sheets = sheets;
    this.parts = CutParts.of(design, sources);
    this.print = design instanceof PrintedSheet s ? s.print() : design.printed();
    Optional<Repeat> repeat = Printing.repeat(design);
    this.repeatAcross = repeat.map(Repeat::sameAcrossMm).orElse(0.0);
    this.repeatDown = repeat.map(Repeat::pitchYMm).orElse(0.0);
  }

  /**
   * A seam that leaves fewer parts without a sheet, or takes fewer new sheets.
   *
   * @param layId the lay that gets it
   */
  public record Found(String layId, String faceId, FurtherSeam seam) {}

  /** Parts that a seam does the same for: as large as each other, of the same spot of the print. */
  private record Alike(
      String layId, FurtherSeam.Way way, long wide, long tall, long across, long down, int meets) {
    private static final double PER_MM = 100;

    Alike(String layId, FurtherSeam.Way way, CutParts.Part part, boolean meetsOthers) {
      this(
          layId,
          way,
          Math.round(part.window().widthMm() * PER_MM),
          Math.round(part.window().heightMm() * PER_MM),
          part.meets() == NestPart.AS_TOLD ? Math.round(part.window().leftMm() * PER_MM) : 0,
          part.meets() == NestPart.AS_TOLD ? Math.round(part.window().topMm() * PER_MM) : 0,
          meetsOthers ? part.meets() : NestPart.AS_TOLD);
    }
  }

  private record Tried(Found found, DesignCut cut, double narrowerMm) {}

  /**
   * The one in a lay of the piece that spares most; of those the one whose narrower part is widest.
   */
  public static Optional<Found> of(
      Design design,
      List<DesignCut.Source> sources,
      List<DesignCut.Leftover> leftovers,
      int sheets,
      String pieceId,
      DesignCut now) {
    return new OneSeamMore(design, sources, leftovers, sheets).best(pieceId, now);
  }

  private Optional<Found> best(String pieceId, DesignCut now) {
    List<Tried> tried = new ArrayList<>();
    if (now.isEnough() && now.newSheets() == 0) {
      return Optional.empty();
    }
    int before = 0;
    for (DesignCut.Source source : sources) {
      LayReading.Laid laid = source.laid();
      if (source.pieceId().equals(pieceId)
          && laid.chosen().arrangement() instanceof SheetCover cover
          && laid.lay().rule() instanceof Cover rule
          && rule.seam().isEmpty()) {
        for (SheetPart part : cover.parts()) {
          for (FurtherSeam.Way way : FurtherSeam.Way.values()) {
            tries(source, rule, part, parts.get(before + part.number() - 1), way, tried);
          }
        }
      }
      before += CutParts.of(design, List.of(source)).size();
    }
    return tried.stream()
        .filter(
            t ->
                t.cut.unplaced().size() < now.unplaced().size()
                    || t.cut.unplaced().size() == now.unplaced().size()
                        && t.cut.newSheets() < now.newSheets())
        .min(
            Comparator.comparingInt((Tried t) -> t.cut.unplaced().size())
                .thenComparingInt(t -> t.cut.newSheets())
                .thenComparingDouble(t -> -t.narrowerMm))
        .map(Tried::found);
  }

  private void tries(
      DesignCut.Source source,
      Cover rule,
      SheetPart on,
      CutParts.Part part,
      FurtherSeam.Way way,
      List<Tried> into) {
    boolean upright = way == FurtherSeam.Way.DOWN_THE_FACE;
    if (on.turnDeg() != 0
        || partsBeside(source, on, upright) > 1
        || !alike.add(new Alike(source.laid().lay().id(), way, part, meetsOthers(part)))) {
      return;
    }
    double length = upright ? part.window().widthMm() : part.window().heightMm();
    for (double at : places(part, upright, length, rule.overlapMm())) {
      double second = length - at;
      double first = at + rule.overlapMm();
      if (at < LEAST_STRIP_MM || second < LEAST_STRIP_MM) {
        continue;
      }
      DesignCut cut = cut(split(part, rule, upright, at));
      into.add(
          new Tried(
              new Found(
                  source.laid().lay().id(),
                  part.piece().faceId(),
                  new FurtherSeam(way, on.front(), onFace(source.laid(), on, upright) + at)),
              cut,
              Math.min(first, second)));
    }
  }

  private boolean meetsOthers(CutParts.Part part) {
    return parts.stream().filter(p -> p.meets() == part.meets()).count() > 1;
  }

  /** Parts of the same face that a seam through this one would part as well. */
  private static long partsBeside(DesignCut.Source source, SheetPart on, boolean upright) {
    SheetCover cover = (SheetCover) source.laid().chosen().seenFrom(on.front()).arrangement();
    return upright ? cover.rows() : cover.columns();
  }

  /** Where a part's window begins on its face, as the rule measures it. */
  private static double onFace(LayReading.Laid laid, SheetPart part, boolean upright) {
    SheetCover cover = (SheetCover) laid.chosen().arrangement();
    List<SheetPart> own = cover.parts().stream().filter(p -> p.front() == part.front()).toList();
    Item item = laid.chosen().seenFrom(part.front()).items().get(own.indexOf(part));
    Box onSheet = SheetPart.boxOf(part.shape());
    Box shown = SheetPart.boxOf(item.visibleArea());
    double zone = laid.zone().map(z -> upright ? z.at().xMm() : z.at().yMm()).orElse(0.0);
    return upright
        ? shown.leftMm() - (onSheet.leftMm() - part.cut().leftMm()) - zone
        : shown.topMm() - (onSheet.topMm() - part.cut().topMm()) - zone;
  }

  // ---- places

  private TreeSet<Double> places(
      CutParts.Part part, boolean upright, double length, double overlap) {
    TreeSet<Double> places = new TreeSet<>(OneSeamMore::apart);
    List<Double> beside = beside(part, upright);
    for (Box from : bins()) {
      double low = upright ? from.leftMm() : from.topMm();
      double high = upright ? from.rightMm() : from.bottomMm();
      double window = upright ? part.window().leftMm() : part.window().topMm();
      double begins = begins(part, upright, window, low);
      double ends = -begins(part, upright, -(window + length), -high);
      for (double taken : beside) {
        places.add(high - begins - taken - overlap);
        places.add(length - (ends - low - taken));
      }
    }
    return places;
  }

  private static int apart(double a, double b) {
    return Math.abs(a - b) < SAME_MM ? 0 : Double.compare(a, b);
  }

  /** The lengths of no, one or two other parts together. */
  private List<Double> beside(CutParts.Part part, boolean upright) {
    List<Double> lengths =
        parts.stream()
            .filter(p -> p != part)
            .map(p -> upright ? p.window().widthMm() : p.window().heightMm())
            .sorted()
            .distinct()
            .limit(MOST_BESIDE)
            .toList();
    TreeSet<Double> sums = new TreeSet<>(OneSeamMore::apart);
    sums.add(0.0);
    for (double a : lengths) {
      sums.add(a);
      lengths.forEach(b -> sums.add(a + b));
    }
    return List.copyOf(sums);
  }

  private List<Box> bins() {
    List<Box> bins = new ArrayList<>();
    leftovers.forEach(l -> bins.add(l.offcut().box()));
    bins.add(print);
    return bins;
  }

  /** The first place from there on where the part may begin. */
  private double begins(CutParts.Part part, boolean upright, double window, double from) {
    boolean free = part.meets() != NestPart.AS_TOLD;
    double repeat = upright ? repeatAcross : repeatDown;
    if (!free && Printing.isOnePicture(design)) {
      return window;
    }
    return free || repeat == 0
        ? from
        : window + repeat * Math.ceil((from - window) / repeat - 1e-9);
  }

  // ---- in two

  private List<CutParts.Part> split(CutParts.Part part, Cover rule, boolean upright, double at) {
    Box w = part.window();
    double to = at + rule.overlapMm();
    Box first =
        upright
            ? new Box(w.leftMm(), w.topMm(), Math.min(to, w.widthMm()), w.heightMm())
            : new Box(w.leftMm(), w.topMm(), w.widthMm(), Math.min(to, w.heightMm()));
    Box second =
        upright
            ? new Box(w.leftMm() + at, w.topMm(), w.widthMm() - at, w.heightMm())
            : new Box(w.leftMm(), w.topMm() + at, w.widthMm(), w.heightMm() - at);
    int apart = 1 + parts.stream().mapToInt(CutParts.Part::meets).max().orElse(0);
    List<CutParts.Part> split = new ArrayList<>(parts);
    int i = split.indexOf(part);
    split.set(i, part.showing(first, part.meets()));
    split.add(
        i + 1, part.showing(second, rule.meets() == Cover.Meets.NOWHERE ? apart : part.meets()));
    return split;
  }

  private DesignCut cut(List<CutParts.Part> split) {
    return DesignCut.ofParts(design, split, leftovers, sheets, QUICK, done -> true);
  }

  private static final CutWish QUICK =
      new CutWish(
          new NestSearch(NestSearch.Preference.LARGEST_LEFTOVER, 1, 60, 8, 0.2), 0, List.of());
}
