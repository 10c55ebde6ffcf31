package craftmap.core.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What was decided about the coats of a piece. Faces that are in none of its groups are grouped by
 * what they are made of and what they shall look like.
 */
public record Coats(Habits habits, List<Group> groups) {
  private static final int MOST = 200;

  public static final Coats NONE = new Coats(Habits.USUAL, List.of());

  public Coats {
    groups = List.copyOf(groups);
    if (groups.size() > MOST) {
      throw new RefusedInput(
          "groups", given(groups.size()), said("are-too-many"), said("at-most", given(MOST)));
    }
    Set<String> ids = new HashSet<>();
    Set<Place> places = new HashSet<>();
    for (Group group : groups) {
      if (!ids.add(group.id())) {
        throw new RefusedInput(
            "group", given(group.id()), said("is-there-twice"), said("one-group-for-each-id"));
      }
      for (Place place : group.places()) {
        if (!places.add(place)) {
          throw new RefusedInput(
              "group",
              given(group.id()),
              said("has-a-face-that-another-has"),
              said("each-face-once"));
        }
      }
    }
  }

  public Optional<Group> group(String id) {
    return groups.stream().filter(g -> g.id().equals(id)).findFirst();
  }

  public Coats with(Habits other) {
    return new Coats(other, groups);
  }

  /** With a group as it is now; a new one comes last, one of nothing is gone. */
  public Coats with(Group group) {
    List<Group> all = new ArrayList<>();
    boolean there = false;
    for (Group g : groups) {
      boolean same = g.id().equals(group.id());
      there |= same;
      all.add(same ? group : g);
    }
    if (!there) {
      all.add(group);
    }
    all.removeIf(g -> g.places().isEmpty());
    return new Coats(habits, all);
  }

  /** Without some places in any group: they are grouped by what they are again. */
  public Coats without(List<Place> places) {
    return new Coats(
        habits,
        groups.stream()
            .map(g -> g.of(g.places().stream().filter(p -> !places.contains(p)).toList()))
            .filter(g -> !g.places().isEmpty())
            .toList());
  }

  /**
   * Where a face shall look otherwise: a group of its own once more if it is one of several, else
   * the paint that was chosen for its group counts no more.
   */
  public Coats withOtherGround(String faceId) {
    Optional<Group> of = groups.stream().filter(g -> g.hasFace(faceId)).findFirst();
    if (of.isEmpty()) {
      return this;
    }
    Group group = of.get();
    if (group.places().size() > 1) {
      return without(List.of(new Place.OfFace(faceId)));
    }
    Wish ground = group.wishes().coat(Band.GROUND);
    return with(
        group.with(
            group
                .wishes()
                .back(Band.GROUND)
                .with(
                    Band.GROUND,
                    new Wish(
                        Optional.empty(),
                        ground.times(),
                        ground.tool(),
                        ground.where(),
                        ground.grit(),
                        ground.waterShare()))));
  }

  /** Two lays change places, wherever both were moved among the coats. */
  public Coats swapped(String layId, String otherLayId) {
    return new Coats(
        habits,
        groups.stream()
            .map(g -> g.with(g.wishes().swapped(Band.LAY + layId, Band.LAY + otherLayId)))
            .toList());
  }

  public Coats ofShelf(UnaryOperator<String> ids) {
    return new Coats(habits, groups.stream().map(g -> g.with(g.wishes().ofShelf(ids))).toList());
  }

  public boolean isNone() {
    return equals(NONE);
  }
}
