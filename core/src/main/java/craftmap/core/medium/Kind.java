package craftmap.core.medium;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/**
 * What a medium is, and what it is for.
 *
 * @param alsoRole a second thing it is used as
 */
public record Kind(Role role, Optional<Role> alsoRole, Base base, Sheen sheen, SoldBy soldBy) {
  static Kind read(MeasureSheet label, Kind typical) {
    Role role = label.choice("role", "Used as", typical.role);
    return new Kind(
        role,
        typical.alsoRole.filter(r -> r != role),
        label.choice("base", "Base", typical.base),
        label.choice("sheen", "Sheen", typical.sheen),
        label.choice("soldBy", "Sold by", typical.soldBy));
  }
}
