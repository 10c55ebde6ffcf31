package craftmap.core.measure;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

/** Which lengths a field accepts. */
public record LengthRange(double leastMm, boolean leastIncluded, double mostMm) {
  /** The size of a thing: above nothing, up to 20 m. */
  public static final LengthRange SIZE = new LengthRange(0, false, Length.LONGEST.mm());

  /** A distance or a margin: nothing is fine, 20 m is the end. */
  public static final LengthRange DISTANCE = new LengthRange(0, true, Length.LONGEST.mm());

  /** A place counted from an edge; it may lie before the edge, as a hasp's top does. */
  public static final LengthRange PLACE =
      new LengthRange(-Length.LONGEST.mm(), true, Length.LONGEST.mm());

  /** What is told finer than a tape shows: how thick a thing is, how deep a relief. */
  public static final LengthRange THICKNESS = new LengthRange(0, false, 100);

  public boolean isFine() {
    return !leastIncluded && mostMm <= THICKNESS.mostMm;
  }

  /** The same range, ending earlier. */
  public LengthRange upTo(double mm) {
    return new LengthRange(leastMm, leastIncluded, mm);
  }

  /**
   * Returns the length when it lies in the range.
   *
   * @throws RefusedInput naming {@code field} and {@code asGiven} otherwise
   */
  public double check(Figure field, double mm, Figure asGiven) {
    if (!Double.isFinite(mm)) {
      throw new RefusedInput(field, asGiven, said("is-not-a-length"), accepted());
    }
    if (leastIncluded ? mm < leastMm : !(mm > leastMm)) {
      Figure fault = mm < 0 ? said("is-below-nothing") : said("is-too-small");
      throw new RefusedInput(field, asGiven, fault, accepted());
    }
    if (mm > mostMm) {
      throw new RefusedInput(field, asGiven, said("is-too-long"), accepted());
    }
    return mm + 0.0;
  }

  public double check(Figure field, double mm) {
    return check(field, mm, Double.isFinite(mm) ? mm(mm) : given(mm));
  }

  /** Of a field whose name has no figures in it. */
  public double check(String field, double mm) {
    return check(said(field), mm);
  }

  private Figure accepted() {
    return said(
        leastIncluded ? "a-length-from-and-up-to" : "a-length-above-and-up-to",
        new Figure.LengthBound(leastMm, false),
        new Figure.LengthBound(mostMm, true));
  }
}
