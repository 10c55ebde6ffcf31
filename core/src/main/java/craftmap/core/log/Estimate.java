package craftmap.core.log;

/**
 * A figure that is learned.
 *
 * @param low with high, where it is in 95 of 100 cases
 * @param count how many observations stand behind it
 */
public record Estimate(double value, double low, double high, int count) {}
