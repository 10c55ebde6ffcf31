package craftmap.core.design;

import craftmap.core.medium.Role;
import java.util.List;

/**
 * What is wet when a design is put on: the paint it is painted in, the paste it is made of, or what
 * it is stuck down or sealed with.
 *
 * @param roles what may be taken for it, the usual one first
 * @param coats as many as are usual
 */
public record PutOn(List<Role> roles, int coats) {
  /** Brushed, sponged or dotted on in colour. */
  private static final List<Role> COLOURS =
      List.of(Role.PAINT, Role.GLAZE, Role.STAIN, Role.METALLIC_WAX);

  static final PutOn PAINT = new PutOn(COLOURS, 2);

  /** Through openings paste and size go as well as paint. */
  public static final PutOn THROUGH_OPENINGS =
      new PutOn(
          List.of(Role.PAINT, Role.GLAZE, Role.STAIN, Role.METALLIC_WAX, Role.PASTE, Role.SIZE), 2);

  static final PutOn PASTE = new PutOn(List.of(Role.PASTE), 1);
  static final PutOn CLAY = new PutOn(List.of(Role.CLAY), 1);
  static final PutOn RESIN = new PutOn(List.of(Role.RESIN), 1);

  /** One coat under it, two over it. */
  static final PutOn DECOUPAGE = new PutOn(List.of(Role.DECOUPAGE_MEDIUM, Role.ADHESIVE), 3);

  static final PutOn SIZE = new PutOn(List.of(Role.SIZE), 1);
  static final PutOn GLUE = new PutOn(List.of(Role.ADHESIVE), 1);

  /** On both sides of what is joined. */
  static final PutOn CONTACT = new PutOn(List.of(Role.CONTACT_ADHESIVE), 2);

  /** What is rubbed on is sealed: never with oil. */
  static final PutOn SEAL = new PutOn(List.of(Role.CLEAR_COAT, Role.DECOUPAGE_MEDIUM), 2);

  public PutOn {
    roles = List.copyOf(roles);
  }

  /** Whether it is what one sees in the end, so that it must stand out from the ground. */
  public boolean shows() {
    return usual() == Role.PAINT;
  }

  public Role usual() {
    return roles.getFirst();
  }
}
