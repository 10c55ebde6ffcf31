package craftmap.server.access;

/** Something was asked by a device that is for the bench alone. */
public final class NotAtTheBench extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotAtTheBench() {
    super(
        "This device is for the bench alone. An owner can let it do more, at Studio, Devices.",
        null,
        false,
        false);
  }
}
