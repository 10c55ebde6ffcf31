package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.PrimerChoice;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/** Another primer saves at least one coat in all. */
final class PrimerShade implements CoatRule {
  @Override
  public String id() {
    return "primer-shade";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<Band> ground = seen.buildUp().band(Band.GROUND);
    if (ground.isEmpty()
        || !(ground.get() instanceof Band.Coat paint)
        || seen.reading().choices().isEmpty()) {
      return;
    }
    Optional<Band.Coat> primer = seen.buildUp().coat(Band.PRIMER);
    int now = paint.times() + primer.map(Band.Coat::times).orElse(0);
    PrimerChoice best = seen.reading().choices().getFirst();
    // what does not hide is told by another rule, and what lacks something saves nothing
    if (!best.hides()
        || !best.lacks().isEmpty()
        || best.coats() >= now
        || best.isFrom(primer.map(Band.Coat::of))) {
      return;
    }
    double ml = seen.ml(paint) + primer.map(seen::ml).orElse(0.0);
    double minutes =
        seen.reading().band(paint.key()).orElseThrow().handsOn().toMinutes()
            + primer
                .flatMap(p -> seen.reading().band(p.key()))
                .map(p -> p.handsOn().toMinutes())
                .orElse(0L);
    Figure saved = new Figure.Count(now - best.coats());
    Figure name =
        best.primer()
            .<Figure>map(p -> new Figure.Named(p.medium().name()))
            .orElse(Figure.said("no-primer"));
    CoatMend mend =
        best.primer()
            .map(p -> seen.primer("other-primer", p, best.primerCoats(), name))
            .orElseGet(() -> seen.without("no-primer", primer.orElseThrow()));
    found.at(
        paint,
        Level.TIP,
        List.of(mend),
        name,
        saved,
        new Figure.Volume(Math.abs(ml - best.ml())),
        new Figure.Count((int) Math.round(minutes - best.handsOn().toMinutes())),
        new Figure.Count(best.coats()),
        new Figure.Count(now),
        new Figure.Count(ml >= best.ml() ? 1 : 0));
  }
}
