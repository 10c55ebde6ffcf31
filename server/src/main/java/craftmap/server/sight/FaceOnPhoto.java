package craftmap.server.sight;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.sight.Anchor;
import craftmap.core.sight.Pin;
import craftmap.core.sight.Sighting;
import craftmap.core.sight.Spot;
import craftmap.core.surface.Face;
import craftmap.server.photo.Photo;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A face of a piece, as it is now, on a photo of it. */
record FaceOnPhoto(Photo photo, Face face, List<Anchor> anchors, List<KeptSighting.KeptPin> kept) {
  static FaceOnPhoto of(Photo photo, Face face, List<KeptSighting.KeptPin> pins) {
    List<Anchor> anchors = Anchor.of(face);
    Set<String> known = anchors.stream().map(Anchor::id).collect(Collectors.toSet());
    // a mark that was taken away since cannot be pointed at any more
    return new FaceOnPhoto(
        photo, face, anchors, pins.stream().filter(p -> known.contains(p.anchor())).toList());
  }

  /** As somebody points them out: each a place of this face, once, on the photo or near it. */
  static FaceOnPhoto pointedOut(Photo photo, Face face, List<KeptSighting.KeptPin> pins) {
    FaceOnPhoto read = of(photo, face, pins);
    if (read.anchors().isEmpty()) {
      throw new RefusedInput(
          "face",
          given(face.name()),
          said("is-rolled-up-and-lies-flat-on-no-photo"),
          said("a-face-that-is-flat"));
    }
    Set<String> seen = new HashSet<>();
    for (KeptSighting.KeptPin pin : pins) {
      if (read.kept().stream().noneMatch(k -> k.anchor().equals(pin.anchor()))) {
        throw new RefusedInput(
            "pin",
            given(pin.anchor()),
            said("is-no-place-of-this-face"),
            said("one-of", new Figure.Among(read.anchors().stream().map(Anchor::id).toList())));
      }
      if (!seen.add(pin.anchor())) {
        throw new RefusedInput(
            "pin", given(pin.anchor()), said("is-there-twice"), said("each-place-once"));
      }
      checkNear(photo, pin);
    }
    return read;
  }

  /** A corner may lie outside the picture, but not anywhere. */
  private static void checkNear(Photo photo, KeptSighting.KeptPin pin) {
    if (!isNear(pin.x(), photo.widthPx()) || !isNear(pin.y(), photo.heightPx())) {
      throw new RefusedInput(
          said("pin-of", given(pin.anchor())),
          said("across-by-down", given(pin.x()), given(pin.y())),
          said("is-far-off-the-photo"),
          said("pixels-of-a-photo-of", given(photo.widthPx()), given(photo.heightPx())));
    }
  }

  private static boolean isNear(double at, int size) {
    return at >= -size && at <= 2.0 * size;
  }

  List<Pin> pins() {
    Map<String, Anchor> byId =
        anchors.stream().collect(Collectors.toMap(Anchor::id, Function.identity()));
    List<Pin> pins = new ArrayList<>();
    for (KeptSighting.KeptPin p : kept) {
      pins.add(new Pin(byId.get(p.anchor()).at(), new Spot(p.x(), p.y())));
    }
    return pins;
  }

  Sighting sighting() {
    return Sighting.of(pins(), photo.widthPx(), photo.heightPx());
  }
}
