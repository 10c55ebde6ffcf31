package craftmap.core.form;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;

/**
 * A cupboard or a wardrobe: a cornice, doors side by side with panels in them, drawers below, above
 * or beside them, a plinth.
 *
 * @param panels in each door, over each other
 * @param railMm of the door round its panels
 * @param stackMm how wide drawers beside the doors are; nothing where they are as wide as the piece
 */
public record CupboardForm(
    double widthMm,
    double heightMm,
    double depthMm,
    int doors,
    int panels,
    double railMm,
    int drawers,
    DrawersAt drawersAt,
    double drawerMm,
    double stackMm,
    double corniceMm,
    double plinthMm,
    double gapMm,
    Hardware hardware)
    implements Form {
  private static final double LEAST_DOOR_MM = 50;
  private static final double USUAL_DRAWER_MM = 220;

  /** Where drawers are, seen from the doors. */
  public enum DrawersAt {
    BELOW,
    ABOVE,
    ON_THE_LEFT,
    ON_THE_RIGHT;

    boolean areBeside() {
      return this == ON_THE_LEFT || this == ON_THE_RIGHT;
    }
  }

  public CupboardForm {
    double door = frontsMm(heightMm, corniceMm, plinthMm);
    if (!drawersAt.areBeside()) {
      door -= drawers * (drawerMm + gapMm);
    }
    if (!Tolerance.EXACT.greater(door, LEAST_DOOR_MM)) {
      throw new RefusedInput(
          "height",
          mm(heightMm),
          said("leaves-no-room-for-the-doors-over-drawers-and"),
          said("more-height-or-lower-drawers-cornice-and-plinth"));
    }
    double beside = drawers > 0 && drawersAt.areBeside() ? stackMm + gapMm : 0;
    double wide = (widthMm - beside - gapMm * (doors - 1)) / doors;
    if (!Tolerance.EXACT.greater(wide, LEAST_DOOR_MM)) {
      throw new RefusedInput(
          "width",
          mm(widthMm),
          said("leaves-no-room-for-the-doors-beside-drawers"),
          said("more-width-narrower-drawers-or-fewer-doors"));
    }
    if (drawers > 0 && !Tolerance.EXACT.greater(drawerMm, 0)) {
      throw new RefusedInput(
          "drawers", said("drawers-beside", given(drawers)), said("are-too-many"), said("fewer"));
    }
    if (panels > 0 && (!(2 * railMm < wide) || !((panels + 1) * railMm < door))) {
      throw new RefusedInput(
          "rail-round-the-panels",
          mm(railMm),
          said("leaves-no-panel"),
          said("a-narrower-rail-or-fewer-panels"));
    }
  }

  private static double frontsMm(double heightMm, double corniceMm, double plinthMm) {
    return heightMm - corniceMm - plinthMm;
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
    int all = sheet.count("drawers", "drawers", drawers, 0, 4);
    DrawersAt at =
        all > 0 ? sheet.choice("drawersAt", "drawers-are", DrawersAt.BELOW) : DrawersAt.BELOW;
    double stack =
        all > 0 && at.areBeside() ? sheet.size("stack", "width-of-a-drawer", wide / 3) : 0;
    double own =
        all > 0 && !at.areBeside()
            ? sheet.size("drawer", "height-of-a-drawer", USUAL_DRAWER_MM)
            : 0;
    double cornice = sheet.distance("cornice", "cornice", drawers > 0 ? 80 : 0);
    double foot = sheet.distance("plinth", "plinth", plinth);
    double gap = sheet.length("gap", "gap-between-fronts", 4, LengthRange.DISTANCE.upTo(100));
    double beside = (frontsMm(high, cornice, foot) - gap * (all - 1)) / Math.max(1, all);
    return new CupboardForm(
        wide,
        high,
        deep,
        doors,
        inEach,
        rail,
        all,
        at,
        at.areBeside() ? beside : own,
        stack,
        cornice,
        foot,
        gap,
        Hardware.read(sheet, Hardware.Kind.KNOB));
  }

  /** Where the doors are, from the front's upper left corner. */
  private Box doorsAt() {
    double high = frontsMm(heightMm, corniceMm, plinthMm);
    double taken = drawers * (drawerMm + gapMm);
    if (drawers == 0) {
      return new Box(0, corniceMm, widthMm, high);
    }
    return switch (drawersAt) {
      case BELOW -> new Box(0, corniceMm, widthMm, high - taken);
      case ABOVE -> new Box(0, corniceMm + taken, widthMm, high - taken);
      case ON_THE_LEFT -> new Box(stackMm + gapMm, corniceMm, widthMm - stackMm - gapMm, high);
      case ON_THE_RIGHT -> new Box(0, corniceMm, widthMm - stackMm - gapMm, high);
    };
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
    strip(out, block, "cornice", "Cornice", 0, corniceMm);
    Box doors = doorsAt();
    doors(out, block, doors);
    double x = drawersAt == DrawersAt.ON_THE_RIGHT ? doors.rightMm() + gapMm : 0;
    double y = drawersAt == DrawersAt.BELOW ? doors.bottomMm() + gapMm : corniceMm;
    double wide = drawersAt.areBeside() ? stackMm : widthMm;
    String above = null;
    for (int i = 1; i <= drawers; i++) {
      String id = "drawer-" + i;
      out.face(
          FormFace.of(
                  id, "Drawer " + i, new RectangleOutline(wide, drawerMm), block.front().from(x, y))
              .in("fronts", x, y)
              .comesOffAs("Drawer " + i)
              .with(
                  new Hardware(
                          hardware.kind() == Hardware.Kind.KNOB && !drawersAt.areBeside()
                              ? Hardware.Kind.TWO_KNOBS
                              : hardware.kind(),
                          hardware.spacingMm())
                      .at(new Point(wide / 2, drawerMm / 2), wide)));
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

  private void doors(FormFaces.Collector out, Block block, Box all) {
    double height = all.heightMm();
    double width = (all.widthMm() - gapMm * (doors - 1)) / doors;
    for (int i = 1; i <= doors; i++) {
      double x = all.leftMm() + (i - 1) * (width + gapMm);
      String name =
          doors == 1 ? "Door" : doors == 2 ? (i == 1 ? "Left door" : "Right door") : "Door " + i;
      // the knob sits on the side where the door opens: towards the middle of the piece
      double knobX = i <= doors / 2 ? width - knobFromEdge(width) : knobFromEdge(width);
      Pose.Flat pose = block.front().from(x, all.topMm());
      FormFace door =
          FormFace.of("door-" + i, name, new RectangleOutline(width, height), pose)
              .in("fronts", x, all.topMm())
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
