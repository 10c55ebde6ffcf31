package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.StepKind;
import craftmap.core.measure.Level;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.List;
import java.util.Optional;

/** Paint and primer hold on a gloss only when it is scuffed. */
final class ScuffFirst implements CoatRule {
  @Override
  public String id() {
    return "scuff-first";
  }

  @Override
  public void look(Seen seen, Findings found) {
    boolean glossy =
        seen.surface().finish() == Finish.VARNISHED
            || seen.surface().finish() == Finish.PAINTED
            || seen.surface().makeUp() == MakeUp.LAMINATE
            || seen.surface().makeUp() == MakeUp.PLASTIC;
    Optional<Band.Coat> first = seen.coats(Band.Coat::isFilm).stream().findFirst();
    if (!glossy
        || first.isEmpty()
        || seen.buildUp()
            .step(StepKind.SAND)
            .filter(
                s -> seen.buildUp().indexOf(s.key()) < seen.buildUp().indexOf(first.get().key()))
            .isPresent()) {
      return;
    }
    found.at(
        first.get(),
        Level.RISK,
        List.of(seen.step("scuff", StepKind.SAND, beforeSanding(seen))),
        Seen.named(first.get()));
  }

  /** What stands behind sanding in its usual place. */
  private static Optional<Band> beforeSanding(Seen seen) {
    return seen.buildUp().bands().stream()
        .filter(b -> !(b instanceof Band.Step s) || s.kind().compareTo(StepKind.SAND) > 0)
        .findFirst();
  }
}
