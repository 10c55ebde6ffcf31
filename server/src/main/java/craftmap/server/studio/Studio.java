package craftmap.server.studio;

import craftmap.core.coats.Habits;
import craftmap.core.measure.TapeDivision;

/**
 * A studio.
 *
 * @param tape it measures with
 * @param habits that its new pieces follow
 */
public record Studio(String id, String name, TapeDivision tape, Habits habits) {}
