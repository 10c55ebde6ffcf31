package craftmap.server.sight;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.sight.Anchor;
import craftmap.core.sight.RectangleSeen;
import craftmap.core.sight.Sighting;
import craftmap.core.sight.Spot;
import craftmap.core.surface.Face;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.photo.Photo;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Faces on a photo of the piece, and what is measured there. */
@RestController
@RequestMapping("/api/photos/{id}")
class SightController {
  private static final int MOST_SPOTS = 2;

  private final Sightings sightings;

  SightController(Sightings sightings) {
    this.sightings = sightings;
  }

  /** A place on the photo: pixels from its top left corner. */
  record SpotDoc(double x, double y) {
    Spot read(String field) {
      if (!Double.isFinite(x) || !Double.isFinite(y)) {
        throw new RefusedInput(field, said("missing"), said("is-not-accepted"), said("x-and-y"));
      }
      return new Spot(x, y);
    }
  }

  record PinDoc(String anchor, double x, double y) {}

  /** Four places at least that are known on the face. */
  record PinsDoc(List<PinDoc> pins) {}

  /** One place to be told, or two whose distance is wanted too. */
  record SpotsDoc(List<SpotDoc> spots) {}

  enum KnownSide {
    ACROSS,
    DOWN
  }

  /**
   * Something with right angles of which one side is known.
   *
   * @param corners top left, top right, bottom right, bottom left
   */
  record RectangleDoc(List<SpotDoc> corners, KnownSide known, double lengthMm) {}

  /** A corner that was found near where somebody pointed, or that there is none. */
  record NearestCornerView(
      boolean found,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double x,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double y) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/faces")
  SightViews.FacesOnPhotoView facesOnPhoto(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SightViews views = new SightViews(studio.tape());
    Sightings.Shown shown = sightings.shown(studio, id);
    List<SightViews.FaceOnPhotoView> found = new ArrayList<>();
    List<Face> faces = shown.faces();
    List<KeptSighting> kept = sightings.of(studio, id);
    for (KeptSighting k : kept) {
      faces.stream()
          .filter(f -> f.id().equals(k.faceId()))
          .map(f -> views.found(FaceOnPhoto.of(shown.photo(), f, k.pins()), k.version()))
          .forEach(found::add);
    }
    Set<String> on = kept.stream().map(KeptSighting::faceId).collect(Collectors.toSet());
    List<SightViews.FaceToFindView> others = new ArrayList<>();
    for (Face face : faces) {
      List<Anchor> anchors = Anchor.of(face);
      if (!on.contains(face.id()) && !anchors.isEmpty()) {
        others.add(views.toFind(face, anchors));
      }
    }
    Photo photo = shown.photo();
    return new SightViews.FacesOnPhotoView(
        id, shown.piece().id(), photo.widthPx(), photo.heightPx(), found, others);
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/faces/{faceId}")
  SightViews.FaceOnPhotoView putFace(
      Asker asker,
      @PathVariable String id,
      @PathVariable String faceId,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody PinsDoc doc) {
    List<KeptSighting.KeptPin> pins =
        all(doc.pins(), "pins").stream()
            .map(p -> new KeptSighting.KeptPin(p.anchor(), p.x(), p.y()))
            .toList();
    KeptSighting kept = sightings.put(asker.studio(), id, faceId, Version.of(ifMatch), pins);
    Sightings.Shown shown = sightings.shown(asker.studio(), id);
    return new SightViews(asker.studio().tape())
        .found(FaceOnPhoto.of(shown.photo(), shown.face(faceId), kept.pins()), kept.version());
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/faces/{faceId}")
  ResponseEntity<Void> takeFaceOff(
      Asker asker,
      @PathVariable String id,
      @PathVariable String faceId,
      @RequestHeader("If-Match") String ifMatch) {
    sightings.remove(asker.studio(), id, faceId, Version.of(ifMatch));
    return ResponseEntity.noContent().build();
  }

  /** Measures on a face that was found; nothing is changed by it. */
  @Allowed(StudioRole.GUEST)
  @PostMapping("/faces/{faceId}/measured")
  SightViews.MeasuredOnPhotoView measureOnPhoto(
      Asker asker,
      @PathVariable String id,
      @PathVariable String faceId,
      @RequestBody SpotsDoc doc) {
    List<SpotDoc> given = all(doc.spots(), "spots");
    if (given.isEmpty() || given.size() > MOST_SPOTS) {
      throw new RefusedInput(
          "spots", count(given.size()), said("is-not-accepted"), said("one-place-or-two"));
    }
    List<Spot> spots = given.stream().map(s -> s.read("spots")).toList();
    Studio studio = asker.studio();
    Sighting sighting = sightings.found(studio, sightings.shown(studio, id), faceId).sighting();
    SightViews views = new SightViews(studio.tape());
    return new SightViews.MeasuredOnPhotoView(
        spots.stream().map(s -> views.placed(sighting.place(s))).toList(),
        spots.size() == MOST_SPOTS
            ? views.measured(sighting.length(spots.get(0), spots.get(1)))
            : null);
  }

  /** The other side of something with right angles; nothing is changed by it. */
  @Allowed(StudioRole.GUEST)
  @PostMapping("/rectangle")
  SightViews.RectangleOnPhotoView measureRectangle(
      Asker asker, @PathVariable String id, @RequestBody RectangleDoc doc) {
    List<SpotDoc> corners = all(doc.corners(), "corners-pointed-at");
    if (corners.size() != 4) {
      throw new RefusedInput(
          "corners-pointed-at",
          count(corners.size()),
          said("is-not-accepted"),
          said("four-corners"));
    }
    if (doc.known() == null) {
      throw new RefusedInput(
          "known", said("missing"), said("is-not-accepted"), said("across-or-down"));
    }
    double known = LengthRange.SIZE.check("length", doc.lengthMm());
    Photo photo = sightings.shown(asker.studio(), id).photo();
    RectangleSeen seen =
        RectangleSeen.of(
            corners.stream().map(c -> c.read("corners-pointed-at")).toList(),
            photo.widthPx(),
            photo.heightPx());
    return new SightViews(asker.studio().tape())
        .rectangle(seen, doc.known() == KnownSide.ACROSS, known);
  }

  /** The corner near a place, to a part of a pixel. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/corner")
  NearestCornerView cornerNear(
      Asker asker,
      @PathVariable String id,
      @RequestParam double x,
      @RequestParam double y,
      @RequestParam double reach) {
    return sightings
        .corner(asker.studio(), id, new SpotDoc(x, y).read("x"), reach)
        .map(s -> new NearestCornerView(true, s.xPx(), s.yPx()))
        .orElseGet(() -> new NearestCornerView(false, null, null));
  }

  /** How another photo of the piece lies on this one, by a face that is on both. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/lined-up/{otherId}")
  LinedUpView linedUp(Asker asker, @PathVariable String id, @PathVariable String otherId) {
    return sightings
        .linedUp(asker.studio(), id, otherId)
        .map(l -> new LinedUpView(true, l))
        .orElseGet(() -> new LinedUpView(false, null));
  }

  /**
   * Whether two photos can be laid one on the other.
   *
   * @param how absent where no face is on both
   */
  record LinedUpView(
      boolean found, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LinedUpPhotos how) {}

  private static <T> List<T> all(List<T> given, String field) {
    if (given == null || given.stream().anyMatch(Objects::isNull)) {
      throw new RefusedInput(field, said("missing"), said("is-not-accepted"), said("a-list"));
    }
    return given;
  }
}
