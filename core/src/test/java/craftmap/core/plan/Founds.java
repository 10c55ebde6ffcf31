package craftmap.core.plan;

import craftmap.core.surface.Marks;

/** What was found on faces, for tests. */
final class Founds {
  private Founds() {}

  /** Marks, and nothing else. */
  static Found with(Marks marks) {
    Found n = Found.nothing();
    return new Found(
        n.name(),
        n.outline(),
        n.makeUp(),
        n.finish(),
        n.ground(),
        n.exposure(),
        n.edgeDepthMm(),
        n.relief(),
        n.shown(),
        n.comesOff(),
        n.standing(),
        n.ownMarks(),
        marks);
  }
}
