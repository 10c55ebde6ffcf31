package craftmap.core.plan.edit;

import craftmap.core.coats.Coats;
import craftmap.core.coats.Group;
import craftmap.core.coats.Place;
import craftmap.core.coats.Wishes;
import craftmap.core.form.FormNote;
import craftmap.core.plan.Found;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.coats.CoatGroups;
import craftmap.core.plan.edit.Subject.Kind;
import craftmap.core.surface.Mark;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a change has to do with, seen from the plan before and after it, so that it holds for
 * whatever was done: an edit, a step back, a plan put in place as a whole. Two changes that are
 * clear of each other may both be made, one on top of the other; see {@link #inCommon}.
 *
 * @param changed what is otherwise than before
 * @param gone what was there before and is no longer
 * @param needed what has to be there for what was changed to mean anything, such as its face
 */
public record Touched(Set<Subject> changed, Set<Subject> gone, Set<Subject> needed) {
  public static final Touched NOTHING = new Touched(Set.of(), Set.of(), Set.of());

  public Touched {
    changed = Set.copyOf(changed);
    gone = Set.copyOf(gone);
    needed = Set.copyOf(needed);
  }

  /** What is otherwise in one plan than in another. */
  public static Touched between(Plan before, Plan after) {
    return new Comparing(before, after).touched();
  }

  /** What two changes had to do with, as one. */
  public Touched and(Touched other) {
    return new Touched(
        union(changed, other.changed), union(gone, other.gone), union(needed, other.needed));
  }

  /**
   * What edits that make of one plan another one have to do with, as whoever makes them means it.
   */
  public static Touched by(
      List<? extends PlanEdit> edits, Plan before, Plan after, Touched theirs) {
    Touched made = between(before, after);
    Set<Subject> takenOver =
        theirs.changed.stream()
            .filter(s -> edits.stream().anyMatch(e -> e.takesOver(s)))
            .collect(Collectors.toSet());
    return new Touched(union(made.changed, takenOver), made.gone, made.needed);
  }

  /**
   * What two changes are about both of them: what both have decided, and what one has taken away
   * that the other one needs. Where it is nothing, the one made on top of the other leaves
   * everything as each of the two has decided it.
   */
  public Set<Subject> inCommon(Touched other) {
    Set<Subject> common = new LinkedHashSet<>();
    common.addAll(both(changed, other.changed));
    common.addAll(both(gone, other.needed));
    common.addAll(both(needed, other.gone));
    return common;
  }

  private static Set<Subject> both(Set<Subject> a, Set<Subject> b) {
    return a.stream().filter(b::contains).collect(Collectors.toSet());
  }

  private static <T> Set<T> union(Set<T> a, Set<T> b) {
    return Stream.concat(a.stream(), b.stream()).collect(Collectors.toSet());
  }

  /** Two plans side by side. */
  private static final class Comparing {
    private final Plan before;
    private final Plan after;
    private final Set<Subject> changed = new HashSet<>();
    private final Set<Subject> gone = new HashSet<>();
    private final Set<Subject> needed = new HashSet<>();

    private Comparing(Plan before, Plan after) {
      this.before = before;
      this.after = after;
    }

    private Touched touched() {
      only(Kind.NAME, before.name(), after.name());
      only(Kind.SALE, before.forSale(), after.forSale());
      form(before.form(), after.form());
      if (!before.found().equals(after.found()) || !before.form().equals(after.form())) {
        keys(before.found(), after.found()).forEach(this::found);
        facesShown();
      }
      lays();
      coats(before.coats(), after.coats());
      order(before.order(), after.order());
      return new Touched(changed, gone, needed);
    }

    private void form(FormNote was, FormNote is) {
      only(Kind.FORM, was.kind(), is.kind());
      each(was.measures(), is.measures(), name -> Subject.of(Kind.MEASURE, name));
      each(was.choices(), is.choices(), name -> Subject.of(Kind.MEASURE, name));
    }

    // ---- faces

    private void found(String faceId) {
      Found was = before.foundOn(faceId);
      Found is = after.foundOn(faceId);
      if (was.equals(is)) {
        return;
      }
      onFace(Kind.FACE_NAME, faceId, was.name(), is.name());
      onFace(Kind.FACE_SHAPE, faceId, was.shape(), is.shape());
      if (onFace(Kind.FACE_SURFACE, faceId, was.surface(), is.surface())) {
        looksAlike(faceId);
      }
      onFace(Kind.FACE_BELONGING, faceId, was.belonging(), is.belonging());
      onFace(Kind.FACE_OWN_MARKS, faceId, was.ownMarks(), is.ownMarks());
      boolean marked =
          each(
              byId(was.marks().all(), Mark::id),
              byId(is.marks().all(), Mark::id),
              mark -> Subject.of(Kind.MARK, faceId, mark));
      if (marked) {
        needed.add(face(faceId));
      }
    }

    private boolean onFace(Kind kind, String faceId, Object was, Object is) {
      if (was.equals(is)) {
        return false;
      }
      changed.add(Subject.of(kind, faceId));
      needed.add(face(faceId));
      return true;
    }

    /** A face that is in no group of the plan's is coated with those that it looks like. */
    private void looksAlike(String faceId) {
      if (after.coats().groups().stream().noneMatch(g -> g.hasFace(faceId))) {
        needed.add(Subject.of(Kind.ALIKE));
      }
    }

    /** A face that is not shown any more is gone from under what lies on it. */
    private void facesShown() {
      Set<String> now = shown(after);
      Set<String> then = shown(before);
      for (String id : union(now, then)) {
        if (!now.contains(id)) {
          gone.add(face(id));
        }
        if (!now.contains(id) || !then.contains(id)) {
          changed.add(face(id));
          looksAlike(id);
        }
      }
    }

    private static Set<String> shown(Plan plan) {
      return plan.faces().stream()
          .filter(PlanFace::shown)
          .map(f -> f.face().id())
          .collect(Collectors.toSet());
    }

    private static Subject face(String id) {
      return Subject.of(Kind.FACE, id);
    }

    // ---- lays

    private void lays() {
      if (before.lays().equals(after.lays())) {
        return;
      }
      Map<String, Lay> was = byId(before.lays().stream(), Lay::id);
      Map<String, Lay> is = byId(after.lays().stream(), Lay::id);
      each(was, is, id -> Subject.of(Kind.LAY, id));
      is.values().stream().filter(lay -> !lay.equals(was.get(lay.id()))).forEach(this::needs);
      if (!ids(before, is).equals(ids(after, was))) {
        changed.add(Subject.of(Kind.LAY_ORDER));
      }
    }

    private static List<String> ids(Plan plan, Map<String, Lay> among) {
      return plan.lays().stream().map(Lay::id).filter(among::containsKey).toList();
    }

    private void needs(Lay lay) {
      lay.faceIds().forEach(id -> needed.add(face(id)));
      lay.place().zoneId().ifPresent(zone -> needed.add(Subject.of(Kind.MARK, lay.faceId(), zone)));
    }

    // ---- coats

    private void coats(Coats was, Coats is) {
      if (was.equals(is)) {
        return;
      }
      only(Kind.HABITS, was.habits(), is.habits());
      Map<String, Group> groups = byId(was.groups().stream(), Group::id);
      Map<String, Group> groupsNow = byId(is.groups().stream(), Group::id);
      for (String id : keys(groups, groupsNow)) {
        Group then = groups.get(id);
        Group now = groupsNow.get(id);
        if (then == null || now == null || !isSame(then, now)) {
          group(id, then, now);
        }
        wishes(
            id,
            then == null ? Wishes.NONE : then.wishes(),
            now == null ? Wishes.NONE : now.wishes());
      }
    }

    /**
     * A group that is written down for the first time, as it was proposed until then, is no other
     * one; but from now on it does not follow any more from how its faces look.
     */
    private void group(String id, Group then, Group now) {
      if (then == null) {
        now.places().forEach(this::decided);
        gone.add(Subject.of(Kind.ALIKE));
      }
      if (then != null || !isProposed(now)) {
        changed.add(Subject.of(Kind.GROUP, id));
      }
      if (then != null && (now == null || !then.places().equals(now.places()))) {
        gone.add(Subject.of(Kind.GROUP, id));
      }
    }

    private void decided(Place place) {
      if (place instanceof Place.OfFace(String faceId)) {
        changed.add(Subject.of(Kind.FACE_SURFACE, faceId));
        needed.add(face(faceId));
      }
    }

    /**
     * Whether what is coated together now is what was proposed; faces that are gone do not count.
     */
    private boolean isProposed(Group group) {
      return group.name().isEmpty() && places(before, group.id()).equals(places(after, group.id()));
    }

    private static List<Place> places(Plan plan, String group) {
      return CoatGroups.of(plan).stream()
          .filter(g -> g.id().equals(group))
          .findFirst()
          .map(Group::places)
          .orElse(List.of());
    }

    private static boolean isSame(Group a, Group b) {
      return a.with(Wishes.NONE).equals(b.with(Wishes.NONE));
    }

    private void wishes(String group, Wishes was, Wishes is) {
      boolean otherwise = each(was.coats(), is.coats(), key -> band(group, key));
      otherwise |= each(set(was.without()), set(is.without()), key -> band(group, key));
      otherwise |= each(set(was.steps()), set(is.steps()), step -> band(group, step.key()));
      otherwise |=
          each(
              byId(was.overruled().stream(), Comparing::key),
              byId(is.overruled().stream(), Comparing::key),
              key -> Subject.of(Kind.NOTED, group, key));
      if (!was.order().equals(is.order())) {
        changed.add(Subject.of(Kind.BAND_ORDER, group));
        otherwise = true;
      }
      if (otherwise) {
        needed.add(Subject.of(Kind.GROUP, group));
      }
    }

    private static Subject band(String group, String key) {
      return Subject.of(Kind.BAND, group, key);
    }

    private static String key(Wishes.Overruled noted) {
      return noted.band() + " " + noted.rule();
    }

    // ---- order

    private void order(Ordering was, Ordering is) {
      if (was.equals(is)) {
        return;
      }
      only(Kind.BEGINS, was.begins(), is.begins());
      only(Kind.PROMISED, was.promised(), is.promised());
      each(set(was.together()), set(is.together()), id -> Subject.of(Kind.TOGETHER, id));
      each(was.steps(), is.steps(), key -> Subject.of(Kind.STEP, key));
      each(was.own(), is.own(), key -> Subject.of(Kind.OWN_STEP, key));
      each(set(was.bars()), set(is.bars()), Comparing::whichFirst);
      each(was.mishaps(), is.mishaps(), id -> Subject.of(Kind.MISHAP, id));
    }

    private static Subject whichFirst(Ordering.Bar bar) {
      return bar.first().compareTo(bar.next()) < 0
          ? Subject.of(Kind.WHICH_FIRST, bar.first(), bar.next())
          : Subject.of(Kind.WHICH_FIRST, bar.next(), bar.first());
    }

    // ---- what they share

    private void only(Kind kind, Object was, Object is) {
      if (!was.equals(is)) {
        changed.add(Subject.of(kind));
      }
    }

    /** Notes what is otherwise in one map than in another; whether anything is. */
    private <K, V> boolean each(Map<K, V> was, Map<K, V> is, Function<K, Subject> subject) {
      if (was.equals(is)) {
        return false;
      }
      for (K key : keys(was, is)) {
        V now = is.get(key);
        if (now == null) {
          gone.add(subject.apply(key));
        }
        if (now == null || !now.equals(was.get(key))) {
          changed.add(subject.apply(key));
        }
      }
      return true;
    }

    private static <K> Set<K> keys(Map<K, ?> a, Map<K, ?> b) {
      return union(a.keySet(), b.keySet());
    }

    private static <K> Map<K, Boolean> set(Set<K> of) {
      return of.stream().collect(Collectors.toMap(Function.identity(), k -> true));
    }

    private static <T> Map<String, T> byId(Stream<T> all, Function<T, String> id) {
      return all.collect(Collectors.toMap(id, Function.identity(), (a, b) -> b));
    }
  }
}
