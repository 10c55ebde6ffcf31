package craftmap.core.form;

import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;

/** An upright box in the room: the poses of its six sides, and which of their edges meet. */
record Block(
    double leftMm, double floorMm, double frontMm, double width, double height, double depth) {

  /** Standing on the floor, its front at z = 0. */
  static Block standing(double width, double height, double depth) {
    return new Block(0, 0, 0, width, height, depth);
  }

  private double top() {
    return floorMm + height;
  }

  Pose.Flat front() {
    return new Pose.Flat(new Vec(leftMm, top(), frontMm), Vec.RIGHT, Vec.DOWN);
  }

  Pose.Flat right() {
    return new Pose.Flat(new Vec(leftMm + width, top(), frontMm), Vec.AWAY, Vec.DOWN);
  }

  Pose.Flat back() {
    return new Pose.Flat(new Vec(leftMm + width, top(), frontMm - depth), Vec.LEFT, Vec.DOWN);
  }

  Pose.Flat left() {
    return new Pose.Flat(new Vec(leftMm, top(), frontMm - depth), Vec.TOWARDS, Vec.DOWN);
  }

  /** Seen from above, its front edge below. */
  Pose.Flat lid() {
    return new Pose.Flat(new Vec(leftMm, top(), frontMm - depth), Vec.RIGHT, Vec.TOWARDS);
  }

  /** Seen from below, its front edge above. */
  Pose.Flat base() {
    return new Pose.Flat(new Vec(leftMm, floorMm, frontMm), Vec.RIGHT, Vec.AWAY);
  }

  FormFace frontFace(String id, String name) {
    return FormFace.of(id, name, new RectangleOutline(width, height), front());
  }

  FormFace rightFace(String id, String name) {
    return FormFace.of(id, name, new RectangleOutline(depth, height), right());
  }

  FormFace backFace(String id, String name) {
    return FormFace.of(id, name, new RectangleOutline(width, height), back());
  }

  FormFace leftFace(String id, String name) {
    return FormFace.of(id, name, new RectangleOutline(depth, height), left());
  }

  FormFace lidFace(String id, String name) {
    return FormFace.of(id, name, new RectangleOutline(width, depth), lid());
  }

  FormFace baseFace(String id, String name) {
    return FormFace.of(id, name, new RectangleOutline(width, depth), base());
  }

  /**
   * The four upright sides round the block, each joined to the next; the front lies in the middle.
   */
  void walls(FormFaces.Collector out, String prefix, String namePrefix, boolean hideBack) {
    String front = prefix + "front";
    String right = prefix + "right";
    String back = prefix + "back";
    String left = prefix + "left";
    out.face(frontFace(front, name(namePrefix, "Front")));
    out.face(leftFace(left, name(namePrefix, "Left")));
    out.face(rightFace(right, name(namePrefix, "Right")));
    FormFace behind = backFace(back, name(namePrefix, "Back"));
    out.face(hideBack ? behind.putAway() : behind);
    out.group(NetGroup.beside(left, front, Edge.LEFT))
        .group(NetGroup.beside(right, front, Edge.RIGHT))
        .group(NetGroup.beside(back, right, Edge.RIGHT));
    ring(out, front, right, back, left);
  }

  static void ring(FormFaces.Collector out, String front, String right, String back, String left) {
    out.join(Join.of(front, Side.Name.RIGHT, right, Side.Name.LEFT))
        .join(Join.of(right, Side.Name.RIGHT, back, Side.Name.LEFT))
        .join(Join.of(back, Side.Name.RIGHT, left, Side.Name.LEFT))
        .join(Join.of(left, Side.Name.RIGHT, front, Side.Name.LEFT));
  }

  /** A level face on top of four walls. */
  static void onTop(
      FormFaces.Collector out, String top, String front, String right, String back, String left) {
    out.join(Join.of(front, Side.Name.TOP, top, Side.Name.BOTTOM))
        .join(Join.of(right, Side.Name.TOP, top, Side.Name.RIGHT))
        .join(Join.of(back, Side.Name.TOP, top, Side.Name.TOP))
        .join(Join.of(left, Side.Name.TOP, top, Side.Name.LEFT));
  }

  private static String name(String prefix, String name) {
    return prefix.isEmpty() ? name : prefix + ", " + name.toLowerCase(java.util.Locale.ENGLISH);
  }
}
