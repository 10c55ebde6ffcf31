package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * What a group comes to.
 *
 * @param choices the ways to come to its ground, the best first
 * @param chosen the one that is taken, which may be none of those where it was changed by hand
 */
public record GroupReading(
    Group group,
    GroupSurface surface,
    List<BandReading> bands,
    List<PrimerChoice> choices,
    Optional<PrimerChoice> chosen,
    List<CoatFinding> findings) {
  public GroupReading {
    bands = List.copyOf(bands);
    choices = List.copyOf(choices);
    findings = List.copyOf(findings);
  }

  /** Everything but what is found in it. */
  public static GroupReading of(
      Group group, GroupSurface surface, List<LayHere> lays, CoatShelf shelf, Habits habits) {
    Proposing.Proposed proposed = new Proposing(surface, lays, shelf, habits, group.wishes()).run();
    return new GroupReading(
        group,
        surface,
        new CoatSums(surface, shelf.learned()).of(proposed.buildUp()),
        proposed.choices(),
        chosen(proposed),
        List.of());
  }

  private static Optional<PrimerChoice> chosen(Proposing.Proposed proposed) {
    Optional<Band.Coat> ground = proposed.buildUp().coat(Band.GROUND);
    Optional<Band.Coat> primer = proposed.buildUp().coat(Band.PRIMER);
    return ground.flatMap(
        g ->
            proposed.choices().stream()
                .filter(c -> c.isFrom(primer.map(Band.Coat::of)))
                .filter(c -> c.primerCoats() == primer.map(Band.Coat::times).orElse(0))
                .filter(c -> c.paintCoats() == g.times())
                .findFirst());
  }

  public GroupReading found(List<CoatFinding> others) {
    return new GroupReading(group, surface, bands, choices, chosen, others);
  }

  public BuildUp buildUp() {
    return new BuildUp(bands.stream().map(BandReading::band).toList());
  }

  public Optional<BandReading> band(String key) {
    return bands.stream().filter(b -> b.band().key().equals(key)).findFirst();
  }

  /** What one sees under the designs in the end; what hides looks as its pot does. */
  public Colour shows() {
    return blend().mean().colour();
  }

  /** The colours worked together that one sees in the end, with what lies over them; or none. */
  public Blend blend() {
    Blend blend = new Blend(surface.now().lab());
    for (BandReading band : bands) {
      if (!(band.band() instanceof Band.Coat coat) || band.shades().isEmpty()) {
        continue;
      }
      BandReading.Shade last = band.shades().getLast();
      if (coat.where() instanceof Where.Blended part) {
        blend = blend.with(part, seen(coat, last).lab());
      } else if (coat.where().tintsAll() && coat.hides() > 0) {
        blend =
            hidden(coat, last)
                ? new Blend(seen(coat, last).lab())
                : blend.under(CoatSums.covering(coat), coat.times());
      }
    }
    return blend;
  }

  private static boolean hidden(Band.Coat coat, BandReading.Shade last) {
    return coat.isOpaque() && last.departs() <= Covering.HIDDEN;
  }

  private static Colour seen(Band.Coat coat, BandReading.Shade last) {
    return hidden(coat, last) ? coat.of().medium().coverage().colour() : last.colour();
  }

  /**
   * Waiting, by the labels: after each coat until the next may follow, after each wash until dry.
   */
  public Duration waiting() {
    Duration all = Duration.ZERO;
    for (BandReading band : bands) {
      all =
          all.plus(
              switch (band.band()) {
                case Band.Coat c -> c.of().medium().drying().recoatFrom().multipliedBy(c.times());
                case Band.OfLay l ->
                    l.lay()
                        .pot()
                        .map(p -> p.drying().recoatFrom().multipliedBy(l.lay().coats()))
                        .orElse(Duration.ZERO);
                case Band.Step s ->
                    s.of().map(p -> p.medium().drying().touchDry()).orElse(Duration.ZERO);
              });
    }
    return all;
  }

  /** Coats in all, without those of lays. */
  public int coats() {
    return bands.stream()
        .filter(b -> b.band() instanceof Band.Coat)
        .mapToInt(b -> ((Band.Coat) b.band()).times())
        .sum();
  }

  /** What it takes that is not owned. */
  public List<InHand> toBuy() {
    return bands.stream()
        .flatMap(b -> b.product().stream())
        .filter(p -> !p.isOwned())
        .distinct()
        .toList();
  }

  public Duration handsOn() {
    return bands.stream().map(BandReading::handsOn).reduce(Duration.ZERO, Duration::plus);
  }

  public double ml() {
    return bands.stream()
        .filter(b -> b.band() instanceof Band.Coat)
        .mapToDouble(BandReading::ml)
        .sum();
  }

  /** Those that are neither overruled nor fine. */
  public List<CoatFinding> open() {
    return findings.stream().filter(CoatFinding::isOpen).toList();
  }
}
