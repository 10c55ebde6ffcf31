package craftmap.core.finding;

import craftmap.core.design.CustomCut;
import craftmap.core.design.Moulding;
import craftmap.core.design.NamedPart;
import craftmap.core.lay.BreakCrossing;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.Overhang;
import craftmap.core.lay.rule.Apart;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.lay.sheet.Steps;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.Edge;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/** What to look out for on a lay. */
public final class LayFindings {
  private static final double TOUCHES_MM = 0.5;

  private final TapeDivision tape;
  private final About about;
  private final List<Finding> found = new ArrayList<>();

  private LayFindings(TapeDivision tape, About about) {
    this.tape = tape;
    this.about = about;
  }

  /**
   * All that lies in the plan itself.
   *
   * @param tape with which it is set out: what it cannot tell from touching touches
   */
  public static List<Finding> of(Face face, LayReading.Laid laid, TapeDivision tape) {
    LayFindings findings = new LayFindings(tape, new About.OfLay(face.id(), laid.lay().id()));
    findings.look(face, laid);
    return List.copyOf(findings.found);
  }

  private void look(Face face, LayReading.Laid laid) {
    var arrangement = laid.chosen().arrangement();
    boolean cut =
        arrangement instanceof SheetWork
            || arrangement instanceof RollStrips
            || arrangement instanceof ZoneArea;
    laid.clearances().forEach(c -> clearance(c, cut));
    laid.crossings().forEach(c -> crossing(c, laid));
    cutAtSteps(face, laid);
    overhangs(face, laid);
    int lost = laid.chosen().items().size() - laid.items().size();
    if (lost > 0) {
      add(FindingRule.COPIES_OFF_FACE, Level.RISK, new Figure.Count(lost));
    }
    if (arrangement instanceof CornerSet || isOpenBorder(arrangement)) {
      int pairs = Apart.overlaps(laid.items());
      if (pairs > 0) {
        add(FindingRule.COPIES_ON_EACH_OTHER, Level.RISK, new Figure.Count(pairs));
      }
    }
    if (arrangement instanceof Wording words) {
      words(words, laid);
    }
    if (arrangement instanceof FrameSides frame && laid.design() instanceof Moulding moulding) {
      frame(frame, moulding);
    }
    laid.lay()
        .pieces()
        .part()
        .filter(p -> p.edge() == NamedPart.PartEdge.TORN)
        .ifPresent(p -> add(FindingRule.TORN_EDGE, Level.FINE, new Figure.Length(p.borderMm())));
    found.addAll(SheetFindings.of(face, laid));
    if (laid.design() instanceof Moulding m) {
      add(FindingRule.MOULDING_GLUE, Level.FINE, new Figure.One(m.flexibility().glue()));
    }
  }

  /** One whose copies are not cut along a mitre so that they meet. */
  private static boolean isOpenBorder(Arrangement arrangement) {
    return arrangement instanceof BorderSides b && !b.way().isMitred();
  }

  /** What reaches over an edge, but where the rule is made to. */
  private void overhangs(Face face, LayReading.Laid laid) {
    Set<Edge> edges =
        switch (laid.chosen().arrangement()) {
          case RunRow row when laid.lay().rule() instanceof Run run && row.way().runsOff() ->
              run.line() instanceof EdgeLine line
                  ? EnumSet.copyOf(
                      line.edge().isLevel()
                          ? List.of(Edge.TOP, Edge.BOTTOM)
                          : List.of(Edge.LEFT, Edge.RIGHT))
                  : EnumSet.noneOf(Edge.class);
          case RunRow _, RingRows _, BorderSides _, CornerSet _, Stand _, Scattering _, Wording _ ->
              EnumSet.allOf(Edge.class);
          case GridPattern _,
              FrameSides _,
              AcrossFronts _,
              SheetCover _,
              Wrapping _,
              RollerStrips _,
              CollageSet _,
              RollStrips _,
              PageSet _,
              ZoneArea _ ->
              EnumSet.noneOf(Edge.class);
        };
    if (!edges.isEmpty() && tape.divisionsIn(laid.overInsetsMm()) > 0) {
      add(FindingRule.OVER_THE_INSET, Level.TIP, new Figure.Length(laid.overInsetsMm()));
    }
    boolean hangs = laid.design().hangsOver();
    for (Overhang over : Overhang.of(face.outline(), laid.items(), edges)) {
      if (tape.divisionsIn(over.byMm()) > 0) {
        Figure by = new Figure.Length(over.byMm());
        FindingRule rule = hangs ? FindingRule.HANGS_OVER : FindingRule.RUNS_OFF;
        over.edge()
            .ifPresentOrElse(
                e -> add(rule, Level.TIP, by, new Figure.One(e)), () -> add(rule, Level.TIP, by));
      }
    }
  }

  private void add(FindingRule rule, Level level, Figure... figures) {
    found.add(Finding.of(rule, level, about, figures));
  }

  private void words(Wording words, LayReading.Laid laid) {
    if (words.islands() > 0) {
      add(
          FindingRule.LETTERS_BRIDGED,
          Level.FINE,
          new Figure.Count(words.islands()),
          new Figure.Count(words.bridges().size()));
    }
    if (!words.thin().isEmpty()) {
      add(
          FindingRule.LETTERS_THIN,
          Level.RISK,
          new Figure.Count(words.thin().size()),
          new Figure.FineLength(((CustomCut) laid.design()).leastBridgeMm()));
    }
  }

  private void frame(FrameSides frame, Moulding moulding) {
    Figure radius = new Figure.Length(frame.bendRadiusMm());
    if (frame.bendRadiusMm() > 0 && !frame.bends()) {
      // what takes no bend at all has no radius to name
      moulding
          .leastBendRadiusMm()
          .ifPresentOrElse(
              least ->
                  add(FindingRule.BEND_TOO_TIGHT, Level.STOP, radius, new Figure.Length(least)),
              () -> add(FindingRule.BEND_TOO_TIGHT, Level.STOP, radius));
    } else if (frame.bendRadiusMm() > 0) {
      boolean heat = moulding.flexibility() == Moulding.Flexibility.BENDS_WITH_HEAT;
      add(
          heat ? FindingRule.BEND_WITH_HEAT : FindingRule.BEND_FINE,
          heat ? Level.RISK : Level.FINE,
          radius);
    } else if (frame.cutting().joined() > 0) {
      add(FindingRule.LENGTH_JOINED, Level.TIP, new Figure.Count(frame.cutting().joined()));
    }
  }

  /** Sheets are cut round what they meet; a print is not. */
  private void clearance(Clearance clearance, boolean cut) {
    Figure name = new Figure.Named(clearance.keepOut().name());
    switch (clearance) {
      case Clearance.Clear clear -> {
        if (cut && clear.byMm() < TOUCHES_MM) {
          add(FindingRule.KEEP_OUT_CUT_ROUND, Level.FINE, name);
        } else if (!Double.isFinite(clear.byMm())) {
          add(FindingRule.KEEP_OUT_FAR, Level.FINE, name);
        } else if (tape.divisionsIn(clear.byMm()) == 0) {
          add(FindingRule.KEEP_OUT_TOUCHED, Level.RISK, name);
        } else {
          add(FindingRule.KEEP_OUT_CLEAR, Level.FINE, name, new Figure.Length(clear.byMm()));
        }
      }
      case Clearance.Lands lands -> {
        if (cut) {
          add(FindingRule.KEEP_OUT_CUT_ROUND, Level.FINE, name);
        } else {
          add(FindingRule.KEEP_OUT_HIT, Level.STOP, name, new Figure.Count(lands.items()));
        }
      }
    }
  }

  /** Steps at which what is laid is cut; no part lies across them any more. */
  private void cutAtSteps(Face face, LayReading.Laid laid) {
    if (laid.chosen().arrangement() instanceof AcrossFronts) {
      face.marks().breaks().stream()
          .filter(b -> Steps.cuts(b, laid.design()))
          .filter(b -> laid.items().stream().anyMatch(i -> Steps.reaches(i, b)))
          .forEach(
              b ->
                  add(
                      FindingRule.BREAK_CUT,
                      Level.FINE,
                      new Figure.Named(b.name()),
                      new Figure.Length(b.stepMm())));
    }
  }

  /** What falls into a gap, or has to go round a step. */
  private void crossing(BreakCrossing crossing, LayReading.Laid laid) {
    Figure name = new Figure.Named(crossing.broken().name());
    boolean one = crossing.items().size() == 1;
    add(
        one ? FindingRule.BREAK_CROSSED_ONCE : FindingRule.BREAK_CROSSED,
        Level.RISK,
        name,
        new Figure.Count(one ? crossing.items().getFirst() : crossing.items().size()));
    if (Tolerance.EXACT.greater(crossing.lostMm2(), 0)) {
      add(FindingRule.BREAK_SWALLOWS, Level.RISK, name, new Figure.Area(crossing.lostMm2()));
    }
    boolean eased = !Steps.cuts(crossing.broken(), laid.design());
    if (crossing.broken().stepMm() > 0 && eased) {
      add(FindingRule.BREAK_STEP, Level.RISK, name, new Figure.Length(crossing.broken().stepMm()));
    }
  }

  /** What lies free on the shelf of a design, as far as a piece may count on it. */
  public interface FreeStock {
    boolean covers(Pool pool);

    double quantity();

    int left();

    int right();

    /** As people say it; nothing free is said so. */
    String text();
  }

  /**
   * What is used up is set against what lies free on the shelf.
   *
   * @param shelf asked only where any is used up
   */
  public static Optional<Finding> againstTheShelf(
      Face face, LayReading.Laid laid, Optional<Pool> pool, Supplier<FreeStock> shelf) {
    double wanted = laid.takes().offTheShelf(laid.design());
    if (wanted == 0) {
      return Optional.empty();
    }
    FreeStock free = shelf.get();
    About about = new About.OfLay(face.id(), laid.lay().id());
    boolean covers =
        pool.map(free::covers).orElse(wanted <= free.quantity() + Tolerance.EXACT.lengthMm());
    if (!covers && pool.map(Pool::isHanded).orElse(false)) {
      return Optional.of(
          Finding.of(
              FindingRule.STOCK_SHORT_OF_HAND,
              Level.RISK,
              about,
              new Figure.Count(pool.get().left()),
              new Figure.Count(pool.get().right()),
              new Figure.Count(free.left()),
              new Figure.Count(free.right())));
    }
    boolean together = pool.map(Pool::isShared).orElse(false);
    FindingRule rule =
        covers
            ? together ? FindingRule.STOCK_ENOUGH_TOGETHER : FindingRule.STOCK_ENOUGH
            : together ? FindingRule.STOCK_SHORT_TOGETHER : FindingRule.STOCK_SHORT;
    return Optional.of(
        Finding.of(rule, covers ? Level.FINE : Level.RISK, about, new Figure.Named(free.text())));
  }
}
