package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** Metal goes on last: what is sanded or waxed over it takes it off or dulls it. */
final class MetallicLast implements CoatRule {
  @Override
  public String id() {
    return "metallic-last";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat metal : seen.coats(c -> c.role() == Role.METALLIC_WAX)) {
      Optional<Band> later =
          seen.buildUp().over(metal).stream()
              .filter(b -> b instanceof Band.Coat c && (c.isDarkWax() || c.grit().isPresent()))
              .reduce((a, b) -> b);
      later.ifPresent(
          over ->
              found.at(
                  metal,
                  Level.TIP,
                  List.of(seen.moved("metal-last", metal, Optional.empty())),
                  Seen.named(metal),
                  Seen.named(over)));
    }
  }
}
