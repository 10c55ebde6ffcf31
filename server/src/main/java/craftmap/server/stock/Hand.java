package craftmap.server.stock;

/** Which of a pair. */
public enum Hand {
  NONE,
  LEFT,
  RIGHT
}
