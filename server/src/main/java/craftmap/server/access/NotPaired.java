package craftmap.server.access;

/** Something was asked over the studio's own network by a device that is not paired with it. */
public final class NotPaired extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotPaired() {
    super("Pair this device with the studio to go on.", null, false, false);
  }
}
