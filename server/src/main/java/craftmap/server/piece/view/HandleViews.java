package craftmap.server.piece.view;

import craftmap.core.design.Design;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
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
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.DrawnLine;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.run.Span;
import craftmap.core.lay.rule.single.Lettering;
import craftmap.core.lay.rule.single.Pages;
import craftmap.core.lay.rule.single.Single;
import craftmap.core.lay.rule.single.WholeFace;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Lay;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import craftmap.core.surface.Face;
import craftmap.core.surface.ZonePlace;
import craftmap.core.surface.outline.Edge;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Optional;

/**
 * What can be gripped on the map, and which measures follow the hand. A handle says by how much a
 * measure changes for each millimetre to the right and down, so that whoever draws it needs to know
 * nothing of rules.
 */
final class HandleViews {
  private static final int MOST_COUNT = 200;

  private final Grips grips;

  private HandleViews(Grips grips) {
    this.grips = grips;
  }

  /** Of a lay that aims at a zone they are worked out from where that begins, and put there. */
  static List<LayView.HandleView> of(
      Face face,
      TapeDivision tape,
      Lay lay,
      Optional<ZonePlace> zone,
      Optional<Design> design,
      Optional<LayOption> chosen) {
    if (zone.isEmpty()) {
      return of(face, tape, lay.rule(), lay.eye(), design, chosen);
    }
    Point at = zone.get().at();
    return of(
            zone.get().asFace(face),
            tape,
            lay.rule(),
            lay.eye(),
            design,
            chosen.map(o -> o.movedBy(-at.xMm(), -at.yMm())))
        .stream()
        .map(h -> h.movedBy(at.xMm(), at.yMm()))
        .toList();
  }

  private static List<LayView.HandleView> of(
      Face face,
      TapeDivision tape,
      LayRule rule,
      Eye eye,
      Optional<Design> design,
      Optional<LayOption> chosen) {
    List<Item> items = chosen.map(LayOption::items).orElse(List.of());
    Grips grips = new Grips(face, tape, design, items);
    HandleViews views = new HandleViews(grips);
    SheetGrips sheets = new SheetGrips(grips);
    chosen.ifPresent(c -> views.count(c.arrangement()));
    switch (rule) {
      case Run run -> views.run(run);
      case Ring ring -> views.ring(ring);
      case Border border -> views.border(border);
      case Grid grid -> views.grid(grid);
      case Single single -> grips.placed(single.turnDeg());
      case Lettering words -> views.lettering(words);
      case Corners corners -> grips.inset("inset", corners.insetMm());
      case Frame frame -> grips.inset("inset", frame.insetMm());
      case Across across -> sheets.across(chosen);
      case Pages pages -> sheets.pages(pages);
      case Wrap wrap -> {
        sheets.wrap(wrap);
        sheets.slice(chosen);
      }
      case Strips strips -> grips.inset("inset", strips.insetMm());
      case WholeFace zone -> grips.inset("inset", zone.insetMm());
      case Collage collage -> sheets.pieces(eye);
      case Roller roller -> {}
      case Scatter scatter -> {}
      case Cover cover -> sheets.slice(chosen);
    }
    for (int i = 0; i < eye.held().size() && !(rule instanceof Collage); i++) {
      views.held(i, eye.held().get(i));
    }
    return grips.all();
  }

  /** A copy that was put by hand is gripped by itself. */
  private void held(int number, Eye.Held held) {
    grips.handle(
        "held" + number,
        LayView.HandleRole.SIZE,
        held.at(),
        Optional.empty(),
        grips.place(held.at()),
        new LayView.MoveView("held." + number + ".x", held.at().xMm(), 1, 0, -Grips.FAR, Grips.FAR),
        new LayView.MoveView(
            "held." + number + ".y", held.at().yMm(), 0, 1, -Grips.FAR, Grips.FAR));
  }

  /** Pulled along the row, one copy more for every pitch; pushed back, one fewer. */
  private void count(Arrangement arrangement) {
    boolean row = arrangement instanceof RunRow || arrangement instanceof RingRows;
    if (!row || grips.items.size() < 2 || arrangement.count() < 2) {
      return;
    }
    Item last = grips.items.get(Math.min(grips.items.size(), arrangement.count()) - 1);
    Point before = grips.items.get(Math.min(grips.items.size(), arrangement.count()) - 2).centre();
    double pitch = before.distanceMm(last.centre());
    if (pitch <= 0) {
      return;
    }
    double deg = Turns.direction(before, last.centre());
    Point at =
        last.centre().movedBy(Turns.cos(deg) * grips.wide * 0.5, Turns.sin(deg) * grips.wide * 0.5);
    grips.handle(
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

  // ---- along an edge, or along points

  private void run(Run run) {
    switch (run.line()) {
      case EdgeLine line -> edge(line);
      case DrawnLine line -> drawn(line);
    }
    gap(run.wish().gapMm(), "gap");
  }

  private void edge(EdgeLine line) {
    Span span = line.spanOn(grips.face.outline(), grips.tall).orElse(new Span(0, 0));
    double reach = line.reachOn(grips.face.outline());
    boolean level = line.edge().isLevel();
    boolean far = line.edge() == Edge.BOTTOM || line.edge() == Edge.RIGHT;
    double middle = far ? reach - line.distanceMm() : line.distanceMm();
    double from = span.fromMm() + line.startInsetMm();
    double to = Math.max(from + 1, span.toMm() - line.endInsetMm());
    Box strip =
        level
            ? new Box(from, middle - grips.tall / 2, to - from, grips.tall)
            : new Box(middle - grips.tall / 2, from, grips.tall, to - from);
    double per = far ? -1 : 1;
    grips.handle(
        "line",
        LayView.HandleRole.CARRY,
        strip.centre(),
        Optional.of(strip),
        Words.say("handle.fromTheEdge", grips.tape.show(line.distanceMm())),
        new LayView.MoveView(
            "distance", line.distanceMm(), level ? 0 : per, level ? per : 0, 0, reach));
    double most = span.lengthMm() - grips.wide;
    grips.handle(
        "start",
        LayView.HandleRole.SIZE,
        level ? new Point(from, middle) : new Point(middle, from),
        Optional.empty(),
        Words.say("handle.fromTheCorner", grips.tape.show(line.startInsetMm())),
        new LayView.MoveView(
            "start",
            line.startInsetMm(),
            level ? 1 : 0,
            level ? 0 : 1,
            0,
            Math.max(0, most - line.endInsetMm())));
    grips.handle(
        "end",
        LayView.HandleRole.SIZE,
        level ? new Point(to, middle) : new Point(middle, to),
        Optional.empty(),
        Words.say("handle.fromTheCorner", grips.tape.show(line.endInsetMm())),
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
      grips.handle(
          "point" + i,
          LayView.HandleRole.SIZE,
          p,
          Optional.empty(),
          grips.place(p),
          new LayView.MoveView("point." + i + ".x", p.xMm(), 1, 0, -Grips.FAR, Grips.FAR),
          new LayView.MoveView("point." + i + ".y", p.yMm(), 0, 1, -Grips.FAR, Grips.FAR));
    }
  }

  /** Between the first two copies: pulled apart, the gap widens. */
  private void gap(double gapMm, String key) {
    if (grips.items.size() < 2) {
      return;
    }
    Placement a = grips.items.getFirst().at();
    Point b = grips.items.get(1).centre();
    double deg = Turns.direction(a.centre(), b);
    double half = Math.min(grips.wide, a.centre().distanceMm(b)) / 2;
    Point at = a.centre().movedBy(Turns.cos(deg) * half, Turns.sin(deg) * half);
    grips.handle(
        "gap",
        LayView.HandleRole.SIZE,
        at,
        Optional.empty(),
        Words.say("handle.gap.text", grips.tape.show(gapMm)),
        new LayView.MoveView(key, gapMm, Turns.cos(deg), Turns.sin(deg), 0, Grips.FAR));
  }

  // ---- round

  private void ring(Ring ring) {
    if (ring.around() == Ring.Around.CIRCLE) {
      grips.handle(
          "middle",
          LayView.HandleRole.CARRY,
          ring.centre(),
          Optional.empty(),
          grips.place(ring.centre()),
          new LayView.MoveView("x", ring.centre().xMm(), 1, 0, -Grips.FAR, Grips.FAR),
          new LayView.MoveView("y", ring.centre().yMm(), 0, 1, -Grips.FAR, Grips.FAR));
      grips.handle(
          "diameter",
          LayView.HandleRole.SIZE,
          ring.centre().movedBy(0, -ring.diameterMm() / 2),
          Optional.empty(),
          grips.tape.show(ring.diameterMm()),
          new LayView.MoveView("diameter", ring.diameterMm(), 0, -2, 1, Grips.FAR));
    } else {
      Point top =
          grips.items.isEmpty()
              ? new Point(grips.face.outline().widthMm() / 2, ring.insetMm())
              : topmost().centre();
      grips.handle(
          "line",
          LayView.HandleRole.SIZE,
          top.movedBy(0, Math.max(grips.tall / 2, grips.knobOff())),
          Optional.empty(),
          Words.say("handle.fromTheEdge", grips.tape.show(ring.insetMm())),
          new LayView.MoveView("inset", ring.insetMm(), 0, 1, 0, Grips.FAR));
    }
    gap(ring.wish().gapMm(), "gap");
    if (!grips.items.isEmpty()) {
      Placement first = grips.items.getFirst().at();
      grips.handle(
          "shift",
          LayView.HandleRole.SIZE,
          first.centre().movedBy(0, -Math.max(grips.tall / 2, grips.knobOff())),
          Optional.empty(),
          Words.say("handle.shift.text", grips.tape.show(ring.shiftMm())),
          new LayView.MoveView("shift", ring.shiftMm(), 1, 0, -Grips.FAR, Grips.FAR));
    }
  }

  private Item topmost() {
    return grips.items.stream()
        .min(java.util.Comparator.comparingDouble(i -> i.centre().yMm()))
        .orElseThrow();
  }

  private void border(Border border) {
    grips.inset("inset", border.insetMm());
    gap(border.wish().gapMm(), "gap");
  }

  private void grid(Grid grid) {
    if (grips.items.isEmpty()) {
      return;
    }
    Item middle = nearestToTheMiddle();
    Box box = middle.box().around();
    grips.handle(
        "pattern",
        LayView.HandleRole.CARRY,
        middle.centre(),
        Optional.empty(),
        grips.place(middle.centre()),
        new LayView.MoveView("right", grid.shift().xMm(), 1, 0, -Grips.FAR, Grips.FAR),
        new LayView.MoveView("lower", grid.shift().yMm(), 0, 1, -Grips.FAR, Grips.FAR));
    grips.handle(
        "gap",
        LayView.HandleRole.SIZE,
        new Point(box.rightMm(), box.centre().yMm()),
        Optional.empty(),
        Words.say("handle.gap.text", grips.tape.show(grid.across().gapMm())),
        new LayView.MoveView("gap", grid.across().gapMm(), 1, 0, 0, Grips.FAR));
    grips.handle(
        "down",
        LayView.HandleRole.SIZE,
        new Point(box.centre().xMm(), box.bottomMm()),
        Optional.empty(),
        Words.say("handle.gap.text", grips.tape.show(grid.downMm())),
        new LayView.MoveView("down", grid.downMm(), 0, 1, 0, Grips.FAR));
  }

  private Item nearestToTheMiddle() {
    Point middle =
        new Point(grips.face.outline().widthMm() / 2, grips.face.outline().heightMm() / 2);
    return grips.items.stream()
        .min(java.util.Comparator.comparingDouble(i -> i.centre().distanceMm(middle)))
        .orElseThrow();
  }

  private void lettering(Lettering words) {
    if (grips.items.isEmpty()) {
      return;
    }
    if (words.line() == Lettering.Line.RING) {
      grips.handle(
          "diameter",
          LayView.HandleRole.SIZE,
          grips.items.getFirst().centre(),
          Optional.empty(),
          grips.tape.show(words.diameterMm()),
          new LayView.MoveView("diameter", words.diameterMm(), 0, -2, 1, Grips.FAR));
      return;
    }
    grips.placed(words.turnDeg());
    Box box = grips.items.getFirst().box().around();
    grips.handle(
        "size",
        LayView.HandleRole.SIZE,
        new Point(box.rightMm(), box.centre().yMm()),
        Optional.empty(),
        grips.tape.show(words.size()),
        new LayView.MoveView(
            "size",
            words.size(),
            words.sized() == Lettering.Sized.BY_WIDTH ? 2 : 2 * words.size() / box.widthMm(),
            0,
            1,
            Grips.FAR));
  }
}
