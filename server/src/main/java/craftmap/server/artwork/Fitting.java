package craftmap.server.artwork;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * How artwork is brought to its true size. Places are shares of its width and height, from its top
 * left corner.
 *
 * @param known a stretch on it whose length is known
 * @param crop the part that is kept
 */
public record Fitting(
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Known known,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Crop crop) {

  /** From one place to another it is so long. */
  public record Known(double fromX, double fromY, double toX, double toY, double lengthMm) {}

  /** An upright box. */
  public record Crop(double left, double top, double width, double height) {}
}
