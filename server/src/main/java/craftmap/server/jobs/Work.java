package craftmap.server.jobs;

import craftmap.server.studio.Studio;

/**
 * A job to do.
 *
 * @param person who began it
 */
public record Work<I>(String id, Studio studio, String title, String person, I input) {}
