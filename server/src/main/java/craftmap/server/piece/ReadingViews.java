package craftmap.server.piece;

import craftmap.core.lay.BlemishCover;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.PlanReading;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import craftmap.server.shelf.OwnedStencil;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** Says what a plan comes to, in the studio's units. */
final class ReadingViews {
  /** Below this luminance light ink reads better than dark. */
  private static final double DARK_BELOW = 0.18;

  private final TapeDivision tape;
  private final LayViews lays;

  ReadingViews(TapeDivision tape, Function<String, Optional<OwnedStencil>> stencils) {
    this.tape = tape;
    this.lays = new LayViews(tape, stencils);
  }

  ReadingView view(PlanDocument.FormDoc form, PlanReading reading) {
    double right = 0;
    double bottom = 0;
    for (PlanReading.FaceReading face : reading.faces()) {
      right = Math.max(right, face.onNet().rightMm());
      bottom = Math.max(bottom, face.onNet().bottomMm());
    }
    return new ReadingView(
        measure(form.widthMm()),
        measure(form.heightMm()),
        measure(form.depthMm()),
        new ReadingView.BoxView(0, 0, right, bottom),
        reading.faces().stream().map(this::face).toList());
  }

  LayViews lays() {
    return lays;
  }

  ReadingView.FaceView face(PlanReading.FaceReading reading) {
    Face face = reading.face();
    List<ReadingView.NoteView> notes = new ArrayList<>();
    for (KeepOut stray : reading.strayKeepOuts()) {
      notes.add(note(ReadingView.NoteLevel.LOOK, Words.say("stray", lower(stray.name()))));
    }
    for (BlemishCover cover : reading.blemishes()) {
      notes.add(note(levelOf(cover.state()), say(cover)));
    }
    return new ReadingView.FaceView(
        face.id(),
        face.name(),
        measure(face.outline().widthMm()),
        measure(face.outline().heightMm()),
        Words.squareMetres(face.outline().areaMm2()),
        face.makeUp(),
        Words.say("makeUp", face.makeUp()),
        face.ground().hex(),
        face.ground().luminance() < DARK_BELOW,
        Boxes.view(reading.onNet()),
        reading.grid().cellMm(),
        face.keepOuts().stream().map(this::keepOut).toList(),
        reading.blemishes().stream().map(b -> blemish(reading.grid(), b)).toList(),
        reading.lays().stream().map(l -> lays.view(face, l)).toList(),
        notes);
  }

  private ReadingView.KeepOutView keepOut(KeepOut keepOut) {
    var area = keepOut.area();
    return new ReadingView.KeepOutView(
        keepOut.id(),
        keepOut.name(),
        Boxes.view(area),
        measure(area.leftMm()),
        measure(area.topMm()),
        measure(area.widthMm()),
        measure(area.heightMm()));
  }

  private ReadingView.BlemishView blemish(MapGrid grid, BlemishCover cover) {
    Blemish blemish = cover.blemish();
    return new ReadingView.BlemishView(
        blemish.id(),
        blemish.number(),
        blemish.kind(),
        blemish.centre().xMm(),
        blemish.centre().yMm(),
        measure(blemish.centre().xMm()),
        measure(blemish.centre().yMm()),
        measure(blemish.diameterMm()),
        grid.cellOf(blemish.centre()),
        cover.state(),
        say(cover));
  }

  private static String say(BlemishCover cover) {
    String kind = cover.blemish().kind();
    String shown =
        cover.state() == BlemishCover.State.BARE
            ? kind.substring(0, 1).toUpperCase(Locale.ENGLISH) + kind.substring(1)
            : kind;
    return Words.say(
        "blemish", cover.state(), shown, cover.blemish().number(), Words.percent(cover.share()));
  }

  private static ReadingView.NoteLevel levelOf(BlemishCover.State state) {
    return state == BlemishCover.State.COVERED
        ? ReadingView.NoteLevel.FINE
        : ReadingView.NoteLevel.LOOK;
  }

  private static ReadingView.NoteView note(ReadingView.NoteLevel level, String text) {
    return new ReadingView.NoteView(level, text);
  }

  private static String lower(String name) {
    return name.toLowerCase(Locale.ENGLISH);
  }

  private Measure measure(double mm) {
    return Measure.of(mm, tape);
  }
}
