package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/** What lies beside something wet and has to stay clean is masked, and the tape comes off again. */
final class MaskPlan implements CoatRule {
  @Override
  public String id() {
    return "mask-plan";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (seen.surface().extent().maskMm() <= 0 || seen.buildUp().step(StepKind.MASK).isPresent()) {
      return;
    }
    seen.coats(Band.Coat::isFilm).stream()
        .findFirst()
        .ifPresent(
            coat ->
                found.at(
                    coat,
                    Level.TIP,
                    List.of(
                        seen.step(
                            "mask",
                            StepKind.MASK,
                            Optional.of(coat),
                            new Figure.Length(seen.surface().extent().maskMm()))),
                    Seen.named(coat),
                    new Figure.Length(seen.surface().extent().maskMm())));
  }
}
