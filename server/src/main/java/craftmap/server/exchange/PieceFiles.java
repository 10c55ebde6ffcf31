package craftmap.server.exchange;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Plan;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.document.PlanMapper;
import craftmap.server.sight.FoundFace;
import craftmap.server.sight.KeptSighting;
import craftmap.server.sight.Sightings;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Writes a piece into a file and reads one back: all of it, or nothing. */
@Service
class PieceFiles {
  static final int MOST_BYTES = 120 * 1024 * 1024;
  private static final Figure FIELD = said("piece-file");
  private static final Figure ACCEPTED = said("a-file-that-craft-map-exported");

  private final Pieces pieces;
  private final Photos photos;
  private final Sightings sightings;
  private final JsonMapper json;

  PieceFiles(Pieces pieces, Photos photos, Sightings sightings, JsonMapper json) {
    this.sightings = sightings;
    this.pieces = pieces;
    this.photos = photos;
    this.json = json;
  }

  @Transactional(readOnly = true)
  byte[] write(Studio studio, SavedPlan piece) {
    List<PieceFile.PhotoInFile> pictures = new ArrayList<>();
    for (Photo p : photos.ofPiece(studio, piece.id())) {
      pictures.add(
          new PieceFile.PhotoInFile(
              p.id(),
              p.stage(),
              p.caption(),
              p.faceId().orElse(null),
              p.stepKey().orElse(null),
              Base64.getEncoder().encodeToString(photos.picture(studio, p.id())),
              sightings.of(studio, p.id()).stream()
                  .map(k -> new FoundFace(k.faceId(), k.pins()))
                  .toList()));
    }
    return json.writerWithDefaultPrettyPrinter()
        .writeValueAsBytes(
            new PieceFile(
                PieceFile.FORMAT, PieceFile.VERSION, PlanMapper.doc(piece.plan()), pictures));
  }

  /**
   * Starts a piece from a file.
   *
   * @throws RefusedInput with the place and the reason; nothing is kept then
   */
  @Guarded
  SavedPlan read(Studio studio, byte[] file) {
    if (file.length > MOST_BYTES) {
      throw new RefusedInput(
          FIELD, said("mb", given(file.length / 1024 / 1024)), said("is-too-large"), ACCEPTED);
    }
    JsonNode tree = tree(file);
    String format = tree.path("format").asString("");
    if (!format.equals(PieceFile.FORMAT)) {
      throw new RefusedInput(
          FIELD,
          format.isEmpty()
              ? said("no-format")
              : given(format.substring(0, Math.min(40, format.length()))),
          said("is-not-a-piece-of-craft-map"),
          ACCEPTED);
    }
    int version = tree.path("version").asInt(0);
    if (version < 1 || version > PieceFile.VERSION) {
      throw new RefusedInput(
          FIELD,
          said("version", given(version)),
          said("is-not-known-here"),
          said("version-1-to-a-newer-craft-map-reads-newer", given(PieceFile.VERSION)));
    }
    Plan plan = plan(tree.path("plan"));
    // the plan points to its photos under the ids that they get here, from its first entry on
    Map<String, String> newIds = newIds(tree.path("photos"));
    SavedPlan started = pieces.start(studio, UUID.randomUUID().toString(), plan.relinked(newIds));
    photos(studio, started.id(), tree.path("photos"), newIds);
    return pieces.get(studio, started.id());
  }

  private JsonNode tree(byte[] file) {
    try {
      return json.readTree(file);
    } catch (JacksonException broken) {
      var at = broken.getLocation();
      throw new RefusedInput(
          FIELD,
          at == null
              ? said("the-file")
              : said("line-column", given(at.getLineNr()), given(at.getColumnNr())),
          said("is-not-readable-there"),
          ACCEPTED);
    }
  }

  private Plan plan(JsonNode plan) {
    try {
      return pieces.readPlan(plan);
    } catch (JacksonException wrong) {
      throw new RefusedInput(
          FIELD, given(path(wrong)), said("does-not-say-what-is-expected-there"), ACCEPTED);
    }
  }

  /** Where in the plan it went wrong, as plan.faces[2].makeUp. */
  private static String path(JacksonException wrong) {
    StringBuilder out = new StringBuilder("plan");
    for (JacksonException.Reference at : wrong.getPath()) {
      if (at.getPropertyName() == null) {
        out.append('[').append(at.getIndex()).append(']');
      } else {
        out.append('.').append(at.getPropertyName());
      }
    }
    return out.toString();
  }

  private static Map<String, String> newIds(JsonNode pictures) {
    Map<String, String> newIds = new HashMap<>();
    int number = 0;
    for (JsonNode picture : pictures) {
      number++;
      newIds.put(idOf(picture, number), UUID.randomUUID().toString());
    }
    return newIds;
  }

  private static String idOf(JsonNode picture, int number) {
    return picture.path("id").asString("photo " + number);
  }

  private void photos(
      Studio studio, String pieceId, JsonNode pictures, Map<String, String> newIds) {
    int number = 0;
    for (JsonNode picture : pictures) {
      number++;
      String where = "photo " + number;
      byte[] bytes;
      try {
        bytes = Base64.getDecoder().decode(picture.path("jpeg").asString(""));
      } catch (IllegalArgumentException notBase64) {
        throw new RefusedInput(FIELD, given(where), said("is-not-base64"), ACCEPTED);
      }
      String id = newIds.remove(idOf(picture, number));
      if (id == null) {
        throw new RefusedInput(
            FIELD, given(where), said("has-the-id-of-another"), said("an-id-of-its-own"));
      }
      photos.add(
          studio,
          pieceId,
          id,
          new Photos.Said(
              stage(picture.path("stage").asString(""), where),
              picture.path("caption").asString(""),
              Optional.ofNullable(picture.path("faceId").asString(null)),
              Optional.ofNullable(picture.path("step").asString(null))),
          bytes);
      sightings.bring(studio, id, faces(picture.path("faces")));
    }
  }

  /** Where faces were found on it; files that are older tell none. */
  private static List<FoundFace> faces(JsonNode faces) {
    List<FoundFace> found = new ArrayList<>();
    for (JsonNode face : faces) {
      List<KeptSighting.KeptPin> pins = new ArrayList<>();
      for (JsonNode pin : face.path("pins")) {
        pins.add(
            new KeptSighting.KeptPin(
                pin.path("anchor").asString(""),
                pin.path("x").asDouble(0),
                pin.path("y").asDouble(0)));
      }
      found.add(new FoundFace(face.path("faceId").asString(""), pins));
    }
    return found;
  }

  private static Stage stage(String name, String where) {
    for (Stage stage : Stage.values()) {
      if (stage.name().equals(name)) {
        return stage;
      }
    }
    throw new RefusedInput(
        FIELD, given(where), said("has-no-stage"), said("before-during-or-after"));
  }
}
