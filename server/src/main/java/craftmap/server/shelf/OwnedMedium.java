package craftmap.server.shelf;

import craftmap.core.medium.Medium;

/**
 * A medium on the shelf, with what was read off its label.
 *
 * @param version how often it was changed
 */
public record OwnedMedium(Medium medium, MediumGiven given, long version) {}
