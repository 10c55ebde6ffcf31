package craftmap.core.sum;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Direction;
import craftmap.core.design.Rights;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.Outline;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Bare faces and plain rectangles to lay on them. */
final class Bare {
  /** How far something goes in from an edge, or over one. */
  static final LengthRange RIM = LengthRange.DISTANCE.upTo(200);

  private Bare() {}

  static Room room(Outline outline) {
    return Room.on(
        new Face(
            "face",
            "Face",
            outline,
            MakeUp.WOOD,
            Finish.PAINTED,
            new Colour("#FFFFFF"),
            Set.of(),
            0,
            Relief.FLAT,
            Marks.NONE),
        DesignKind.PAPER);
  }

  /** It may lie any way up. */
  static Design rectangle(double widthMm, double heightMm) {
    return DesignKind.PAPER.read(
        CARD,
        new MeasureSheet(
            Map.of("width", widthMm, "height", heightMm),
            Map.of("direction", Direction.ANY_WAY.name())),
        Optional.empty());
  }

  static Design roll(double widthMm, double overlapMm) {
    return DesignKind.FOIL.read(
        CARD,
        new MeasureSheet(Map.of("width", widthMm, "overlap", overlapMm), Map.of()),
        Optional.empty());
  }

  private static final Card CARD = new Card("bare", "Bare", "motif", "", Rights.MAY_BE_SOLD);

  static Sketch drawn(Outline face, LayOption option) {
    Sketch.Pencil pencil = new Sketch.Pencil().area(Sketch.StandsFor.GROUND, face.region());
    for (Item item : option.items()) {
      pencil.area(
          item.isWhole() ? Sketch.StandsFor.MOTIF : Sketch.StandsFor.PART, item.visibleArea());
    }
    return pencil.done();
  }

  static boolean isShort(double mm, double ofMm) {
    return Tolerance.EXACT.greater(ofMm, mm);
  }
}
