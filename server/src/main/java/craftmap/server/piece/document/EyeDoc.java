package craftmap.server.piece.document;

import java.util.List;

/** What the eye changes: a wobble within a tolerance, and copies put by hand. */
public record EyeDoc(double wobbleMm, double wobbleDeg, int seed, List<HeldDoc> held) {
  public EyeDoc {
    held = held == null ? List.of() : List.copyOf(held);
  }
}
