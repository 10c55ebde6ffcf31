package craftmap.server.lan;

/** The studio's own network cannot be served as it was asked for. */
final class NoLan extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /**
   * @param why a whole sentence, and what would be accepted
   */
  NoLan(String why) {
    super(why);
  }

  NoLan(String why, Throwable cause) {
    super(why, cause);
  }
}
