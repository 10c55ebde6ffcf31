package craftmap.core.order.work;

import java.util.Optional;

/**
 * Two steps of which neither is done, nor lies about soft, while the other is: the piece lies for
 * the one as it may not for the other.
 *
 * @param firm what has to pass after the one until the piece may lie as the other needs it
 * @param otherFirm the same the other way round
 */
public record Apart(String step, String other, Optional<Dry> firm, Optional<Dry> otherFirm) {}
