package craftmap.server.piece;

import craftmap.core.lay.RunKind;
import craftmap.core.surface.Edge;
import craftmap.core.surface.MakeUp;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A plan as it is stored and sent: what the artist decided, lengths in millimetres at full
 * precision.
 *
 * @param schema the version of this shape
 */
public record PlanDocument(
    int schema, String name, FormDoc form, List<FaceDoc> faces, List<LayDoc> lays) {
  public static final int SCHEMA = 1;

  public PlanDocument {
    faces = faces == null ? List.of() : List.copyOf(faces);
    lays = lays == null ? List.of() : List.copyOf(lays);
  }

  /** A form of furniture with its measures. */
  public record FormDoc(FormKind kind, double widthMm, double heightMm, double depthMm) {}

  /** The forms there are. */
  public enum FormKind {
    CHEST
  }

  public record FaceDoc(
      String id,
      MakeUp makeUp,
      String ground,
      List<KeepOutDoc> keepOuts,
      List<BlemishDoc> blemishes) {
    public FaceDoc {
      keepOuts = keepOuts == null ? List.of() : List.copyOf(keepOuts);
      blemishes = blemishes == null ? List.of() : List.copyOf(blemishes);
    }
  }

  public record KeepOutDoc(
      String id, String name, double leftMm, double topMm, double widthMm, double heightMm) {}

  public record BlemishDoc(
      String id, int number, String kind, double xMm, double yMm, double diameterMm) {}

  public record LayDoc(
      String id,
      String faceId,
      String designId,
      RunDoc run,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PickDoc pick,
      String paintId,
      int coats) {}

  public record RunDoc(
      Edge edge,
      double distanceMm,
      double startInsetMm,
      double endInsetMm,
      double gapMm,
      double endMarginMm,
      double allowedChange) {}

  public record PickDoc(RunKind kind, int count) {}
}
