package craftmap.core.coats;

import craftmap.core.colour.Covering;
import craftmap.core.colour.Lab;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Colours that are worked together over a face.
 *
 * @param under what shows where none of them lies
 */
public record Blend(Lab under, List<Stripe> stripes) {
  /** One of them with what shows of it in the end. */
  public record Stripe(Where.Blended part, Lab seen) {}

  public Blend {
    stripes =
        stripes.stream().sorted(Comparator.comparingDouble((Stripe s) -> s.part().from())).toList();
  }

  Blend(Lab under) {
    this(under, List.of());
  }

  Blend with(Where.Blended part, Lab seen) {
    List<Stripe> all = new ArrayList<>(stripes);
    all.add(new Stripe(part, seen));
    return new Blend(under, all);
  }

  boolean isNone() {
    return stripes.isEmpty();
  }

  /** The same under a coat all over. */
  Blend under(Covering covering, int times) {
    return new Blend(
        covering.over(under, times),
        stripes.stream().map(s -> new Stripe(s.part(), covering.over(s.seen(), times))).toList());
  }

  /**
   * A place on a face, as a share of its height from the foot up, where a colour is pure.
   *
   * @param at between two of them lies the band in which their colours are worked together
   */
  public record Stop(double at, Lab seen) {}

  /** Where each colour begins and ends on a face so high. */
  public List<Stop> stops(double heightMm) {
    List<Stop> stops = new ArrayList<>();
    for (int i = 0; i < stripes.size(); i++) {
      Where.Blended part = stripes.get(i).part();
      double half = part.bandMm() / 2 / heightMm;
      // a band wider than its zone leaves it one line
      double middle = (part.from() + part.to()) / 2;
      double from = i == 0 ? part.from() : Math.min(middle, part.from() + half);
      double to = i == stripes.size() - 1 ? part.to() : Math.max(middle, part.to() - half);
      stops.add(new Stop(from, stripes.get(i).seen()));
      stops.add(new Stop(to, stripes.get(i).seen()));
    }
    return stops;
  }

  /** What it comes to from afar, each colour by its share of the height. */
  Lab mean() {
    double left = Math.max(0, 1 - stripes.stream().mapToDouble(s -> s.part().share()).sum());
    double all = left;
    double l = left * under.lightness();
    double a = left * under.a();
    double b = left * under.b();
    for (Stripe s : stripes) {
      double share = s.part().share();
      all += share;
      l += share * s.seen().lightness();
      a += share * s.seen().a();
      b += share * s.seen().b();
    }
    return new Lab(l / all, a / all, b / all);
  }
}
