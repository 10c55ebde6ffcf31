package craftmap.server.jobs;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * How a job stands.
 *
 * @param share of the work that is done, 0 to 1
 * @param failure why it failed
 * @param fileName of its result, where that is a file
 */
public record Job(
    String id,
    String kind,
    String title,
    JobState state,
    double share,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String failure,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String fileName) {}
