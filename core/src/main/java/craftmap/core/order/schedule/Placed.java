package craftmap.core.order.schedule;

/**
 * When a step is done, and by whom, in minutes from the beginning.
 *
 * @param person by number
 */
public record Placed(String stepId, int person, int from, int to) {}
