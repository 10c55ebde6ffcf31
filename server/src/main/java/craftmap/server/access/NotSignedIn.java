package craftmap.server.access;

/** Something was asked that one has to be known for, by nobody who is. */
public final class NotSignedIn extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotSignedIn() {
    super("Sign in to go on.", null, false, false);
  }
}
