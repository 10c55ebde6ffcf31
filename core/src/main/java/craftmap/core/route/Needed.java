package craftmap.core.route;

import craftmap.core.supply.Provision;
import java.util.List;

/**
 * What a piece takes, and what there is of it.
 *
 * @param notLaid the lays that do not fit
 * @param unnamed lays that something out of a pot is needed for, and no pot is named
 * @param failing how much in the coats will fail, and was not overruled
 */
public record Needed(
    List<String> notLaid,
    List<String> unnamed,
    List<OfPot> pots,
    List<OfDesign> designs,
    int failing) {
  public Needed {
    notLaid = List.copyOf(notLaid);
    unnamed = List.copyOf(unnamed);
    pots = List.copyOf(pots);
    designs = List.copyOf(designs);
  }

  /**
   * A pot that lays draw on.
   *
   * @param open those of the lays that are not done
   */
  public record OfPot(String potId, List<String> open, Provision provision) {
    public OfPot {
      open = List.copyOf(open);
    }
  }

  /**
   * A design that is used up.
   *
   * @param cut whether it is cut out of sheets
   * @param used whether it was taken already
   */
  public record OfDesign(String designId, boolean cut, boolean used, Provision provision) {}

  boolean isNothing() {
    return unnamed.isEmpty() && pots.isEmpty() && designs.isEmpty();
  }
}
