package craftmap.server.studio;

import craftmap.core.measure.TapeDivision;

/** A studio and the tape it measures with. */
public record Studio(String id, String name, TapeDivision tape) {}
