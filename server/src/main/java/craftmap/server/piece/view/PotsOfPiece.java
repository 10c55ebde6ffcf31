package craftmap.server.piece.view;

import craftmap.core.finding.PotFindings;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.order.StillToTake;
import craftmap.core.supply.Provision;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;

/** The pots that a piece draws on, and what its lays take of them; looked up once, if at all. */
public final class PotsOfPiece {
  private final Supplier<Taken> taken;
  private final Function<Set<String>, Map<String, Double>> available;

  /** What is left to take of each pot, lay by lay. */
  private Map<String, List<Draw>> byPot;

  private StillToTake left;
  private Map<String, Double> ofCoats;
  private Map<String, Double> known;

  /**
   * What a piece takes.
   *
   * @param lays what all its lays come to
   * @param still what is left to take
   * @param ofCoats what coats take of each pot of what is left
   */
  public record Taken(List<LayReading> lays, StillToTake still, Map<String, Double> ofCoats) {
    public static final Taken NOTHING = new Taken(List.of(), StillToTake.all(), Map.of());
  }

  /**
   * @param taken by the piece
   * @param available what the piece may count on of some pots
   */
  public PotsOfPiece(Supplier<Taken> taken, Function<Set<String>, Map<String, Double>> available) {
    this.taken = taken;
    this.available = available;
  }

  /** As they stand beside a lay that is looked at, which may be other than it is saved. */
  PotFindings.Pots beside(LayReading.Laid own) {
    lookUp();
    return new PotFindings.Pots() {
      @Override
      public Provision provision(String potId) {
        double others =
            byPot.getOrDefault(potId, List.of()).stream()
                .filter(d -> !d.layId().equals(own.lay().id()))
                .mapToDouble(Draw::ml)
                .sum();
        double under = ofCoats.getOrDefault(potId, 0.0);
        return Provision.of(
            others + under + left.of(own.lay().id(), own.takes().potMl()), availableMl(potId));
      }

      @Override
      public boolean isDone(String layId) {
        return left.isDone(layId);
      }
    };
  }

  private void lookUp() {
    if (byPot != null) {
      return;
    }
    Taken all = taken.get();
    left = all.still();
    ofCoats = all.ofCoats();
    byPot = new HashMap<>();
    for (LayReading reading : all.lays()) {
      if (reading instanceof LayReading.Laid laid && laid.lead() && laid.pot().isPresent()) {
        String id = laid.lay().id();
        byPot
            .computeIfAbsent(laid.pot().get().id(), p -> new ArrayList<>())
            .add(new Draw(id, left.of(id, laid.takes().potMl())));
      }
    }
    known = new HashMap<>();
  }

  /**
   * Who looks at one lay asks for its pot alone; who asks for a second one looks at all of them,
   * and then all are looked up at once.
   */
  private double availableMl(String potId) {
    if (!known.containsKey(potId)) {
      Set<String> asked = known.isEmpty() ? Set.of(potId) : named(potId);
      Map<String, Double> found = available.apply(asked);
      asked.forEach(pot -> known.put(pot, found.getOrDefault(pot, 0.0)));
    }
    return known.get(potId);
  }

  private Set<String> named(String potId) {
    Set<String> all = new HashSet<>(byPot.keySet());
    all.add(potId);
    return all;
  }

  private record Draw(String layId, double ml) {}
}
