package craftmap.core.plan.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Group;
import craftmap.core.coats.Place;
import craftmap.core.coats.Wishes;
import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The groups of a plan: those that were made, and of all other faces those that are alike. */
public final class CoatGroups {
  private static final String ALIKE = "of:";

  private CoatGroups() {}

  private record Alike(
      MakeUp makeUp, Finish finish, Colour now, Colour wanted, Set<Exposure> exposure) {}

  /** In the order in which one walks round the piece; made ones that have no face left are gone. */
  public static List<Group> of(Plan plan) {
    return of(plan, plan.faces());
  }

  static List<Group> of(Plan plan, List<PlanFace> faces) {
    Set<String> shown =
        faces.stream()
            .filter(PlanFace::shown)
            .map(f -> f.face().id())
            .collect(Collectors.toCollection(LinkedHashSet::new));
    List<Group> groups = new ArrayList<>();
    for (Group group : plan.coats().groups()) {
      List<Place> there = group.places().stream().filter(p -> isThere(p, shown, faces)).toList();
      if (!there.isEmpty()) {
        groups.add(group.of(there));
      }
    }
    Map<Alike, List<Place>> alike = new LinkedHashMap<>();
    for (String id : shown) {
      if (groups.stream().noneMatch(g -> g.hasFace(id))) {
        Found.Surface s = plan.foundOn(id).surface();
        alike
            .computeIfAbsent(
                new Alike(
                    s.makeUp(), s.finish(), Surfaces.now(s), Surfaces.wanted(s), s.exposure()),
                k -> new ArrayList<>())
            .add(new Place.OfFace(id));
      }
    }
    for (List<Place> places : alike.values()) {
      String first = ((Place.OfFace) places.getFirst()).faceId();
      groups.add(new Group(free(ALIKE + first, groups), "", places, Wishes.NONE));
    }
    return groups;
  }

  /** A face may have left the group that was called by it. */
  private static String free(String id, List<Group> groups) {
    String free = id;
    int n = 2;
    while (isTaken(free, groups)) {
      free = id + "-" + n++;
    }
    return free;
  }

  private static boolean isTaken(String id, List<Group> groups) {
    return groups.stream().anyMatch(g -> g.id().equals(id));
  }

  private static boolean isThere(Place place, Set<String> shown, List<PlanFace> faces) {
    return switch (place) {
      case Place.OfFace f -> shown.contains(f.faceId());
      case Place.OfZone z ->
          shown.contains(z.faceId())
              && faces.stream()
                  .filter(f -> f.face().id().equals(z.faceId()))
                  .flatMap(f -> f.face().marks().zones().stream())
                  .anyMatch(m -> m.id().equals(z.zoneId()));
      case Place.OfParts _ -> true;
    };
  }

  /** One of them; refused where there is none by that id. */
  public static Group get(Plan plan, String id) {
    return of(plan).stream()
        .filter(g -> g.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    "group", given(id), said("is-not-on-this-piece"), said("one-of-its-groups")));
  }
}
