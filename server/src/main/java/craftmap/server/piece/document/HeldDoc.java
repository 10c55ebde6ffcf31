package craftmap.server.piece.document;

/** A copy put by hand, by its number in the lay, from 0. */
public record HeldDoc(int item, double xMm, double yMm, double turnDeg) {}
