package craftmap.server.sight;

import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.sight.Anchor;
import craftmap.core.sight.RectangleSeen;
import craftmap.core.sight.Sighting;
import craftmap.core.surface.Face;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What was worked out of faces on a photo, for a page. */
final class SightViews {
  private final TapeDivision tape;
  private final FigureWords words;

  SightViews(TapeDivision tape) {
    this.tape = tape;
    this.words = new FigureWords(tape);
  }

  /**
   * A photo and the faces on it.
   *
   * @param faces those that were found on it
   * @param others that lie flat and could be
   */
  record FacesOnPhotoView(
      String photoId,
      String pieceId,
      int widthPx,
      int heightPx,
      List<FaceOnPhotoView> faces,
      List<FaceToFindView> others) {}

  /**
   * A face that is not on the photo yet.
   *
   * @param anchors its places that can be pointed at
   */
  record FaceToFindView(String faceId, String name, List<AnchorView> anchors) {}

  /**
   * A place of a face.
   *
   * @param main one of the four that are asked for first
   */
  record AnchorView(String id, String name, double xMm, double yMm, boolean main) {}

  /**
   * A face where it was found.
   *
   * @param version to be sent back when it is moved
   * @param lies how it lies; absent where its places do not tell that any more
   * @param whyNot why it is absent
   */
  record FaceOnPhotoView(
      String faceId,
      String name,
      long version,
      List<AnchorView> anchors,
      List<PinView> pins,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LiesView lies,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String whyNot) {}

  /**
   * A place of the face on the photo, in pixels.
   *
   * @param offPx how far it lies from where all of them together have it; nothing for four
   */
  record PinView(String anchor, String name, double x, double y, double offPx) {}

  /**
   * How a face lies on a photo.
   *
   * @param toFace three by three numbers, row by row: from the photo, where lines are straight, to
   *     millimetres on the face
   * @param toPhoto the other way round
   * @param bulge what the lens does to lines: a spot at a distance r from the middle, in half
   *     diagonals, stands at r (1 + k r²) where lines are straight
   * @param agreesText how well the places agree; absent where there are only four
   */
  record LiesView(
      List<Double> toFace,
      List<Double> toPhoto,
      double bulge,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String agreesText) {}

  FaceToFindView toFind(Face face, List<Anchor> anchors) {
    return new FaceToFindView(face.id(), face.name(), anchors.stream().map(this::anchor).toList());
  }

  FaceOnPhotoView found(FaceOnPhoto on, long version) {
    List<AnchorView> anchors = on.anchors().stream().map(this::anchor).toList();
    try {
      Sighting sighting = on.sighting();
      return new FaceOnPhotoView(
          on.face().id(),
          on.face().name(),
          version,
          anchors,
          pins(on, sighting.offPx()),
          lies(sighting),
          null);
    } catch (RefusedInput refused) {
      return new FaceOnPhotoView(
          on.face().id(),
          on.face().name(),
          version,
          anchors,
          pins(on, on.kept().stream().map(p -> 0.0).toList()),
          null,
          words.refusal(refused));
    }
  }

  private List<PinView> pins(FaceOnPhoto on, List<Double> off) {
    List<PinView> pins = new ArrayList<>();
    for (int i = 0; i < on.kept().size(); i++) {
      KeptSighting.KeptPin pin = on.kept().get(i);
      String name =
          on.anchors().stream()
              .filter(a -> a.id().equals(pin.anchor()))
              .map(a -> Words.capital(words.text(a.name())))
              .findFirst()
              .orElseThrow();
      pins.add(new PinView(pin.anchor(), name, pin.x(), pin.y(), fine(off.get(i), 10)));
    }
    return pins;
  }

  private static double fine(double value, double parts) {
    return Math.round(value * parts) / parts;
  }

  private AnchorView anchor(Anchor anchor) {
    return new AnchorView(
        anchor.id(),
        Words.capital(words.text(anchor.name())),
        anchor.at().xMm(),
        anchor.at().yMm(),
        anchor.main());
  }

  private static LiesView lies(Sighting s) {
    return new LiesView(
        numbers(s.toFace().rowByRow()),
        numbers(s.toPhoto().rowByRow()),
        s.lens().bulge(),
        s.agreesWithinPx().map(px -> Words.say("sight.agrees", fine(px, 10))).orElse(null));
  }

  private static List<Double> numbers(double[] all) {
    return Arrays.stream(all).boxed().toList();
  }

  /**
   * Something measured on a photo.
   *
   * @param withinMm nineteen times of twenty it is off by less
   */
  record MeasuredView(Measure length, double withinMm, String text) {}

  /** A place on the face, from its left and from its top. */
  record PlacedOnFaceView(MeasuredView fromLeft, MeasuredView fromTop) {}

  /**
   * What was pointed at.
   *
   * @param length from the first to the second; absent where one was pointed at
   */
  record MeasuredOnPhotoView(
      List<PlacedOnFaceView> places,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) MeasuredView length) {}

  PlacedOnFaceView placed(Sighting.Placed placed) {
    return new PlacedOnFaceView(measured(placed.x()), measured(placed.y()));
  }

  MeasuredView measured(Sighting.Measured m) {
    Measure length = Measure.of(m.mm(), tape);
    return new MeasuredView(
        length,
        m.within(),
        Words.say("sight.within", length.text(), Measure.fineText(m.within(), tape)));
  }

  /**
   * A rectangle of which one side is known.
   *
   * @param howText what told how the camera sees
   */
  record RectangleOnPhotoView(MeasuredView across, MeasuredView down, String howText) {}

  RectangleOnPhotoView rectangle(RectangleSeen seen, boolean acrossIsKnown, double knownMm) {
    double other = acrossIsKnown ? knownMm / seen.timesAsWide() : knownMm * seen.timesAsWide();
    double within = other * seen.within() / seen.timesAsWide();
    MeasuredView worked = measured(new Sighting.Measured(other, within));
    Measure known = Measure.of(knownMm, tape);
    MeasuredView typed = new MeasuredView(known, 0, known.text());
    return new RectangleOnPhotoView(
        acrossIsKnown ? typed : worked,
        acrossIsKnown ? worked : typed,
        Words.say("sight.camera", seen.camera()));
  }
}
