package craftmap.core.coats;

/** What can be in a group: a face, a zone of one, a part that is no face. */
public sealed interface Place {
  record OfFace(String faceId) implements Place {}

  /** A zone leaves its face's group: skirting, corners, an inset. */
  record OfZone(String faceId, String zoneId) implements Place {}

  /**
   * Parts that are coated and not decorated.
   *
   * @param areaMm2 as it was measured; nothing where it follows from the form
   */
  record OfParts(Parts parts, double areaMm2) implements Place {}

  /** Kinds of part, with what one of them has of surface until it is measured. */
  enum Parts {
    KNOBS(4_000),
    HINGES(6_000),
    HANDLES(8_000),
    INSIDES(0),
    EDGES(0),
    BACKS(0);

    private final double eachMm2;

    Parts(double eachMm2) {
      this.eachMm2 = eachMm2;
    }

    public double eachMm2() {
      return eachMm2;
    }
  }
}
