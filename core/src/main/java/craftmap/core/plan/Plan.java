package craftmap.core.plan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Coats;
import craftmap.core.form.FormFaces;
import craftmap.core.form.FormNote;
import craftmap.core.measure.RefusedInput;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the artist decided about one piece.
 *
 * @param found by face; it may hold more than the form has now: what was found on the fourth drawer
 *     is kept while there are three, and is there again when there are four
 * @param forSale it will go to a buyer: what the makers of its designs allow counts
 * @param coats what goes under, between and over its lays, where that was decided
 * @param order when things are done, where that was decided
 */
public record Plan(
    String name,
    FormNote form,
    Map<String, Found> found,
    List<Lay> lays,
    boolean forSale,
    Coats coats,
    Ordering order) {
  public static final int LONGEST_NAME = 80;
  public static final int MOST_LAYS = 200;
  public static final int MOST_FACES = 400;

  public Plan {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name-of-the-piece",
          name == null || name.isBlank()
              ? said("empty")
              : said("shortened", given(name.substring(0, 20))),
          said("is-not-a-name"),
          said("1-to-characters", given(LONGEST_NAME)));
    }
    found = Collections.unmodifiableMap(new LinkedHashMap<>(found));
    lays = List.copyOf(lays);
    if (found.size() > MOST_FACES) {
      throw new RefusedInput(
          "faces-2", given(found.size()), said("are-too-many"), said("at-most", given(MOST_FACES)));
    }
    Set<String> faceIds =
        form.read().faces().faces().stream().map(f -> f.id()).collect(Collectors.toSet());
    faceIds.addAll(found.keySet());
    if (lays.size() > MOST_LAYS) {
      throw new RefusedInput(
          "lays", given(lays.size()), said("are-too-many"), said("at-most", given(MOST_LAYS)));
    }
    Set<String> seen = new HashSet<>();
    for (Lay lay : lays) {
      if (!seen.add(lay.id())) {
        throw new RefusedInput(
            "lay", given(lay.id()), said("is-there-twice"), said("one-lay-for-each-id"));
      }
      if (!faceIds.contains(lay.faceId())) {
        throw new RefusedInput(
            "face",
            given(lay.faceId()),
            said("is-not-on-this-piece"),
            given(String.join(", ", faceIds)));
      }
    }
  }

  /** The faces there are, with their places, in the order one walks round the piece. */
  public List<PlanFace> faces() {
    return PlanFaces.of(formFaces(), found);
  }

  public FormFaces formFaces() {
    return form.read().faces();
  }

  public Optional<Lay> lay(String id) {
    return lays.stream().filter(l -> l.id().equals(id)).findFirst();
  }

  /** What was found on a face; nothing where nobody has looked at it yet. */
  public Found foundOn(String faceId) {
    return found.getOrDefault(faceId, Found.nothing());
  }

  /** One that nobody will buy. */
  public Plan(String name, FormNote form, Map<String, Found> found, List<Lay> lays) {
    this(name, form, found, lays, false, Coats.NONE, Ordering.NONE);
  }

  /** A piece as it begins: nothing laid, and made of what its form usually is. */
  public static Plan begun(String name, FormNote form) {
    return FirstLook.at(name, form);
  }

  // ---- the same plan with something else

  public Plan forSale(boolean other) {
    return new Plan(name, form, found, lays, other, coats, order);
  }

  public Plan with(Coats other) {
    return new Plan(name, form, found, lays, forSale, other, order);
  }

  public Plan with(Ordering other) {
    return new Plan(name, form, found, lays, forSale, coats, other);
  }

  public Plan named(String other) {
    return new Plan(other, form, found, lays, forSale, coats, order);
  }

  public Plan with(FormNote other) {
    return new Plan(name, other, found, lays, forSale, coats, order);
  }

  public Plan with(String faceId, Found other) {
    Map<String, Found> all = new LinkedHashMap<>(found);
    all.put(faceId, other);
    return new Plan(name, form, all, lays, forSale, coats, order);
  }

  public Plan with(List<Lay> others) {
    return new Plan(name, form, found, others, forSale, coats, order);
  }

  /** With one lay changed; the others stay where they are. */
  public Plan with(Lay changed) {
    return with(lays.stream().map(l -> l.id().equals(changed.id()) ? changed : l).toList());
  }

  public Plan and(Lay last) {
    return with(Stream.concat(lays.stream(), Stream.of(last)).toList());
  }

  /** Without a face that was added, and without what is laid on it alone. */
  public Plan without(String faceId) {
    Map<String, Found> left = new LinkedHashMap<>(found);
    left.remove(faceId);
    return new Plan(
        name,
        form,
        left,
        lays.stream().flatMap(l -> l.without(faceId).stream()).toList(),
        forSale,
        coats,
        order);
  }

  /** With its photos under other ids; a photo that is not among them is forgotten. */
  public Plan relinked(Map<String, String> newIds) {
    Map<String, Found> all = new LinkedHashMap<>();
    found.forEach((face, f) -> all.put(face, f.with(f.marks().relinked(newIds))));
    return new Plan(name, form, all, lays, forSale, coats, order);
  }

  /** With the designs and paints of another shelf, under the ids that they have there. */
  public Plan ofShelf(UnaryOperator<String> ids) {
    return with(lays.stream().map(l -> l.ofShelf(ids)).toList()).with(coats.ofShelf(ids));
  }
}
