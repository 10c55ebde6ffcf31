package craftmap.core.form;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;

/**
 * A folding screen: panels hinged side by side, each with insets over each other.
 *
 * @param footMm how far the panels stand on feet over the floor
 */
public record ScreenForm(
    int panels,
    double widthMm,
    double heightMm,
    int insets,
    double railMm,
    double gapMm,
    double footMm)
    implements Form {
  /** How far a standing screen's panels turn to and fro. */
  private static final double FOLD_RAD = Math.toRadians(22);

  public ScreenForm {
    if (insets > 0 && (!(2 * railMm < widthMm) || !((insets + 1) * railMm < heightMm))) {
      throw new RefusedInput(
          "rail-round-the-insets",
          mm(railMm),
          said("leaves-no-inset"),
          said("a-narrower-rail-or-fewer-insets"));
    }
  }

  static ScreenForm read(MeasureSheet sheet) {
    int panels = sheet.count("panels", "panels", 3, 1, 12);
    double width = sheet.size("width", "width-of-a-panel", 400);
    double height = sheet.size("height", "height-of-a-panel", 1650);
    int insets = sheet.count("insets", "insets-in-each-panel", 1, 0, 4);
    double rail = insets > 0 ? sheet.size("rail", "rail-round-the-insets", 40) : 0;
    return new ScreenForm(
        panels,
        width,
        height,
        insets,
        rail,
        sheet.length("gap", "gap-at-the-hinges", 4, LengthRange.DISTANCE.upTo(100)),
        sheet.distance("foot", "feet-under-the-panels", 50));
  }

  @Override
  public FormFaces faces() {
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("panels"));
    double x = 0;
    Vec at = new Vec(0, footMm + heightMm, 0);
    for (int i = 1; i <= panels; i++) {
      double turn = i % 2 == 1 ? FOLD_RAD : -FOLD_RAD;
      Vec along = panels == 1 ? Vec.RIGHT : new Vec(Math.cos(turn), 0, -Math.sin(turn));
      Pose.Flat pose = new Pose.Flat(at, along, Vec.DOWN);
      FormFace panel =
          FormFace.of("panel-" + i, "Panel " + i, new RectangleOutline(widthMm, heightMm), pose)
              .in("panels", x, 0)
              .comesOffAs("Panel " + i);
      out.face(panel);
      double wide = widthMm - 2 * railMm;
      double high = (heightMm - (insets + 1) * railMm) / Math.max(1, insets);
      for (int n = 1; n <= insets; n++) {
        double y = railMm + (n - 1) * (high + railMm);
        String name = insets == 1 ? "inset" : "inset " + n;
        out.face(
            FormFace.of(
                    "panel-" + i + "-inset-" + n,
                    "Panel " + i + ", " + name,
                    new RectangleOutline(wide, high),
                    pose.from(railMm, y))
                .setInto(panel, railMm, y));
      }
      if (i > 1) {
        out.join(
            new Join("panel-" + (i - 1), Side.Name.RIGHT, "panel-" + i, Side.Name.LEFT, gapMm));
      }
      x += widthMm + gapMm;
      at = at.plus(along.times(widthMm + gapMm));
    }
    return out.done();
  }
}
