package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;

/** Damage that is neither filled nor hidden shows through every coat. */
final class BareDamage implements CoatRule {
  @Override
  public String id() {
    return "damage-bare";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (seen.surface().hollows().isEmpty() || seen.buildUp().step(StepKind.FILL).isPresent()) {
      return;
    }
    seen.coats(Band.Coat::isOpaque).stream()
        .findFirst()
        .ifPresent(
            coat ->
                found.at(
                    coat,
                    Level.TIP,
                    List.of(
                        seen.step(
                            "fill",
                            StepKind.FILL,
                            seen.buildUp().bands().stream()
                                .filter(
                                    b ->
                                        !(b instanceof Band.Step s)
                                            || s.kind().compareTo(StepKind.FILL) > 0)
                                .findFirst(),
                            new Figure.Volume(seen.surface().fillMl()))),
                    new Figure.Count(seen.surface().hollows().size())));
  }
}
