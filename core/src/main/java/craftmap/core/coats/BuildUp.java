package craftmap.core.coats;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Everything on a group, from the bare surface up. */
public record BuildUp(List<Band> bands) {
  public BuildUp {
    bands = List.copyOf(bands);
  }

  /**
   * By stage, within a stage as they come; and then as the artist moved them. What is new since
   * then stands before the first of a higher stage.
   */
  static BuildUp of(List<Band> bands, List<String> order) {
    List<Band> byStage = new ArrayList<>(bands);
    byStage.sort(Comparator.comparing(Band::stage));
    if (order.isEmpty()) {
      return new BuildUp(byStage);
    }
    Map<String, Integer> moved = new HashMap<>();
    for (int i = 0; i < order.size(); i++) {
      moved.putIfAbsent(order.get(i), i);
    }
    List<Band> ordered = new ArrayList<>();
    byStage.stream()
        .filter(b -> moved.containsKey(b.key()))
        .sorted(Comparator.comparing(b -> moved.get(b.key())))
        .forEach(ordered::add);
    for (Band band : byStage) {
      if (!moved.containsKey(band.key())) {
        ordered.add(beforeHigher(ordered, band.stage()), band);
      }
    }
    return new BuildUp(ordered);
  }

  private static int beforeHigher(List<Band> bands, Stage stage) {
    for (int i = 0; i < bands.size(); i++) {
      if (bands.get(i).stage().compareTo(stage) > 0) {
        return i;
      }
    }
    return bands.size();
  }

  public Optional<Band> band(String key) {
    return bands.stream().filter(b -> b.key().equals(key)).findFirst();
  }

  public int indexOf(String key) {
    for (int i = 0; i < bands.size(); i++) {
      if (bands.get(i).key().equals(key)) {
        return i;
      }
    }
    return -1;
  }

  public List<String> keys() {
    return bands.stream().map(Band::key).toList();
  }

  public Stream<Band.Coat> coats() {
    return coats(bands);
  }

  public Stream<Band.OfLay> lays() {
    return bands.stream().filter(Band.OfLay.class::isInstance).map(Band.OfLay.class::cast);
  }

  public Stream<Band.Step> steps() {
    return bands.stream().filter(Band.Step.class::isInstance).map(Band.Step.class::cast);
  }

  public Optional<Band.Step> step(StepKind kind) {
    return steps().filter(s -> s.kind() == kind).findFirst();
  }

  /** What lies under a band, the nearest first. */
  public List<Band> under(Band band) {
    return bands.subList(0, indexOf(band.key())).reversed();
  }

  /** What lies over a band, the nearest first. */
  public List<Band> over(Band band) {
    return bands.subList(indexOf(band.key()) + 1, bands.size());
  }

  /** The coats under a band, the nearest first. */
  public Stream<Band.Coat> coatsUnder(Band band) {
    return coats(under(band));
  }

  /** The coats over a band, the nearest first. */
  public Stream<Band.Coat> coatsOver(Band band) {
    return coats(over(band));
  }

  private static Stream<Band.Coat> coats(List<Band> bands) {
    return bands.stream().filter(Band.Coat.class::isInstance).map(Band.Coat.class::cast);
  }

  /** A coat by its key. */
  public Optional<Band.Coat> coat(String key) {
    return coats().filter(c -> c.key().equals(key)).findFirst();
  }

  public boolean isUnder(Band band, Predicate<Band.Coat> coat) {
    return coatsUnder(band).anyMatch(coat);
  }

  public boolean isOver(Band band, Predicate<Band.Coat> coat) {
    return coatsOver(band).anyMatch(coat);
  }

  /** The order with one band moved to stand where another stands; last where there is no such. */
  public List<String> moved(String key, Optional<String> before) {
    List<String> order = new ArrayList<>(keys());
    order.remove(key);
    int at = before.map(order::indexOf).filter(i -> i >= 0).orElse(order.size());
    order.add(at, key);
    return order;
  }
}
