package craftmap.core.lay.rule;

import craftmap.core.lay.Criterion;
import craftmap.core.lay.Item;
import craftmap.core.lay.Standing;
import java.util.List;
import java.util.Optional;

/**
 * One way to lay a design.
 *
 * @param arrangement the sums behind it
 * @param items in the order the tape meets them
 * @param standing by what it was ranked
 * @param behindBy what put it behind the best option; none for the best
 */
public record LayOption(
    Arrangement arrangement, List<Item> items, Standing standing, Optional<Criterion> behindBy) {
  public LayOption {
    items = List.copyOf(items);
  }

  public int itemsOnKeepOuts() {
    return (int) items.stream().filter(Item::onKeepOut).count();
  }

  public Pick asPick() {
    return new Pick(arrangement.way(), arrangement.count(), arrangement.across());
  }
}
