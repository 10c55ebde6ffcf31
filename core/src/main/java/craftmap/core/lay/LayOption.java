package craftmap.core.lay;

import java.util.List;
import java.util.Optional;

/**
 * One way to lay a design.
 *
 * @param row the sums behind it
 * @param items in the order the tape meets them
 * @param standing by what it was ranked
 * @param behindBy what put it behind the best option; none for the best
 */
public record LayOption(
    RunRow row, List<Item> items, Standing standing, Optional<Criterion> behindBy) {
  public LayOption {
    items = List.copyOf(items);
  }

  public int itemsOnKeepOuts() {
    return (int) items.stream().filter(Item::onKeepOut).count();
  }

  public RunPick asPick() {
    return new RunPick(row.kind(), row.count());
  }
}
