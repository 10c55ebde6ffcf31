package craftmap.core.cut.nest;

import craftmap.core.plane.Box;

/**
 * What parts are cut from.
 *
 * @param usable what of it may be cut, in its own coordinates
 * @param count how many there are of it
 * @param isNew a whole sheet, to be opened only where leftovers do not do
 * @param originAcrossMm where repeats are counted from
 * @param stepAcrossMm after which its print is the same again; 0 where it does not repeat
 */
public record NestStock(
    Box usable,
    int count,
    boolean isNew,
    double originAcrossMm,
    double originDownMm,
    double stepAcrossMm,
    double stepDownMm) {
  /** Whole sheets of a plain print. */
  public static NestStock sheets(Box usable, int count) {
    return repeating(usable, count, 0, 0);
  }

  /** Whole sheets of a print that is the same again after these steps; 0 for none. */
  public static NestStock repeating(Box usable, int count, double stepAcrossMm, double stepDownMm) {
    return new NestStock(
        usable, count, true, usable.leftMm(), usable.topMm(), stepAcrossMm, stepDownMm);
  }

  /** One leftover of such a sheet, as it lay on it. */
  public NestStock leftover(Box left) {
    return new NestStock(left, 1, false, originAcrossMm, originDownMm, stepAcrossMm, stepDownMm);
  }

  NestStock times(int copies) {
    return new NestStock(
        usable, copies, isNew, originAcrossMm, originDownMm, stepAcrossMm, stepDownMm);
  }
}
