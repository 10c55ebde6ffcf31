package craftmap.core.finding;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.single.Lettering;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.edit.Editing;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plane.Box;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * What would mend what was found on a lay. Every way is tried as if it were taken: the plan is
 * changed and the lay worked out again. A mend is one by which the finding is gone and nothing that
 * stops or is a risk has come in its place.
 */
public final class Mends {
  private static final int MOST_OPTIONS = 24;
  private static final int MOST = 4;

  /** A band that is moved stays this many divisions of the tape clear of what it was moved from. */
  private static final int DIVISIONS_CLEAR = 2;

  private static final double LARGEST = 3;
  private static final double LARGER_BY = 0.05;

  private final Plan plan;
  private final Lay lay;
  private final Face face;
  private final TapeDivision tape;
  private final Editing editing;

  private Mends(Plan plan, Lay lay, Face face, TapeDivision tape, Editing editing) {
    this.plan = plan;
    this.lay = lay;
    this.face = face;
    this.tape = tape;
    this.editing = editing;
  }

  /** Where a mend is looked for. */
  private enum Means {
    LINE_OR_OPTIONS,
    OPTIONS,
    MEASURED_PLACES,
    LETTER_SIZE,
    NONE
  }

  /** Whether some way may mend it; of the others nobody need ask. */
  public static boolean mayBeMended(FindingRule rule) {
    return means(rule) != Means.NONE;
  }

  private static Means means(FindingRule rule) {
    return switch (rule) {
      case KEEP_OUT_TOUCHED,
          KEEP_OUT_HIT,
          BREAK_CROSSED,
          BREAK_CROSSED_ONCE,
          BREAK_SWALLOWS,
          BREAK_STEP,
          RUNS_OFF ->
          Means.LINE_OR_OPTIONS;
      case COPIES_ON_EACH_OTHER, PARTS_SPOILT, GROUND_BARE, SEAM_OUT_OF_STEP, SEAM_IN_SIGHT ->
          Means.OPTIONS;
      case COPIES_OFF_FACE -> Means.MEASURED_PLACES;
      case LETTERS_THIN -> Means.LETTER_SIZE;
      case BREAK_CUT,
          KEEP_OUT_FAR,
          KEEP_OUT_CLEAR,
          KEEP_OUT_CUT_ROUND,
          KEEP_OUT_STRAY,
          BLEMISH_COVERED,
          BLEMISH_PART,
          BLEMISH_BARE,
          LETTERS_BRIDGED,
          BEND_TOO_TIGHT,
          BEND_WITH_HEAT,
          BEND_FINE,
          LENGTH_JOINED,
          MOULDING_GLUE,
          PARTS_WHOLE,
          PICTURE_THROUGH,
          PICTURE_CLOSED_UP,
          PICTURE_JOINTS,
          PICTURE_SHOWN,
          SEAM_JOIN,
          SEAM_MEETS,
          SEAM_MEETS_ACROSS,
          SEAM_MISS_BEHIND,
          STRIPS_SAG,
          COLLAGE_COVERS,
          THIN_FINE,
          THIN_OVER_GROUND,
          DOME_FITS,
          DOME_TOO_LARGE,
          INK_SEAL,
          PLIES,
          FOIL_ON_SIZE,
          DATUM_DEPARTS,
          DIAGONALS,
          SHEET_SHARED,
          STOCK_ENOUGH,
          STOCK_ENOUGH_TOGETHER,
          STOCK_SHORT,
          STOCK_SHORT_TOGETHER,
          STOCK_SHORT_OF_HAND,
          POT_UNNAMED,
          POT_OTHER,
          POT_ENOUGH,
          POT_SHORT,
          TRANSFER_SEAL,
          TORN_EDGE,
          HANGS_OVER,
          OVER_THE_INSET,
          RIGHTS ->
          Means.NONE;
    };
  }

  /**
   * The ways to be rid of all findings by a rule, those that change least first.
   *
   * @return none where nothing at hand mends it, or where it is not found
   */
  public static List<Mend> of(
      Plan plan, Lay lay, Face face, FindingRule rule, TapeDivision tape, Editing editing) {
    return new Mends(plan, lay, face, tape, editing).of(rule);
  }

  private List<Mend> of(FindingRule rule) {
    Optional<LayReading.Laid> laid = read(plan);
    if (laid.isEmpty()) {
      return List.of();
    }
    Map<FindingRule, Integer> now = bad(laid.get());
    if (!now.containsKey(rule)) {
      return List.of();
    }
    return candidates(rule, laid.get()).filter(m -> mends(m, rule, now)).limit(MOST).toList();
  }

  private Stream<Mend> candidates(FindingRule rule, LayReading.Laid laid) {
    return switch (means(rule)) {
      case LINE_OR_OPTIONS -> Stream.concat(lines(laid).stream(), options(laid));
      case OPTIONS -> options(laid);
      case MEASURED_PLACES -> Stream.of(new Mend.MeasuredPlaces(lay.id()));
      case LETTER_SIZE -> sizes().stream();
      case NONE -> Stream.empty();
    };
  }

  private Stream<Mend> options(LayReading.Laid laid) {
    return laid.options().stream()
        .filter(o -> o != laid.chosen())
        .limit(MOST_OPTIONS)
        .map((LayOption o) -> new Mend.OtherOption(lay.id(), o));
  }

  /** Distances at which a line along an edge runs just before, or just behind, what is marked. */
  private List<Mend> lines(LayReading.Laid laid) {
    if (!(lay.rule() instanceof Run run) || !(run.line() instanceof EdgeLine line)) {
      return List.of();
    }
    double half = tallMm(laid, line) / 2 + DIVISIONS_CLEAR * tape.mm();
    double reach = line.reachOn(face.outline());
    List<Double> distances = new ArrayList<>();
    double tallest = tallMm(laid, line);
    if (tallest <= reach) {
      distances.add(Math.ceil(tallest / 2 / tape.mm()) * tape.mm());
      distances.add(Math.floor((reach - tallest / 2) / tape.mm()) * tape.mm());
    }
    for (Envelope marked : marked()) {
      double before = before(marked, line);
      double behind = before + (line.edge().isLevel() ? marked.getHeight() : marked.getWidth());
      distances.add(Math.floor((before - half) / tape.mm()) * tape.mm());
      distances.add(Math.ceil((behind + half) / tape.mm()) * tape.mm());
    }
    return distances.stream()
        .filter(d -> d > 0 && d < reach)
        .distinct()
        .sorted(Comparator.comparingDouble(d -> Math.abs(d - line.distanceMm())))
        .map((Double d) -> (Mend) new Mend.MoveLine(lay.id(), d))
        .toList();
  }

  /** How far from the line's edge something begins. */
  private double before(Envelope marked, EdgeLine line) {
    return switch (line.edge()) {
      case TOP -> marked.getMinY();
      case BOTTOM -> face.outline().heightMm() - marked.getMaxY();
      case LEFT -> marked.getMinX();
      case RIGHT -> face.outline().widthMm() - marked.getMaxX();
    };
  }

  private static double tallMm(LayReading.Laid laid, EdgeLine line) {
    return laid.items().stream()
        .map(i -> i.box().around())
        .mapToDouble((Box b) -> line.edge().isLevel() ? b.heightMm() : b.widthMm())
        .max()
        .orElse(0);
  }

  private List<Envelope> marked() {
    List<Envelope> all = new ArrayList<>();
    for (KeepOut k : face.keepOuts()) {
      all.add(k.area().on(face.outline()).getEnvelopeInternal());
    }
    for (Break b : face.marks().breaks()) {
      Envelope e = new Envelope(b.from().xMm(), b.to().xMm(), b.from().yMm(), b.to().yMm());
      e.expandBy(b.widthMm() / 2);
      all.add(e);
    }
    return all;
  }

  /** Ever larger letters: thin strokes grow with them. */
  private List<Mend> sizes() {
    if (!(lay.rule() instanceof Lettering)) {
      return List.of();
    }
    double now = lay.rule().note().measures().getOrDefault(Mend.LetterSize.KEY, 0.0);
    List<Mend> all = new ArrayList<>();
    for (double k = 1 + LARGER_BY; k <= LARGEST; k += LARGER_BY) {
      all.add(new Mend.LetterSize(lay.id(), Math.ceil(now * k / tape.mm()) * tape.mm()));
    }
    return all;
  }

  private boolean mends(Mend mend, FindingRule rule, Map<FindingRule, Integer> now) {
    Plan changed = PlanEdit.all(plan, mend.edits(), editing).plan();
    return read(changed)
        .map(this::bad)
        .filter(then -> !then.containsKey(rule))
        .filter(
            then ->
                then.entrySet().stream()
                    .allMatch(e -> e.getValue() <= now.getOrDefault(e.getKey(), 0)))
        .isPresent();
  }

  private Optional<LayReading.Laid> read(Plan of) {
    PlanReader reader = editing.reader();
    return of.lay(lay.id())
        .filter(
            l -> of.faces().stream().map(PlanFace::face).anyMatch(f -> f.id().equals(face.id())))
        .flatMap(l -> reader.of(l, of, face.id()))
        .filter(LayReading.Laid.class::isInstance)
        .map(LayReading.Laid.class::cast);
  }

  /** What stops, or is a risk or a pity, by its rule and how often. */
  private Map<FindingRule, Integer> bad(LayReading.Laid laid) {
    Map<FindingRule, Integer> all = new EnumMap<>(FindingRule.class);
    for (Finding finding : LayFindings.of(face, laid, tape)) {
      if (finding.level() != Level.FINE) {
        all.merge(finding.rule(), 1, Integer::sum);
      }
    }
    return all;
  }
}
