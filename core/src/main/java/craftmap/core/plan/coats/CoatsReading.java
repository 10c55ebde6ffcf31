package craftmap.core.plan.coats;

import craftmap.core.coats.BandReading;
import craftmap.core.coats.Blend;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.Place;
import craftmap.core.colour.Colour;
import craftmap.core.measure.Level;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;

/** The coats of a piece, group by group. */
public record CoatsReading(Habits habits, List<GroupReading> groups) {
  public CoatsReading {
    groups = List.copyOf(groups);
  }

  public Optional<GroupReading> group(String id) {
    return groups.stream().filter(g -> g.group().id().equals(id)).findFirst();
  }

  /** What a coat, or a step, is kept and booked under. */
  public static String useId(GroupReading group, BandReading band) {
    return "coat:" + group.group().id() + ":" + band.band().key();
  }

  /**
   * What coats take of each pot they name.
   *
   * @param still what of a use is left: by its id, of so many millilitres
   */
  public Map<String, Double> stillFromPots(ToDoubleBiFunction<String, Double> still) {
    Map<String, Double> ml = new HashMap<>();
    for (GroupReading group : groups) {
      for (BandReading band : group.bands()) {
        double left = still.applyAsDouble(useId(group, band), band.ml());
        if (left > 0) {
          band.potId().ifPresent(pot -> ml.merge(pot, left, Double::sum));
        }
      }
    }
    return ml;
  }

  /** How much of it will fail, and was not overruled. */
  public int failing() {
    return (int)
        groups.stream()
            .flatMap(g -> g.open().stream())
            .filter(f -> f.level() == Level.STOP && !f.safety())
            .count();
  }

  /** The coats of a face; none where it is in no group. */
  public Optional<GroupReading> ofFace(String faceId) {
    return groups.stream().filter(g -> g.group().hasFace(faceId)).findFirst();
  }

  /** What shows on a face under its designs. */
  public Optional<Colour> shows(String faceId) {
    return ofFace(faceId).map(GroupReading::shows);
  }

  /** The colours that are worked together on a face. */
  public Optional<Blend> blend(String faceId) {
    return ofFace(faceId).map(GroupReading::blend);
  }

  /** What shows in a zone that has coats of its own. */
  public Optional<Colour> shows(String faceId, String zoneId) {
    return groups.stream()
        .filter(g -> g.group().has(new Place.OfZone(faceId, zoneId)))
        .findFirst()
        .map(GroupReading::shows);
  }
}
