package craftmap.server.piece;

import craftmap.core.design.Design;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.Across;
import craftmap.core.lay.rule.AcrossFronts;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Border;
import craftmap.core.lay.rule.Collage;
import craftmap.core.lay.rule.Corners;
import craftmap.core.lay.rule.Cover;
import craftmap.core.lay.rule.DrawnLine;
import craftmap.core.lay.rule.EdgeLine;
import craftmap.core.lay.rule.Frame;
import craftmap.core.lay.rule.Grid;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Lettering;
import craftmap.core.lay.rule.Pages;
import craftmap.core.lay.rule.Ring;
import craftmap.core.lay.rule.RingRows;
import craftmap.core.lay.rule.Roller;
import craftmap.core.lay.rule.Run;
import craftmap.core.lay.rule.RunRow;
import craftmap.core.lay.rule.Scatter;
import craftmap.core.lay.rule.Single;
import craftmap.core.lay.rule.Span;
import craftmap.core.lay.rule.Strips;
import craftmap.core.lay.rule.WholeFace;
import craftmap.core.lay.rule.Wrap;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import craftmap.core.surface.Edge;
import craftmap.core.surface.Face;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What can be gripped on the map, and which measures follow the hand. A handle says by how much a
 * measure changes for each millimetre to the right and down, so that whoever draws it needs to know
 * nothing of rules.
 */
final class HandleViews {
  private static final double FAR = 20_000;
  private static final double KNOB_OFF = 18;
  private static final int MOST_COUNT = 200;
  private static final int MOST_PIECES = 60;

  private final Face face;
  private final TapeDivision tape;
  private final List<Item> items;
  private final double wide;
  private final double tall;
  private final List<LayView.HandleView> handles = new ArrayList<>();

  private HandleViews(Face face, TapeDivision tape, Optional<Design> design, List<Item> items) {
    this.face = face;
    this.tape = tape;
    this.items = items;
    this.wide = design.map(Design::printWidthMm).orElse(20.0);
    this.tall = design.map(Design::printHeightMm).orElse(20.0);
  }

  static List<LayView.HandleView> of(
      Face face,
      TapeDivision tape,
      LayRule rule,
      Eye eye,
      Optional<Design> design,
      Optional<LayOption> chosen) {
    List<Item> items = chosen.map(LayOption::items).orElse(List.of());
    HandleViews views = new HandleViews(face, tape, design, items);
    chosen.ifPresent(c -> views.count(c.arrangement()));
    switch (rule) {
      case Run run -> views.run(run);
      case Ring ring -> views.ring(ring);
      case Border border -> views.border(border);
      case Grid grid -> views.grid(grid);
      case Single single -> views.placed(single.turnDeg());
      case Lettering words -> views.lettering(words);
      case Corners corners -> views.inset("inset", corners.insetMm());
      case Frame frame -> views.inset("inset", frame.insetMm());
      case Across across -> views.across(chosen);
      case Pages pages -> views.pages(pages);
      case Wrap wrap -> views.wrap(wrap);
      case Strips strips -> views.inset("inset", strips.insetMm());
      case WholeFace zone -> views.inset("inset", zone.insetMm());
      case Collage collage -> views.pieces(eye);
      case Roller roller -> {}
      case Scatter scatter -> {}
      case Cover cover -> {}
    }
    for (int i = 0; i < eye.held().size() && !(rule instanceof Collage); i++) {
      views.held(i, eye.held().get(i));
    }
    return List.copyOf(views.handles);
  }

  /** A copy that was put by hand is gripped by itself. */
  private void held(int number, Eye.Held held) {
    handle(
        "held" + number,
        LayView.HandleRole.SIZE,
        held.at(),
        Optional.empty(),
        place(held.at()),
        new LayView.MoveView("held." + number + ".x", held.at().xMm(), 1, 0, -FAR, FAR),
        new LayView.MoveView("held." + number + ".y", held.at().yMm(), 0, 1, -FAR, FAR));
  }

  /** Pulled along the row, one copy more for every pitch; pushed back, one fewer. */
  private void count(Arrangement arrangement) {
    boolean row = arrangement instanceof RunRow || arrangement instanceof RingRows;
    if (!row || items.size() < 2 || arrangement.count() < 2) {
      return;
    }
    Item last = items.get(Math.min(items.size(), arrangement.count()) - 1);
    Point before = items.get(Math.min(items.size(), arrangement.count()) - 2).centre();
    double pitch = before.distanceMm(last.centre());
    if (pitch <= 0) {
      return;
    }
    double deg = Turns.direction(before, last.centre());
    Point at = last.centre().movedBy(Turns.cos(deg) * wide * 0.5, Turns.sin(deg) * wide * 0.5);
    handle(
        "count",
        LayView.HandleRole.COUNT,
        at,
        Optional.empty(),
        "" + arrangement.count(),
        new LayView.MoveView(
            "count",
            arrangement.count(),
            Turns.cos(deg) / pitch,
            Turns.sin(deg) / pitch,
            1,
            MOST_COUNT));
  }

  // ---- sheets

  /** The picture is carried as a whole; where it begins is measured from the lay's own face. */
  private void across(Optional<LayOption> chosen) {
    if (items.isEmpty()
        || chosen.isEmpty()
        || !(chosen.get().arrangement() instanceof AcrossFronts across)) {
      return;
    }
    Box box = items.stream().map(Item::visible).reduce(Box::and).orElseThrow();
    Point shift = across.shift();
    handles.add(
        new LayView.HandleView(
            "middle",
            LayView.HandleRole.CARRY,
            Words.say("handle.middle"),
            box.centre().xMm(),
            box.centre().yMm(),
            Boxes.view(box),
            null,
            place(shift),
            List.of(
                new LayView.MoveView("x", shift.xMm(), 1, 0, -FAR, FAR),
                new LayView.MoveView("y", shift.yMm(), 0, 1, -FAR, FAR)),
            List.of(new LayView.SetView("placed", "YES"))));
  }

  private void pages(Pages pages) {
    placed(pages.turnDeg());
    if (!items.isEmpty()) {
      Box box = items.getFirst().box().around();
      handle(
          "size",
          LayView.HandleRole.SIZE,
          new Point(box.rightMm(), box.centre().yMm()),
          Optional.empty(),
          tape.show(pages.widthMm()),
          new LayView.MoveView("width", pages.widthMm(), 2, 0, 1, FAR));
    }
  }

  /** Turned round the wall by its middle. */
  private void wrap(Wrap wrap) {
    double middle = face.outline().widthMm() / 2;
    handle(
        "shift",
        LayView.HandleRole.SIZE,
        new Point(middle + wrap.frontMm(), knobOff()),
        Optional.empty(),
        Words.say("handle.shift.text", tape.show(wrap.frontMm())),
        new LayView.MoveView("front", wrap.frontMm(), 1, 0, -FAR, FAR));
    handle(
        "foot",
        LayView.HandleRole.SIZE,
        new Point(middle, face.outline().heightMm() - wrap.footMm()),
        Optional.empty(),
        Words.say("handle.aboveTheFoot", tape.show(wrap.footMm())),
        new LayView.MoveView("foot", wrap.footMm(), 0, -1, 0, FAR));
  }

  /** Every piece of a collage can be put where the hand wants it. */
  private void pieces(Eye eye) {
    for (int i = 0; i < Math.min(items.size(), MOST_PIECES); i++) {
      int number = i;
      Placement rule = items.get(i).at();
      Placement put =
          eye.held().stream()
              .filter(h -> h.item() == number)
              .findFirst()
              .map(h -> Placement.at(h.at(), h.turnDeg()))
              .orElse(rule);
      Point at = put.centre();
      handle(
          "piece" + i,
          LayView.HandleRole.CARRY,
          at,
          Optional.of(Item.box(items.get(i).design(), put).around()),
          place(at),
          new LayView.MoveView("piece." + i + ".x", at.xMm(), 1, 0, -FAR, FAR),
          new LayView.MoveView("piece." + i + ".y", at.yMm(), 0, 1, -FAR, FAR),
          new LayView.MoveView("piece." + i + ".turn", put.turnDeg(), 0, 0, -360, 360));
    }
  }

  // ---- along an edge, or along points

  private void run(Run run) {
    switch (run.line()) {
      case EdgeLine line -> edge(line);
      case DrawnLine line -> drawn(line);
    }
    gap(run.wish().gapMm(), "gap");
  }

  private void edge(EdgeLine line) {
    Span span = line.spanOn(face.outline(), tall).orElse(new Span(0, 0));
    double reach = line.reachOn(face.outline());
    boolean level = line.edge().isLevel();
    boolean far = line.edge() == Edge.BOTTOM || line.edge() == Edge.RIGHT;
    double middle = far ? reach - line.distanceMm() : line.distanceMm();
    double from = span.fromMm() + line.startInsetMm();
    double to = Math.max(from + 1, span.toMm() - line.endInsetMm());
    Box strip =
        level
            ? new Box(from, middle - tall / 2, to - from, tall)
            : new Box(middle - tall / 2, from, tall, to - from);
    double per = far ? -1 : 1;
    handle(
        "line",
        LayView.HandleRole.CARRY,
        strip.centre(),
        Optional.of(strip),
        Words.say("handle.fromTheEdge", tape.show(line.distanceMm())),
        new LayView.MoveView(
            "distance",
            line.distanceMm(),
            level ? 0 : per,
            level ? per : 0,
            tall / 2,
            Math.max(tall / 2, reach - tall / 2)));
    double most = span.lengthMm() - wide;
    handle(
        "start",
        LayView.HandleRole.SIZE,
        level ? new Point(from, middle) : new Point(middle, from),
        Optional.empty(),
        Words.say("handle.fromTheCorner", tape.show(line.startInsetMm())),
        new LayView.MoveView(
            "start",
            line.startInsetMm(),
            level ? 1 : 0,
            level ? 0 : 1,
            0,
            Math.max(0, most - line.endInsetMm())));
    handle(
        "end",
        LayView.HandleRole.SIZE,
        level ? new Point(to, middle) : new Point(middle, to),
        Optional.empty(),
        Words.say("handle.fromTheCorner", tape.show(line.endInsetMm())),
        new LayView.MoveView(
            "end",
            line.endInsetMm(),
            level ? -1 : 0,
            level ? 0 : -1,
            0,
            Math.max(0, most - line.startInsetMm())));
  }

  private void drawn(DrawnLine line) {
    for (int i = 0; i < line.points().size(); i++) {
      Point p = line.points().get(i);
      handle(
          "point" + i,
          LayView.HandleRole.SIZE,
          p,
          Optional.empty(),
          place(p),
          new LayView.MoveView("point." + i + ".x", p.xMm(), 1, 0, -FAR, FAR),
          new LayView.MoveView("point." + i + ".y", p.yMm(), 0, 1, -FAR, FAR));
    }
  }

  /** Between the first two copies: pulled apart, the gap widens. */
  private void gap(double gapMm, String key) {
    if (items.size() < 2) {
      return;
    }
    Placement a = items.getFirst().at();
    Point b = items.get(1).centre();
    double deg = Turns.direction(a.centre(), b);
    double half = Math.min(wide, a.centre().distanceMm(b)) / 2;
    Point at = a.centre().movedBy(Turns.cos(deg) * half, Turns.sin(deg) * half);
    handle(
        "gap",
        LayView.HandleRole.SIZE,
        at,
        Optional.empty(),
        Words.say("handle.gap.text", tape.show(gapMm)),
        new LayView.MoveView(key, gapMm, Turns.cos(deg), Turns.sin(deg), 0, FAR));
  }

  // ---- round

  private void ring(Ring ring) {
    if (ring.around() == Ring.Around.CIRCLE) {
      handle(
          "middle",
          LayView.HandleRole.CARRY,
          ring.centre(),
          Optional.empty(),
          place(ring.centre()),
          new LayView.MoveView("x", ring.centre().xMm(), 1, 0, -FAR, FAR),
          new LayView.MoveView("y", ring.centre().yMm(), 0, 1, -FAR, FAR));
      handle(
          "diameter",
          LayView.HandleRole.SIZE,
          ring.centre().movedBy(0, -ring.diameterMm() / 2),
          Optional.empty(),
          tape.show(ring.diameterMm()),
          new LayView.MoveView("diameter", ring.diameterMm(), 0, -2, 1, FAR));
    } else {
      Point top =
          items.isEmpty()
              ? new Point(face.outline().widthMm() / 2, ring.insetMm())
              : topmost().centre();
      handle(
          "line",
          LayView.HandleRole.SIZE,
          top.movedBy(0, Math.max(tall / 2, knobOff())),
          Optional.empty(),
          Words.say("handle.fromTheEdge", tape.show(ring.insetMm())),
          new LayView.MoveView("inset", ring.insetMm(), 0, 1, 0, FAR));
    }
    gap(ring.wish().gapMm(), "gap");
    if (!items.isEmpty()) {
      Placement first = items.getFirst().at();
      handle(
          "shift",
          LayView.HandleRole.SIZE,
          first.centre().movedBy(0, -Math.max(tall / 2, knobOff())),
          Optional.empty(),
          Words.say("handle.shift.text", tape.show(ring.shiftMm())),
          new LayView.MoveView("shift", ring.shiftMm(), 1, 0, -FAR, FAR));
    }
  }

  /** Far enough from a small copy that two knobs do not lie on each other. */
  private double knobOff() {
    return 0.035 * Math.max(face.outline().widthMm(), face.outline().heightMm());
  }

  private Item topmost() {
    return items.stream()
        .min(java.util.Comparator.comparingDouble(i -> i.centre().yMm()))
        .orElseThrow();
  }

  private void border(Border border) {
    inset("inset", border.insetMm());
    gap(border.wish().gapMm(), "gap");
  }

  private void inset(String key, double insetMm) {
    handle(
        "line",
        LayView.HandleRole.SIZE,
        new Point(face.outline().widthMm() / 2, insetMm),
        Optional.empty(),
        Words.say("handle.fromTheEdge", tape.show(insetMm)),
        new LayView.MoveView(key, insetMm, 0, 1, 0, FAR));
  }

  private void grid(Grid grid) {
    if (items.isEmpty()) {
      return;
    }
    Item middle = nearestToTheMiddle();
    Box box = middle.box().around();
    handle(
        "gap",
        LayView.HandleRole.SIZE,
        new Point(box.rightMm(), box.centre().yMm()),
        Optional.empty(),
        Words.say("handle.gap.text", tape.show(grid.across().gapMm())),
        new LayView.MoveView("gap", grid.across().gapMm(), 1, 0, 0, FAR));
    handle(
        "down",
        LayView.HandleRole.SIZE,
        new Point(box.centre().xMm(), box.bottomMm()),
        Optional.empty(),
        Words.say("handle.gap.text", tape.show(grid.downMm())),
        new LayView.MoveView("down", grid.downMm(), 0, 1, 0, FAR));
  }

  private Item nearestToTheMiddle() {
    Point middle = new Point(face.outline().widthMm() / 2, face.outline().heightMm() / 2);
    return items.stream()
        .min(java.util.Comparator.comparingDouble(i -> i.centre().distanceMm(middle)))
        .orElseThrow();
  }

  // ---- put by hand

  private void placed(double turnDeg) {
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
            List.of(new LayView.SetView("placed", "YES"))));
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
            List.of()));
  }

  private void lettering(Lettering words) {
    if (items.isEmpty()) {
      return;
    }
    if (words.line() == Lettering.Line.RING) {
      handle(
          "diameter",
          LayView.HandleRole.SIZE,
          items.getFirst().centre(),
          Optional.empty(),
          tape.show(words.diameterMm()),
          new LayView.MoveView("diameter", words.diameterMm(), 0, -2, 1, FAR));
      return;
    }
    placed(words.turnDeg());
    Box box = items.getFirst().box().around();
    handle(
        "size",
        LayView.HandleRole.SIZE,
        new Point(box.rightMm(), box.centre().yMm()),
        Optional.empty(),
        tape.show(words.size()),
        new LayView.MoveView(
            "size",
            words.size(),
            words.sized() == Lettering.Sized.BY_WIDTH ? 2 : 2 * words.size() / box.widthMm(),
            0,
            1,
            FAR));
  }

  // ---- all

  private void handle(
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
            List.of()));
  }

  private String place(Point p) {
    return Words.say("handle.place", tape.show(p.xMm()), tape.show(p.yMm()));
  }
}
