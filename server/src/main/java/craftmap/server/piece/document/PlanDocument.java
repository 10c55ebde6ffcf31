package craftmap.server.piece.document;

import java.util.List;

/**
 * A plan as it is stored and sent: what the artist decided, lengths in millimetres at full
 * precision. {@code docs/piece-file.md} describes it for people.
 *
 * @param schema the version of this shape
 * @param faces what was found on each face, by id; a face without an entry is as the form gives it
 */
public record PlanDocument(
    int schema, String name, FormDoc form, List<FaceDoc> faces, List<LayDoc> lays) {
  public static final int SCHEMA = 4;

  public PlanDocument {
    faces = faces == null ? List.of() : List.copyOf(faces);
    lays = lays == null ? List.of() : List.copyOf(lays);
  }
}
