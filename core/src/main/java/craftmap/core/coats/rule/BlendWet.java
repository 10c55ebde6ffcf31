package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.CoatMend;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wishes;
import craftmap.core.coats.Working;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is worked together has to be wet all the while. */
final class BlendWet implements CoatRule {
  /** Narrower than this nothing is worked together any more. */
  private static final double NARROWEST_MM = 20;

  @Override
  public String id() {
    return "blend-wet";
  }

  @Override
  public void look(Seen seen, Findings found) {
    Optional<BandReading> driest =
        seen.reading().bands().stream()
            .filter(b -> b.working().wet().isPresent() && part(b.band()).isPresent())
            .min(Comparator.comparingDouble(b -> b.working().wet().get().staysMm2()));
    if (driest.isEmpty()) {
      return;
    }
    Band band = driest.get().band();
    Working.Wet wet = driest.get().working().wet().orElseThrow();
    if (wet.sections() == 1) {
      return;
    }
    double narrow = Math.floor(wet.staysMm2() / seen.surface().extent().widestMm());
    found.at(
        band,
        Level.TIP,
        narrow < NARROWEST_MM ? List.of() : List.of(narrower(seen, narrow)),
        Seen.named(band),
        new Figure.Area(wet.staysMm2()),
        new Figure.Area(wet.areaMm2()),
        new Figure.Count(wet.sections()));
  }

  private static Optional<Where.Blended> part(Band band) {
    return band instanceof Band.Coat c && c.where() instanceof Where.Blended b
        ? Optional.of(b)
        : Optional.empty();
  }

  private static CoatMend narrower(Seen seen, double bandMm) {
    Wishes wishes = seen.wishes();
    for (Band.Coat coat : seen.coats(c -> c.where() instanceof Where.Blended)) {
      Where.Blended banded = part(coat).orElseThrow().banded(bandMm);
      wishes = wishes.with(coat.key(), seen.wish(coat).with(banded));
    }
    return Findings.mend("narrower-band", wishes, new Figure.Length(bandMm));
  }
}
