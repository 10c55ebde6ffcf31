package craftmap.server.photo;

/** When a photo was taken. */
public enum Stage {
  BEFORE,
  DURING,
  AFTER
}
