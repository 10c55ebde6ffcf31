package craftmap.server.piece.view;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import craftmap.core.surface.Face;
import craftmap.server.piece.document.MarkMapper;
import craftmap.server.piece.document.PickDoc;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Collects what can be gripped of one lay. */
final class Grips {
  static final double FAR = 20_000;
  private static final double KNOB_OFF = 18;

  final Face face;
  final TapeDivision tape;
  final List<Item> items;
  final double wide;
  final double tall;
  private final List<LayView.HandleView> handles = new ArrayList<>();

  Grips(Face face, TapeDivision tape, Optional<Design> design, List<Item> items) {
    this.face = face;
    this.tape = tape;
    this.items = items;
    this.wide = design.map(Design::printWidthMm).orElse(20.0);
    this.tall = design.map(Design::printHeightMm).orElse(20.0);
  }

  List<LayView.HandleView> all() {
    return List.copyOf(handles);
  }

  void add(LayView.HandleView handle) {
    handles.add(handle);
  }

  /** Far enough from a small copy that two knobs do not lie on each other. */
  double knobOff() {
    return 0.035 * Math.max(face.outline().widthMm(), face.outline().heightMm());
  }

  /** How far in from the edge, pulled on the middle of the top. */
  void inset(String key, double insetMm) {
    handle(
        "line",
        LayView.HandleRole.SIZE,
        new Point(face.outline().widthMm() / 2, insetMm),
        Optional.empty(),
        Words.say("handle.fromTheEdge", tape.show(insetMm)),
        new LayView.MoveView(key, insetMm, 0, 1, 0, FAR));
  }

  /** Put by hand: carried by its middle, turned by a knob above it. */
  void placed(double turnDeg) {
    if (items.isEmpty()) {
      return;
    }
    Item item = items.getFirst();
    Point at = item.centre();
    handles.add(
        new LayView.HandleView(
            "middle",
            LayView.HandleRole.CARRY,
            Words.say("handle.middle"),
            at.xMm(),
            at.yMm(),
            Boxes.view(item.box().around()),
            null,
            place(at),
            List.of(
                new LayView.MoveView("x", at.xMm(), 1, 0, -FAR, FAR),
                new LayView.MoveView("y", at.yMm(), 0, 1, -FAR, FAR)),
            List.of(new LayView.SetView("placed", "YES")),
            placed(Way.Alone.STAND_PLACED)));
    double off = item.box().heightMm() / 2 + KNOB_OFF;
    Point knob =
        at.movedBy(Turns.sin(item.at().turnDeg()) * off, -Turns.cos(item.at().turnDeg()) * off);
    handles.add(
        new LayView.HandleView(
            "turn",
            LayView.HandleRole.TURN,
            Words.say("handle.turn"),
            knob.xMm(),
            knob.yMm(),
            null,
            MarkMapper.doc(at),
            craftmap.core.measure.Decimals.show(turnDeg, 1) + "°",
            List.of(new LayView.MoveView("angle", turnDeg, 0, 0, -360, 360)),
            List.of(),
            null));
  }

  void handle(
      String id,
      LayView.HandleRole role,
      Point at,
      Optional<Box> box,
      String value,
      LayView.MoveView... moves) {
    handles.add(
        new LayView.HandleView(
            id,
            role,
            Words.say("handle." + id.replaceAll("\\d", "")),
            at.xMm(),
            at.yMm(),
            box.map(Boxes::view).orElse(null),
            null,
            value,
            List.of(moves),
            List.of(),
            null));
  }

  /** The option of what is put by hand. */
  static PickDoc placed(Way way) {
    return new PickDoc(way.name(), 1, 1);
  }

  String place(Point p) {
    return Words.say("handle.place", tape.show(p.xMm()), tape.show(p.yMm()));
  }
}
