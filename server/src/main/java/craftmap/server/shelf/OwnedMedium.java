package craftmap.server.shelf;

import craftmap.core.medium.Medium;

/** A medium on the shelf, with what was read off its label. */
public record OwnedMedium(Medium medium, MediumGiven given) {}
