package craftmap.core.lay.rule;

import craftmap.core.design.Design;
import craftmap.core.lay.rule.border.Border;
import craftmap.core.lay.rule.border.Corners;
import craftmap.core.lay.rule.border.Frame;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.Wrap;
import craftmap.core.lay.rule.field.Grid;
import craftmap.core.lay.rule.field.Roller;
import craftmap.core.lay.rule.field.Scatter;
import craftmap.core.lay.rule.pieces.Collage;
import craftmap.core.lay.rule.pieces.Strips;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.single.Lettering;
import craftmap.core.lay.rule.single.Pages;
import craftmap.core.lay.rule.single.Single;
import craftmap.core.lay.rule.single.WholeFace;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The kinds of rule, each asking for its own measures. */
public enum RuleKind {
  RUN,
  LINE,
  RING,
  BORDER,
  GRID,
  SINGLE,
  CORNERS,
  SCATTER,
  ROLLER,
  FRAME,
  LETTERING,
  ACROSS,
  COVER,
  WRAP,
  COLLAGE,
  STRIPS,
  PAGES,
  WHOLE_FACE;

  /**
   * The rule that the measures on the sheet make.
   *
   * @param points for a drawn line; others need none
   * @param text the words of lettering, or the names of what a picture loses; others need none
   */
  public LayRule read(MeasureSheet sheet, List<Point> points, String text) {
    return sheet.make(() -> made(sheet, points, text));
  }

  private LayRule made(MeasureSheet sheet, List<Point> points, String text) {
    return switch (this) {
      case RUN -> Run.alongEdge(sheet);
      case LINE -> Run.alongPoints(sheet, points);
      case RING -> Ring.read(sheet);
      case BORDER -> Border.read(sheet);
      case GRID -> Grid.read(sheet);
      case SINGLE -> Single.read(sheet);
      case CORNERS -> Corners.read(sheet);
      case SCATTER -> Scatter.read(sheet);
      case ROLLER -> Roller.read(sheet);
      case FRAME -> Frame.read(sheet);
      case LETTERING -> Lettering.read(sheet, text);
      case ACROSS -> Across.read(sheet, text);
      case COVER -> Cover.read(sheet);
      case WRAP -> Wrap.read(sheet);
      case COLLAGE -> Collage.read(sheet);
      case STRIPS -> Strips.read(sheet);
      case PAGES -> Pages.read(sheet);
      case WHOLE_FACE -> WholeFace.read(sheet);
    };
  }

  /** Whether the rule lays a design of the shelf; lettering brings its own. */
  public boolean needsDesign() {
    return this != LETTERING;
  }

  /** The way of what was put by hand; none where nothing is put as a whole. */
  public Optional<Way> byHand() {
    return switch (this) {
      case SINGLE, LETTERING -> Optional.of(Way.Alone.STAND_PLACED);
      case ACROSS -> Optional.of(Way.OverFaces.ACROSS_PLACED);
      case RUN,
          LINE,
          RING,
          BORDER,
          GRID,
          CORNERS,
          SCATTER,
          ROLLER,
          FRAME,
          COVER,
          WRAP,
          COLLAGE,
          STRIPS,
          PAGES,
          WHOLE_FACE ->
          Optional.empty();
    };
  }

  /** Whether one lay may go over several faces. */
  public boolean goesOverFaces() {
    return this == ACROSS || this == COVER;
  }

  /** Questions whose answer changes nothing for a design: they need not be asked. */
  public Set<String> idle(Design design) {
    return Suits.idle(this, design);
  }

  /** The same for a design on so many faces: on one there is no asking on which. */
  public Set<String> idle(Design design, int faces) {
    Set<String> idle = new HashSet<>(idle(design));
    if (faces == 1) {
      idle.add("seamFace");
    }
    return idle;
  }

  /** The rules that suit a design, the likeliest first. */
  public static List<RuleKind> suiting(Design design) {
    return Suits.rules(design);
  }
}
