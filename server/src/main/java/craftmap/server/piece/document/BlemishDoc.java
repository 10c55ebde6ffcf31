package craftmap.server.piece.document;

import io.swagger.v3.oas.annotations.media.Schema;

public record BlemishDoc(
    String id,
    int number,
    String kind,
    double xMm,
    double yMm,
    double diameterMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String photoId) {}
