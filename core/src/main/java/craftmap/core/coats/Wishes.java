package craftmap.core.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * What the artist changed in the build-up of a group; all the rest is proposed.
 *
 * @param coats by the key of their band: proposed ones that were changed, and ones that were added
 * @param steps preparation that nothing asked for and that is wanted all the same
 * @param without the keys of proposed bands that are left out
 * @param order the keys of bands from the surface up, where they were moved; empty as proposed
 * @param overruled findings that the artist has taken note of
 */
public record Wishes(
    Map<String, Wish> coats,
    Set<StepKind> steps,
    Set<String> without,
    List<String> order,
    List<Overruled> overruled) {
  public static final int MOST = 60;
  private static final int LONGEST_NOTE = 300;

  public static final Wishes NONE = new Wishes(Map.of(), Set.of(), Set.of(), List.of(), List.of());

  /**
   * A finding that stays in the plan with a note.
   *
   * @param band the key of the band it was found at
   */
  public record Overruled(String rule, String band, String note) {
    public Overruled {
      if (note.isBlank() || note.length() > LONGEST_NOTE) {
        throw new RefusedInput(
            "note",
            note.isBlank() ? said("empty") : said("characters", given(note.length())),
            said("cannot-be-used"),
            said("1-to-characters", given(LONGEST_NOTE)));
      }
    }

    boolean isAbout(String otherRule, String otherBand) {
      return rule.equals(otherRule) && band.equals(otherBand);
    }
  }

  public Wishes {
    coats = Collections.unmodifiableMap(new LinkedHashMap<>(coats));
    steps = Collections.unmodifiableSet(new LinkedHashSet<>(steps));
    without = Collections.unmodifiableSet(new LinkedHashSet<>(without));
    order = List.copyOf(order);
    overruled = List.copyOf(overruled);
    if (coats.size() > MOST || order.size() > 4 * MOST || overruled.size() > 4 * MOST) {
      throw new RefusedInput(
          "coats", given(coats.size()), said("are-too-many"), said("at-most", given(MOST)));
    }
  }

  public boolean isNone() {
    return equals(NONE);
  }

  public Wish coat(String key) {
    return coats.getOrDefault(key, Wish.OPEN);
  }

  public Wishes with(String key, Wish wish) {
    Map<String, Wish> all = new LinkedHashMap<>(coats);
    if (wish.equals(Wish.OPEN)) {
      all.remove(key);
    } else {
      all.put(key, wish);
    }
    return new Wishes(all, steps, minus(without, key), order, overruled);
  }

  public Wishes with(StepKind step) {
    Set<StepKind> all = new LinkedHashSet<>(steps);
    all.add(step);
    return new Wishes(coats, all, minus(without, step.key()), order, overruled);
  }

  /** Without a band: an own one is gone, a proposed one left out. */
  public Wishes without(String key) {
    Map<String, Wish> left = new LinkedHashMap<>(coats);
    left.remove(key);
    Set<StepKind> ownSteps = new LinkedHashSet<>(steps);
    ownSteps.removeIf(s -> s.key().equals(key));
    Set<String> out = new LinkedHashSet<>(without);
    if (!Band.isAdded(key)) {
      out.add(key);
    }
    return new Wishes(
        left, ownSteps, out, order.stream().filter(k -> !k.equals(key)).toList(), overruled);
  }

  /** A proposed band that was left out is there again. */
  public Wishes back(String key) {
    return new Wishes(coats, steps, minus(without, key), order, overruled);
  }

  public Wishes ordered(List<String> other) {
    return new Wishes(coats, steps, without, other, overruled);
  }

  Wishes swapped(String band, String other) {
    return order.contains(band) && order.contains(other)
        ? ordered(
            order.stream().map(k -> k.equals(band) ? other : k.equals(other) ? band : k).toList())
        : this;
  }

  public Wishes noted(Overruled note) {
    List<Overruled> all = new ArrayList<>(overruled);
    all.removeIf(o -> o.isAbout(note.rule(), note.band()));
    all.add(note);
    return new Wishes(coats, steps, without, order, all);
  }

  public Wishes notNoted(String rule, String band) {
    return new Wishes(
        coats,
        steps,
        without,
        order,
        overruled.stream().filter(o -> !o.isAbout(rule, band)).toList());
  }

  /** The same for another piece: nothing of its lays, nothing that was noted. */
  public Wishes asScheme() {
    return new Wishes(
        coats,
        steps,
        without.stream().filter(k -> !Band.isLay(k)).collect(Collectors.toSet()),
        order.stream().filter(k -> !Band.isLay(k)).toList(),
        List.of());
  }

  /** With the pots of another shelf, under the ids that they have there. */
  public Wishes ofShelf(UnaryOperator<String> ids) {
    Map<String, Wish> all = new LinkedHashMap<>();
    coats.forEach(
        (key, wish) ->
            all.put(
                key,
                wish.potId()
                    .map(id -> wish.with(new Wish.Product.OfPot(ids.apply(id))))
                    .orElse(wish)));
    return new Wishes(all, steps, without, order, overruled);
  }

  private static Set<String> minus(Set<String> keys, String key) {
    Set<String> left = new LinkedHashSet<>(keys);
    left.remove(key);
    return left;
  }
}
