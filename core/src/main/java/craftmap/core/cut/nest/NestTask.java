package craftmap.core.cut.nest;

import craftmap.core.plane.Box;
import java.util.List;

/**
 * What is to be cut, and from what.
 *
 * @param stock what there is, leftovers and whole sheets
 * @param knifeMm clear room between parts
 * @param locked parts that stay where they are
 */
public record NestTask(
    List<NestPart> parts, List<NestStock> stock, double knifeMm, List<Locked> locked) {
  public NestTask {
    parts = List.copyOf(parts);
    stock = List.copyOf(stock);
    locked = List.copyOf(locked);
  }

  public static NestTask of(List<NestPart> parts, List<NestStock> stock, double knifeMm) {
    return new NestTask(parts, stock, knifeMm, List.of());
  }

  /**
   * A part, by its number, that stays.
   *
   * @param stock by its number among the stock
   * @param copy which of its copies; copies are all alike, so only which parts share one counts
   */
  public record Locked(int part, int stock, int copy, Box at, boolean turned) {}

  boolean isLocked(int part) {
    return locked.stream().anyMatch(l -> l.part() == part);
  }

  List<NestStock> sheets() {
    return stock.stream().filter(NestStock::isNew).toList();
  }

  /**
   * Whether a repeat says where some of the parts begin; one that meets no other begins anywhere.
   */
  boolean repeats() {
    return stock.stream().anyMatch(s -> s.stepAcrossMm() > 0 || s.stepDownMm() > 0)
        && parts.stream().anyMatch(p -> p.meets() == NestPart.AS_TOLD || !isAlone(p));
  }

  boolean isAlone(NestPart part) {
    return parts.stream().filter(p -> p.meets() == part.meets()).count() == 1;
  }
}
