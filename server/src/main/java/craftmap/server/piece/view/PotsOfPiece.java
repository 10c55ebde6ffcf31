package craftmap.server.piece.view;

import craftmap.core.finding.PotFindings;
import craftmap.core.plan.LayReading;
import craftmap.core.supply.Provision;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The pots that a piece draws on, and what its lays take of them; looked up once, if at all. */
public final class PotsOfPiece {
  private final Supplier<List<LayReading>> lays;
  private final Supplier<Set<String>> done;
  private final Function<Set<String>, Map<String, Double>> availableMl;
  private List<LayReading.Laid> laid;
  private Set<String> doneLays;
  private Map<String, Double> available;

  /**
   * @param lays what all lays of the piece come to
   * @param done the lays whose use is booked
   * @param availableMl what the piece may count on of some pots
   */
  public PotsOfPiece(
      Supplier<List<LayReading>> lays,
      Supplier<Set<String>> done,
      Function<Set<String>, Map<String, Double>> availableMl) {
    this.lays = lays;
    this.done = done;
    this.availableMl = availableMl;
  }

  /** As they stand beside a lay that is looked at, which may be other than it is saved. */
  PotFindings.Pots beside(LayReading.Laid own) {
    lookUp(own);
    return new PotFindings.Pots() {
      @Override
      public Provision provision(String potId) {
        double others =
            laid.stream()
                .filter(l -> !l.lay().id().equals(own.lay().id()))
                .filter(l -> l.pot().filter(p -> p.id().equals(potId)).isPresent())
                .filter(l -> !isDone(l.lay().id()))
                .mapToDouble(l -> l.takes().potMl())
                .sum();
        return Provision.of(
            others + own.takes().potMl(), available.computeIfAbsent(potId, PotsOfPiece.this::of));
      }

      @Override
      public boolean isDone(String layId) {
        return doneLays.contains(layId);
      }
    };
  }

  private void lookUp(LayReading.Laid own) {
    if (laid != null) {
      return;
    }
    laid =
        lays.get().stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .filter(LayReading.Laid::lead)
            .toList();
    doneLays = done.get();
    Set<String> named =
        Stream.concat(laid.stream(), Stream.of(own))
            .flatMap(l -> l.pot().stream())
            .map(p -> p.id())
            .collect(Collectors.toSet());
    available = new HashMap<>(availableMl.apply(named));
  }

  private double of(String potId) {
    return availableMl.apply(Set.of(potId)).getOrDefault(potId, 0.0);
  }
}
