package craftmap.server.piece.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A plan as it is stored and sent: what the artist decided, lengths in millimetres at full
 * precision. {@code docs/piece-file.md} describes it for people.
 *
 * @param schema the version of this shape
 * @param forSale absent where it is not
 * @param coats absent where nothing was decided about them
 * @param order absent where nothing was decided about it
 * @param faces what was found on each face, by id; a face without an entry is as the form gives it
 */
public record PlanDocument(
    int schema,
    String name,
    FormDoc form,
    List<FaceDoc> faces,
    List<LayDoc> lays,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean forSale,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatsDoc coats,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OrderingDoc order) {
  public static final int SCHEMA = 6;

  public PlanDocument {
    faces = faces == null ? List.of() : List.copyOf(faces);
    lays = lays == null ? List.of() : List.copyOf(lays);
  }
}
