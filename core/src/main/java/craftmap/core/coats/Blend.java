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
