package craftmap.core.coats.rule;

import craftmap.core.coats.StepKind;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Role;
import java.util.List;
import java.util.Optional;

/** Stain that splashes onto bare paint beside it stays there. */
final class StainSplash implements CoatRule {
  @Override
  public String id() {
    return "stain-splash";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (seen.surface().extent().maskMm() <= 0 || seen.buildUp().step(StepKind.MASK).isPresent()) {
      return;
    }
    seen.coats(c -> c.role() == Role.STAIN).stream()
        .findFirst()
        .ifPresent(
            stain ->
                found.at(
                    stain,
                    Level.RISK,
                    List.of(
                        seen.step(
                            "mask",
                            StepKind.MASK,
                            Optional.of(stain),
                            new Figure.Length(seen.surface().extent().maskMm()))),
                    Seen.named(stain)));
  }
}
