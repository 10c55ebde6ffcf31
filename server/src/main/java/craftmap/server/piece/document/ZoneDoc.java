package craftmap.server.piece.document;

import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A zone.
 *
 * @param makeUp of its own; absent for the face's
 * @param finish of its own; absent for the face's
 */
public record ZoneDoc(
    String id,
    String name,
    String colour,
    AreaDoc area,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) MakeUp makeUp,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Finish finish) {}
