package craftmap.core.plan.order;

import craftmap.core.medium.Medium;
import java.util.Optional;

/**
 * What a mend takes.
 *
 * @param of what medium: also where no pot of it stands on the shelf any more
 */
public record MendDraw(Draws.Draw draw, Optional<Medium> of) {}
