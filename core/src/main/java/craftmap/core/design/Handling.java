package craftmap.core.design;

/**
 * What may be done to a design on its way to the face.
 *
 * @param mirrors a plain stencil is turned over; what sticks or is printed on one side is not
 */
public record Handling(boolean scales, boolean turns, boolean mirrors, boolean cuts) {
  static final Handling PLAIN_STENCIL = new Handling(false, true, true, false);
  static final Handling ONE_SIDED_STENCIL = new Handling(false, true, false, false);
  static final Handling PRINTED = new Handling(false, true, false, true);
  static final Handling CAST = new Handling(false, true, false, true);
  static final Handling DRAWN = new Handling(true, true, true, true);
}
