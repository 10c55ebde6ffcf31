package craftmap.core.form;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;

/**
 * A cupboard or a wardrobe: a cornice, doors side by side with panels in them, drawers below, a
 * plinth.
 *
 * @param panels in each door, over each other
 * @param railMm of the door round its panels
 */
public record CupboardForm(
    double widthMm,
    double heightMm,
    double depthMm,
    int doors,
    int panels,
    double railMm,
    int drawers,
    double drawerMm,
    double corniceMm,
    double plinthMm,
    double gapMm,
    Hardware hardware)
    implements Form {
  private static final double LEAST_DOOR_MM = 50;

  public CupboardForm {
    double door = heightMm - corniceMm - plinthMm - drawers * (drawerMm + gapMm);
    if (!Tolerance.EXACT.greater(door, LEAST_DOOR_MM)) {
      throw new RefusedInput(
          "height",
          mm(heightMm),
          said("leaves-no-room-for-the-doors-over-drawers-and"),
          said("more-height-or-lower-drawers-cornice-and-plinth"));
    }
    double wide = (widthMm - gapMm * (doors - 1)) / doors;
    if (panels > 0 && (!(2 * railMm < wide) || !((panels + 1) * railMm < door))) {
      throw new RefusedInput(
          "rail-round-the-panels",
          mm(railMm),
          said("leaves-no-panel"),
          said("a-narrower-rail-or-fewer-panels"));
    }
  }

  static CupboardForm readCupboard(MeasureSheet sheet) {
    return read(sheet, 900, 850, 400, 1, 0, 60);
  }

  static CupboardForm readWardrobe(MeasureSheet sheet) {
    return read(sheet, 1000, 1900, 580, 1, 1, 90);
  }

  private static CupboardForm read(
      MeasureSheet sheet,
      double width,
      double height,
      double depth,
      int panels,
      int drawers,
      double plinth) {
    double wide = sheet.size("width", "width", width);
    double high = sheet.size("height", "height", height);
    double deep = sheet.size("depth", "depth", depth);
    int doors = sheet.count("doors", "doors", 2, 1, 4);
    int inEach = sheet.count("panels", "panels-in-each-door", panels, 0, 4);
    double rail = inEach > 0 ? sheet.size("rail", "rail-round-the-panels", 70) : 0;
    int below = sheet.count("drawers", "drawers-below-the-doors", drawers, 0, 4);
    double drawer = below > 0 ? sheet.size("drawer", "height-of-a-drawer", 220) : 0;
    return new CupboardForm(
        wide,
        high,
        deep,
        doors,
        inEach,
        rail,
        below,
        drawer,
        sheet.distance("cornice", "cornice", drawers > 0 ? 80 : 0),
        sheet.distance("plinth", "plinth", plinth),
        sheet.length("gap", "gap-between-fronts", 4, LengthRange.DISTANCE.upTo(100)),
        Hardware.read(sheet, Hardware.Kind.KNOB));
  }

  @Override
  public FormFaces faces() {
    Block block = Block.standing(widthMm, heightMm, depthMm);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("fronts"))
        .group(NetGroup.beside("top", "fronts", Edge.TOP))
        .group(NetGroup.beside("left", "fronts", Edge.LEFT))
        .group(NetGroup.beside("right", "fronts", Edge.RIGHT))
        .group(NetGroup.beside("back", "right", Edge.RIGHT));
    double doorHeight = heightMm - corniceMm - plinthMm - drawers * (drawerMm + gapMm);
    strip(out, block, "cornice", "Cornice", 0, corniceMm);
    doors(out, block, doorHeight);
    double y = corniceMm + doorHeight + gapMm;
    String above = null;
    for (int i = 1; i <= drawers; i++) {
      String id = "drawer-" + i;
      out.face(
          FormFace.of(
                  id,
                  "Drawer " + i,
                  new RectangleOutline(widthMm, drawerMm),
                  block.front().from(0, y))
              .in("fronts", 0, y)
              .comesOffAs("Drawer " + i)
              .with(
                  new Hardware(
                          hardware.kind() == Hardware.Kind.KNOB
                              ? Hardware.Kind.TWO_KNOBS
                              : hardware.kind(),
                          hardware.spacingMm())
                      .at(new Point(widthMm / 2, drawerMm / 2), widthMm)));
      if (above != null) {
        out.join(new Join(above, Side.Name.BOTTOM, id, Side.Name.TOP, gapMm));
      }
      above = id;
      y += drawerMm + gapMm;
    }
    strip(out, block, "plinth", "Plinth", heightMm - plinthMm, plinthMm);
    out.face(block.leftFace("left", "Left"));
    out.face(block.rightFace("right", "Right"));
    out.face(block.lidFace("top", "Top").putAway());
    out.face(block.backFace("back", "Back").putAway());
    out.join(Join.of("right", Side.Name.RIGHT, "back", Side.Name.LEFT))
        .join(Join.of("back", Side.Name.RIGHT, "left", Side.Name.LEFT))
        .join(Join.of("right", Side.Name.TOP, "top", Side.Name.RIGHT))
        .join(Join.of("left", Side.Name.TOP, "top", Side.Name.LEFT));
    return out.done();
  }

  private void strip(
      FormFaces.Collector out, Block block, String id, String name, double y, double height) {
    if (height > 0) {
      out.face(
          FormFace.of(id, name, new RectangleOutline(widthMm, height), block.front().from(0, y))
              .in("fronts", 0, y));
    }
  }

  private void doors(FormFaces.Collector out, Block block, double height) {
    double width = (widthMm - gapMm * (doors - 1)) / doors;
    for (int i = 1; i <= doors; i++) {
      double x = (i - 1) * (width + gapMm);
      String name =
          doors == 1 ? "Door" : doors == 2 ? (i == 1 ? "Left door" : "Right door") : "Door " + i;
      // the knob sits on the side where the door opens: towards the middle of the piece
      double knobX = i <= doors / 2 ? width - knobFromEdge(width) : knobFromEdge(width);
      Pose.Flat pose = block.front().from(x, corniceMm);
      FormFace door =
          FormFace.of("door-" + i, name, new RectangleOutline(width, height), pose)
              .in("fronts", x, corniceMm)
              .comesOffAs(name)
              .with(
                  new Hardware(
                          hardware.kind() == Hardware.Kind.NONE
                              ? Hardware.Kind.NONE
                              : Hardware.Kind.KNOB,
                          0)
                      .at(new Point(knobX, height / 2), width));
      out.face(door);
      if (i > 1) {
        out.join(new Join("door-" + (i - 1), Side.Name.RIGHT, "door-" + i, Side.Name.LEFT, gapMm));
      }
      double panelWidth = width - 2 * railMm;
      double panelHeight = (height - (panels + 1) * railMm) / Math.max(1, panels);
      for (int p = 1; p <= panels; p++) {
        double y = railMm + (p - 1) * (panelHeight + railMm);
        String number = panels == 1 ? "panel" : "panel " + p;
        out.face(
            FormFace.of(
                    "door-" + i + "-panel-" + p,
                    name + ", " + number,
                    new RectangleOutline(panelWidth, panelHeight),
                    pose.from(railMm, y))
                .setInto(door, railMm, y));
      }
    }
  }

  private double knobFromEdge(double doorWidthMm) {
    return panels > 0 ? railMm / 2 : Math.min(40, doorWidthMm / 4);
  }
}
