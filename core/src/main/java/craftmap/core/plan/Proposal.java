package craftmap.core.plan;

import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.Stencil;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Obstacles;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.border.Corners;
import craftmap.core.lay.rule.border.Frame;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.lay.rule.field.Grid;
import craftmap.core.lay.rule.field.Roller;
import craftmap.core.lay.rule.field.Scatter;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.lay.rule.single.Single;
import craftmap.core.log.Learned;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.OvalOutline;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * A first guess at a rule for a design that the artist only looks at: a stencil runs along the top
 * edge in the first height that is still free, or goes round what is round; a moulding by the
 * length frames the face; pieces for corners go into the corners.
 */
public record Proposal(LayRule rule, LayAnswer answer) {
  /** Heights that read well on a front: high, at the foot, across the middle, and their thirds. */
  private static final List<Double> HEIGHTS = List.of(0.24, 0.78, 0.5, 0.36, 0.64, 0.14, 0.88);

  private static final double TYPICAL_CHANGE = 0.15;
  private static final double SAW_MM = 3;

  /** A first guess. */
  public static Optional<Proposal> of(Face face, Design design, List<LayReading> alreadyLaid) {
    return of(face, List.of(), design, alreadyLaid, LayAnswers.NONE);
  }

  /**
   * The same with what is set into the face left out.
   *
   * @param insets what of the face belongs to faces that are set into it
   * @param answers what is known already
   */
  public static Optional<Proposal> of(
      Face face,
      List<Geometry> insets,
      Design design,
      List<LayReading> alreadyLaid,
      LayAnswers answers) {
    return ruleFor(face, design, alreadyLaid)
        .map(rule -> new Proposal(rule, answer(rule, face, insets, design, answers)));
  }

  /** Its rule alone, for what is laid now and answered when it is read. */
  public static Optional<LayRule> ruleFor(Face face, Design design, List<LayReading> alreadyLaid) {
    return RuleKind.suiting(design).stream()
        .findFirst()
        .map(kind -> rule(kind, face, design, alreadyLaid));
  }

  private static LayAnswer answer(
      LayRule rule, Face face, List<Geometry> insets, Design design, LayAnswers answers) {
    return answers.of(
        LayAnswers.Asked.alone(rule, face, insets, design),
        () -> rule.lay(new Laying(Room.on(face, design.kind(), insets), design)));
  }

  /** What the best of its options takes. */
  public Needs takes(Face face, Design design) {
    LayOption best = ((LayAnswer.Options) answer).best();
    Lay lay =
        Lay.fresh(
            "tried", face.id(), Optional.of(design.id()), rule, new Lay.Pot(Optional.empty(), 1));
    return NeedsOfLay.of(
        lay,
        design,
        best,
        face,
        List.of(best.items()),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        0,
        Learned.NONE);
  }

  /** A rule of a kind, with measures that suit the design and the face. */
  public static LayRule ofKind(
      RuleKind kind, Face face, Design design, List<LayReading> alreadyLaid) {
    double gap = gap(design);
    double down = gapDown(design);
    double w = face.outline().widthMm();
    double h = face.outline().heightMm();
    double half = design.printHeightMm() / 2;
    return switch (kind) {
      case RUN -> run(face, design, alreadyLaid);
      case RING -> ring(face, design, gap, half);
      case BORDER ->
          new craftmap.core.lay.rule.border.Border(margin(w, h), new RunWish(gap, 0, 0.25));
      case GRID ->
          new Grid(
              design instanceof Dots ? Grid.Pattern.BRICK : Grid.Pattern.HALF_DROP,
              new RunWish(gap, 0, TYPICAL_CHANGE),
              down,
              Grid.Quarter.NOT_TURNED,
              Grid.Cut.CUT_AT_THE_EDGE);
      case SINGLE -> new Single(Optional.empty(), 0, false, 1, false);
      case CORNERS -> new Corners(margin(w, h), Corners.Which.ALL);
      case SCATTER ->
          new Scatter(
              gap,
              Scatter.Amount.UNTIL_FULL,
              40,
              4,
              design instanceof Dots ? Scatter.Turning.AS_DRAWN : Scatter.Turning.ANY_WAY,
              1);
      case ROLLER -> new Roller(Roller.Direction.DOWN, 0);
      case FRAME -> new Frame(0, SAW_MM);
      case LINE ->
          RuleKind.LINE.read(
              new craftmap.core.measure.MeasureSheet(
                  java.util.Map.of("gap", gap, "margin", gap / 2), java.util.Map.of()),
              List.of(new Point(w * 0.12, h * 0.62), new Point(w * 0.88, h * 0.38)),
              "");
      case ACROSS ->
          read(
              kind,
              java.util.Map.of(
                  "allowance", design instanceof Transfer ? Across.TYPICAL_ALLOWANCE_MM : 4.0));
      case COVER -> read(kind, java.util.Map.of());
      case WRAP -> read(kind, java.util.Map.of());
      case COLLAGE -> read(kind, java.util.Map.of("margin", margin(w, h)));
      case STRIPS -> read(kind, java.util.Map.of("share", covered(design)));
      case PAGES -> read(kind, java.util.Map.of("width", enlarged(design, w, h)));
      case WHOLE_FACE -> read(kind, java.util.Map.of());
      case LETTERING ->
          RuleKind.LETTERING.read(
              new craftmap.core.measure.MeasureSheet(
                  java.util.Map.of("size", Math.round(w * 0.6) + 0.0), java.util.Map.of()),
              List.of(),
              "Welcome");
    };
  }

  private static LayRule read(RuleKind kind, java.util.Map<String, Double> measures) {
    return kind.read(new MeasureSheet(measures, java.util.Map.of()), List.of(), "");
  }

  /** Broken foil covers about two thirds. */
  private static double covered(Design design) {
    return design instanceof FoilRoll f && f.coverage() == FoilRoll.Coverage.BROKEN ? 65 : 100;
  }

  /** Most of the face, as far as the image may be enlarged. */
  private static double enlarged(Design design, double w, double h) {
    if (!(design instanceof EnlargedImage image)) {
      return w;
    }
    double fits = 0.8 * Math.min(w / image.printWidthMm(), h / image.printHeightMm());
    return Math.rint(
        image.printWidthMm() * Math.clamp(fits, image.smallestScale(), image.largestScale()));
  }

  private static LayRule rule(
      RuleKind likeliest, Face face, Design design, List<LayReading> alreadyLaid) {
    boolean round = face.outline() instanceof OvalOutline || face.outline().wraps();
    boolean takesRings = RuleKind.suiting(design).contains(RuleKind.RING);
    boolean piece = design instanceof Moulding || design instanceof Mould;
    boolean forCorners =
        design instanceof Moulding m
            && (m.quarters() || m.form() == Moulding.Form.HANDED_PAIR)
            && !round;
    RuleKind kind =
        face.outline().wraps() && RuleKind.suiting(design).contains(RuleKind.WRAP)
            ? RuleKind.WRAP
            : forCorners
                ? RuleKind.CORNERS
                : round && takesRings && !piece
                    ? RuleKind.RING
                    : likeliest == RuleKind.RING && !round ? RuleKind.SCATTER : likeliest;
    return ofKind(kind, face, design, alreadyLaid);
  }

  private static Ring ring(Face face, Design design, double gap, double half) {
    boolean wall = face.outline().wraps();
    double in = half + Math.max(10, design.printHeightMm() * 0.3);
    return new Ring(
        wall ? Ring.Around.WALL : Ring.Around.RIM,
        wall ? Math.max(in, face.outline().heightMm() * 0.2) : in,
        new Point(0, 0),
        0,
        new RunWish(gap, 0, TYPICAL_CHANGE),
        1,
        design.printHeightMm() + gap,
        false,
        Ring.Look.OUTWARD,
        0,
        false);
  }

  private static double margin(double w, double h) {
    return Math.clamp(Math.min(w, h) / 18, 8, 40);
  }

  /** As its register marks have it, else as it was drawn. */
  private static double gap(Design design) {
    return switch (design) {
      case Stencil s when s.registerPitchMm() >= s.printWidthMm() ->
          s.registerPitchMm() - s.printWidthMm();
      case StencilDesign stencil -> stencil.naturalGapMm();
      case Dots dots -> dots.gapMm();
      case Transfer _,
          Napkin _,
          Paper _,
          CutOut _,
          FoilRoll _,
          Moulding _,
          Mould _,
          Texture _,
          PlasterFabric _,
          FilmRoll _,
          EnlargedImage _,
          PaintedZone _ ->
          Math.max(10, design.printWidthMm() * 0.4);
    };
  }

  /** From row to row; where no marks tell, as from motif to motif. */
  private static double gapDown(Design design) {
    return design instanceof Stencil s && s.registerDownMm() >= s.printHeightMm()
        ? s.registerDownMm() - s.printHeightMm()
        : gap(design);
  }

  private static Run run(Face face, Design design, List<LayReading> alreadyLaid) {
    double height = face.outline().heightMm();
    double half = design.printHeightMm() / 2;
    double width = face.outline().widthMm();
    double distance = half;
    for (double share : HEIGHTS) {
      double wanted = Math.clamp(share * height, half, Math.max(half, height - half));
      Box strip = new Box(0, wanted - half, width, 2 * half);
      if (isFree(strip, face, design.kind(), alreadyLaid)) {
        distance = wanted;
        break;
      }
    }
    double gap = gap(design);
    return new Run(
        new EdgeLine(Edge.TOP, distance, 0, 0), new RunWish(gap, gap / 2, TYPICAL_CHANGE), false);
  }

  private static boolean isFree(
      Box strip, Face face, DesignKind kind, List<LayReading> alreadyLaid) {
    return !Obstacles.on(face, kind).hit(strip)
        && alreadyLaid.stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .flatMap(l -> l.items().stream())
            .noneMatch(i -> i.visible().overlaps(strip, 0));
  }
}
