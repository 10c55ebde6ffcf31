package craftmap.server.access;

/** Something was asked by somebody who is known, and is not the one to do it. */
public final class NotAllowed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final StudioRole asked;

  /**
   * @param asked what one would have to be
   */
  public NotAllowed(StudioRole asked) {
    super(asked.name(), null, false, false);
    this.asked = asked;
  }

  public StudioRole asked() {
    return asked;
  }
}
