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
 * A kneehole desk or a vanity: a top, a stack of drawers on either side, room for the knees between
 * them with a drawer over it.
 *
 * @param kneeMm how wide the room for the knees is
 * @param overMm how high the drawer over it is; nothing where there is none
 * @param plinthMm under the drawers at the sides
 */
public record DeskForm(
    double widthMm,
    double heightMm,
    double depthMm,
    int left,
    int right,
    double kneeMm,
    double overMm,
    double plinthMm,
    double gapMm,
    Hardware hardware)
    implements Form {
  private static final double LEAST_STACK_MM = 60;
  private static final int MOST_DRAWERS = 6;

  public DeskForm {
    double stack = (widthMm - kneeMm) / 2;
    if (!Tolerance.EXACT.greater(stack - gapMm, LEAST_STACK_MM)) {
      throw new RefusedInput(
          "room-for-the-knees",
          mm(kneeMm),
          said("leaves-no-room-for-drawers-beside-it"),
          said("at-most", mm(Math.max(0, widthMm - 2 * (LEAST_STACK_MM + gapMm)))));
    }
    double high = heightMm - plinthMm - gapMm * (Math.max(left, right) - 1);
    if (!Tolerance.EXACT.greater(high, 0) || !Tolerance.EXACT.greater(heightMm, overMm)) {
      throw new RefusedInput(
          "height",
          mm(heightMm),
          said("leaves-no-room-for-its-drawers"),
          said("more-height-or-a-lower-plinth"));
    }
  }

  static DeskForm read(MeasureSheet sheet) {
    double width = sheet.size("width", "width", 1200);
    double height = sheet.size("height", "height", 750);
    double depth = sheet.size("depth", "depth", 520);
    double knee = sheet.size("knee", "room-for-the-knees", 480);
    int left = sheet.count("left", "drawers-on-the-left", 3, 1, MOST_DRAWERS);
    int right = sheet.count("right", "drawers-on-the-right", 3, 1, MOST_DRAWERS);
    return new DeskForm(
        width,
        height,
        depth,
        left,
        right,
        knee,
        sheet.distance("over", "drawer-over-the-knees-0-for-none", 110),
        sheet.distance("plinth", "plinth", 50),
        sheet.length("gap", "gap-between-fronts", 4, LengthRange.DISTANCE.upTo(100)),
        Hardware.read(sheet, Hardware.Kind.KNOB));
  }

  @Override
  public FormFaces faces() {
    Block block = Block.standing(widthMm, heightMm, depthMm);
    double stack = (widthMm - kneeMm) / 2;
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("fronts"))
        .group(NetGroup.beside("top", "fronts", Edge.TOP))
        .group(NetGroup.beside("left", "fronts", Edge.LEFT))
        .group(NetGroup.beside("right", "fronts", Edge.RIGHT))
        .group(NetGroup.beside("back", "right", Edge.RIGHT))
        .group(NetGroup.beside("knee-left", "fronts", Edge.BOTTOM))
        .group(NetGroup.beside("knee-right", "knee-left", Edge.RIGHT));
    // numbered as one reads: down the left, over the knees, down the right
    int next = stack(out, block, 0, stack - gapMm, left, 1);
    if (overMm > 0) {
      drawer(out, block, stack, 0, kneeMm, overMm, next++);
    }
    stack(out, block, stack + kneeMm + gapMm, stack - gapMm, right, next);
    out.face(block.lidFace("top", "Top"));
    out.face(block.leftFace("left", "Left"));
    out.face(block.rightFace("right", "Right"));
    out.face(block.backFace("back", "Back").putAway());
    knees(out, stack);
    out.join(Join.of("right", Side.Name.TOP, "top", Side.Name.RIGHT))
        .join(Join.of("left", Side.Name.TOP, "top", Side.Name.LEFT))
        .join(Join.of("back", Side.Name.TOP, "top", Side.Name.TOP))
        .join(Join.of("right", Side.Name.RIGHT, "back", Side.Name.LEFT))
        .join(Join.of("back", Side.Name.RIGHT, "left", Side.Name.LEFT));
    return out.done();
  }

  /** The two sides one sees between the knees, each from inside. */
  private void knees(FormFaces.Collector out, double stack) {
    double high = heightMm - overMm;
    Block room = new Block(stack, 0, 0, kneeMm, high, depthMm);
    RectangleOutline side = new RectangleOutline(depthMm, high);
    out.face(
        FormFace.of("knee-left", "Beside the knees, left", side, turned(room.left())).putAway());
    out.face(
        FormFace.of("knee-right", "Beside the knees, right", side, turned(room.right())).putAway());
  }

  /** A side of a block seen from within it. */
  private Pose.Flat turned(Pose.Flat outside) {
    return new Pose.Flat(
        outside.origin().plus(outside.right().times(depthMm)),
        outside.right().times(-1),
        outside.down());
  }

  private int stack(
      FormFaces.Collector out, Block block, double x, double wide, int count, int first) {
    double high = (heightMm - plinthMm - gapMm * (count - 1)) / count;
    for (int i = 0; i < count; i++) {
      drawer(out, block, x, i * (high + gapMm), wide, high, first + i);
      if (i > 0) {
        out.join(
            new Join(
                "drawer-" + (first + i - 1),
                Side.Name.BOTTOM,
                "drawer-" + (first + i),
                Side.Name.TOP,
                gapMm));
      }
    }
    return first + count;
  }

  private void drawer(
      FormFaces.Collector out,
      Block block,
      double x,
      double y,
      double wide,
      double high,
      int number) {
    String name = "Drawer " + number;
    out.face(
        FormFace.of(
                "drawer-" + number,
                name,
                new RectangleOutline(wide, high),
                block.front().from(x, y))
            .in("fronts", x, y)
            .comesOffAs(name)
            .with(hardware.at(new Point(wide / 2, high / 2), wide)));
  }
}
