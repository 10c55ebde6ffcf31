package craftmap.server.piece;

import craftmap.server.studio.Studio;

/** A piece has another plan now, or was put into the archive or taken out of it. */
public record PlanMoved(Studio studio, SavedPlan piece) {}
