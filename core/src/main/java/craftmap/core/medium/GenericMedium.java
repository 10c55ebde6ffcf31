package craftmap.core.medium;

import java.util.List;
import java.util.Optional;

/** A kind of medium with the values that are typical of it, marked so until a label is read. */
public record GenericMedium(String key, Medium medium) {
  private static final List<GenericMedium> ALL = GenericTable.read();

  /** All of them, by what they are used as. */
  public static List<GenericMedium> all() {
    return ALL;
  }

  public static Optional<GenericMedium> find(String key) {
    return ALL.stream().filter(g -> g.key.equals(key)).findFirst();
  }

  /** What is typical of a role, while no label was read: the first one used as that. */
  public static Optional<GenericMedium> of(Role role) {
    return ALL.stream().filter(g -> g.medium.kind().role() == role).findFirst();
  }

  public String name() {
    return medium.name();
  }
}
