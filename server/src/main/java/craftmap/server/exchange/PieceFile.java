package craftmap.server.exchange;

import craftmap.server.photo.Stage;
import craftmap.server.piece.document.PlanDocument;
import craftmap.server.sight.FoundFace;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A piece as one file.
 *
 * @param format always {@link #FORMAT}
 * @param version of this file's shape; the plan carries its own
 */
record PieceFile(String format, int version, PlanDocument plan, List<PhotoInFile> photos) {
  static final String FORMAT = "craft-map-piece";
  static final int VERSION = 1;

  /** A photo with its picture in Base64. */
  record PhotoInFile(
      String id,
      Stage stage,
      String caption,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String step,
      String jpeg,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<FoundFace> faces) {}
}
