package craftmap.core.medium;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * What a medium is, and what it is for.
 *
 * @param alsoRole a second thing it is used as
 */
public record Kind(Role role, Optional<Role> alsoRole, Base base, Sheen sheen, SoldBy soldBy) {
  /** Whether it is used as that, be it as a second thing. */
  public boolean isUsedAs(Role other) {
    return role == other || alsoRole.filter(r -> r == other).isPresent();
  }

  static Kind read(MeasureSheet label, Kind typical) {
    Role role = label.choice("role", "used-as", typical.role);
    return new Kind(
        role,
        typical.alsoRole.filter(r -> r != role),
        label.choice("base", "base", typical.base),
        label.choice("sheen", "sheen", typical.sheen),
        label.choice("soldBy", "sold-by", typical.soldBy));
  }
}
