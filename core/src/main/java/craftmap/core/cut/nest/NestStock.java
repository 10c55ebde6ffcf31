package craftmap.core.cut.nest;

import craftmap.core.plane.Box;

/**
 * What parts are cut from.
 *
 * @param usable what of it may be cut, in its own coordinates
 * @param count how many there are of it
 * @param isNew a whole sheet, to be opened only where leftovers do not do
 * @param stepAcrossMm after which its print is the same again; 0 where it does not repeat
 */
public record NestStock(
    Box usable, int count, boolean isNew, double stepAcrossMm, double stepDownMm) {
  public static NestStock sheets(Box usable, int count) {
    return new NestStock(usable, count, true, 0, 0);
  }
}
