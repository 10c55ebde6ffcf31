package craftmap.server.piece.view;

import craftmap.core.design.Printing;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.cover.Wrap;
import craftmap.core.lay.rule.single.Pages;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Optional;

/** What can be gripped of sheets: a picture, an image over pages, a wrap, a collage's pieces. */
final class SheetGrips {
  private static final int MOST_PIECES = 60;

  /** A sheet hardly larger than its part leaves nothing to slide. */
  private static final double LEAST_SLIDE_MM = 1;

  private final Grips grips;

  SheetGrips(Grips grips) {
    this.grips = grips;
  }

  /** The picture is carried as a whole; where it begins is measured from the lay's own face. */
  void across(Optional<LayOption> chosen) {
    if (grips.items.isEmpty()
        || chosen.isEmpty()
        || !(chosen.get().arrangement() instanceof AcrossFronts across)) {
      return;
    }
    Box box = grips.items.stream().map(Item::visible).reduce(Box::and).orElseThrow();
    Point shift = across.shift();
    grips.add(
        new LayView.HandleView(
            "middle",
            LayView.HandleRole.CARRY,
            Words.say("handle.middle"),
            box.centre().xMm(),
            box.centre().yMm(),
            Boxes.view(box),
            null,
            grips.place(shift),
            List.of(
                new LayView.MoveView("x", shift.xMm(), 1, 0, -Grips.FAR, Grips.FAR),
                new LayView.MoveView("y", shift.yMm(), 0, 1, -Grips.FAR, Grips.FAR)),
            List.of(new LayView.SetView("placed", "YES")),
            Grips.placed(Way.OverFaces.ACROSS_PLACED)));
  }

  void pages(Pages pages) {
    grips.placed(pages.turnDeg());
    if (!grips.items.isEmpty()) {
      Box box = grips.items.getFirst().box().around();
      grips.handle(
          "size",
          LayView.HandleRole.SIZE,
          new Point(box.rightMm(), box.centre().yMm()),
          Optional.empty(),
          grips.tape.show(pages.widthMm()),
          new LayView.MoveView("width", pages.widthMm(), 2, 0, 1, Grips.FAR));
    }
  }

  /** Turned round the wall by its middle. */
  void wrap(Wrap wrap) {
    double round = grips.face.outline().widthMm();
    double middle = round / 2 + grips.face.front().alongMm(round);
    grips.handle(
        "shift",
        LayView.HandleRole.SIZE,
        new Point(middle + wrap.frontMm(), grips.knobOff()),
        Optional.empty(),
        Words.say("handle.shift.text", grips.tape.show(wrap.frontMm())),
        new LayView.MoveView("front", wrap.frontMm(), 1, 0, -Grips.FAR, Grips.FAR));
    grips.handle(
        "foot",
        LayView.HandleRole.SIZE,
        new Point(middle, grips.face.outline().heightMm() - wrap.footMm()),
        Optional.empty(),
        Words.say("handle.aboveTheFoot", grips.tape.show(wrap.footMm())),
        new LayView.MoveView("foot", wrap.footMm(), 0, -1, 0, Grips.FAR));
  }

  /**
   * The slice that shows is carried under the part that is cut from it: to the right shows more of
   * what is on the left.
   */
  void slice(Optional<LayOption> chosen) {
    if (grips.items.isEmpty()
        || chosen.isEmpty()
        || !(chosen.get().arrangement() instanceof SheetWork work)
        || !Printing.isOnePicture(work.parts().getFirst().design())) {
      return;
    }
    SheetPart part = work.parts().getFirst();
    Box print = part.design().printed();
    Box cut = part.cut();
    double across = cut.leftMm() - print.leftMm();
    double down = cut.topMm() - print.topMm();
    double spareAcross = print.widthMm() - cut.widthMm();
    double spareDown = print.heightMm() - cut.heightMm();
    Box shown = grips.items.getFirst().visible();
    if (part.turnDeg() != 0 || spareAcross < LEAST_SLIDE_MM && spareDown < LEAST_SLIDE_MM) {
      return;
    }
    grips.add(
        new LayView.HandleView(
            "slice",
            LayView.HandleRole.CARRY,
            Words.say("handle.slice"),
            shown.centre().xMm(),
            shown.centre().yMm(),
            Boxes.view(shown),
            null,
            Words.say("handle.slice.text", grips.tape.show(across), grips.tape.show(down)),
            List.of(
                new LayView.MoveView("sliceAcross", across, -1, 0, 0, Math.max(0, spareAcross)),
                new LayView.MoveView("sliceDown", down, 0, -1, 0, Math.max(0, spareDown))),
            List.of(new LayView.SetView("slice", "SLID_BY_HAND")),
            null));
  }

  /** Every piece of a collage can be put where the hand wants it. */
  void pieces(Eye eye) {
    for (int i = 0; i < Math.min(grips.items.size(), MOST_PIECES); i++) {
      int number = i;
      Placement rule = grips.items.get(i).at();
      Placement put =
          eye.held().stream()
              .filter(h -> h.item() == number)
              .findFirst()
              .map(h -> Placement.at(h.at(), h.turnDeg()))
              .orElse(rule);
      Point at = put.centre();
      grips.handle(
          "piece" + i,
          LayView.HandleRole.CARRY,
          at,
          Optional.of(Item.box(grips.items.get(i).design(), put).around()),
          grips.place(at),
          new LayView.MoveView("piece." + i + ".x", at.xMm(), 1, 0, -Grips.FAR, Grips.FAR),
          new LayView.MoveView("piece." + i + ".y", at.yMm(), 0, 1, -Grips.FAR, Grips.FAR),
          new LayView.MoveView("piece." + i + ".turn", put.turnDeg(), 0, 0, -360, 360));
    }
  }
}
