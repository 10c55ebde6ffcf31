package craftmap.server.piece.document;

import craftmap.core.surface.outline.Side;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * An area: an upright box by left, top, width and height; a round one by its centre and diameter;
 * one through corners; a strip of a depth along a side; the rim by its depth.
 */
public record AreaDoc(
    AreaKind kind,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double leftMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double topMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double widthMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double heightMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double xMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double yMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double diameterMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double depthMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Side.Name side,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) List<PointDoc> points) {
  public static AreaDoc upright(double left, double top, double width, double height) {
    return new AreaDoc(
        AreaKind.UPRIGHT, left, top, width, height, null, null, null, null, null, null);
  }

  public static AreaDoc round(double x, double y, double diameter) {
    return new AreaDoc(AreaKind.ROUND, null, null, null, null, x, y, diameter, null, null, null);
  }
}
