package craftmap.core.order.work;

import java.util.Optional;

/**
 * One step after another.
 *
 * @param atLeast what has to have dried from the end of the one to the beginning of the other
 * @param atMost by when the other has to have begun, from the end of the one
 */
public record Link(String from, String to, Optional<Dry> atLeast, Optional<Dry> atMost) {
  public static Link after(String from, String to) {
    return new Link(from, to, Optional.empty(), Optional.empty());
  }

  public static Link dry(String from, String to, Dry dry) {
    return new Link(from, to, Optional.of(dry), Optional.empty());
  }

  public Link within(Dry window) {
    return new Link(from, to, atLeast, Optional.of(window));
  }
}
