package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.Hole;
import craftmap.core.surface.Marks;
import java.util.List;

/**
 * What is screwed onto a front.
 *
 * @param spacingMm from hole to hole; nothing where there is one, or where two knobs share the
 *     front's width
 */
record Hardware(Kind kind, double spacingMm) {
  private static final double HOLE_MM = 5;
  private static final double USUAL_PULL_MM = 96;

  enum Kind {
    NONE,
    KNOB,
    TWO_KNOBS,
    PULL
  }

  static Hardware read(MeasureSheet sheet, Kind typical) {
    Kind kind = sheet.choice("hardware", "hardware-on-each-front", typical);
    double spacing =
        kind == Kind.PULL
            ? sheet.size("pull", "pull-hole-to-hole", USUAL_PULL_MM)
            : kind == Kind.TWO_KNOBS
                ? sheet.distance("knobs", "knob-to-knob-0-for-half-the-front", 0)
                : 0;
    return new Hardware(kind, spacing);
  }

  /** The holes it needs, at a place of a front of this width. */
  Marks at(Point middle, double frontWidthMm) {
    return switch (kind) {
      case NONE -> Marks.NONE;
      case KNOB -> Marks.ofHoles(List.of(Hole.single("knob", "Knob", middle, HOLE_MM)));
      case TWO_KNOBS ->
          Marks.ofHoles(
              List.of(
                  new Hole(
                      "knobs",
                      "Knobs",
                      middle,
                      HOLE_MM,
                      2,
                      spacingMm > 0 ? spacingMm : frontWidthMm / 2,
                      false)));
      case PULL ->
          Marks.ofHoles(List.of(new Hole("pull", "Pull", middle, HOLE_MM, 2, spacingMm, false)));
    };
  }
}
