package craftmap.core.order.work;

import craftmap.core.order.bench.Footprint;
import java.util.Optional;

/**
 * What lies by itself while it dries: a piece, or a part that was taken off it.
 *
 * @param part what it is called; empty for the piece itself
 * @param size what it covers; absent where nobody knows
 */
public record Thing(String pieceId, String part, Optional<Footprint> size) {}
