package craftmap.core.plan.cutting;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.cut.nest.NestSearch;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Optional;

/**
 * How the artist wants it cut.
 *
 * @param knifeMm clear room between parts
 * @param locked parts that stay where they lie
 */
public record CutWish(NestSearch search, double knifeMm, List<Locked> locked) {
  private static final double MOST_KNIFE_MM = 50;

  public CutWish {
    LengthRange.DISTANCE.check("room-for-the-knife", knifeMm);
    if (knifeMm > MOST_KNIFE_MM) {
      throw new RefusedInput(
          "room-for-the-knife", mm(knifeMm), said("is-too-much"), said("0-to", mm(MOST_KNIFE_MM)));
    }
    locked = List.copyOf(locked);
  }

  /** What is shown before anything was asked for. */
  public static final CutWish PLAIN =
      new CutWish(NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER), 0, List.of());

  /**
   * A part that stays.
   *
   * @param number of the part
   * @param leftoverId the leftover it is cut from; none for a new sheet
   * @param sheet parts with the same number here are cut from the same new sheet
   */
  public record Locked(
      int number, Optional<String> leftoverId, int sheet, Box window, boolean turned) {}
}
