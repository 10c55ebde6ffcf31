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
 * @param onFaces for what goes over several faces, how it is on each of them; else empty
 */
public record LayOption(
    Arrangement arrangement,
    List<Item> items,
    Standing standing,
    Optional<Criterion> behindBy,
    List<OnFace> onFaces) {
  public LayOption {
    items = List.copyOf(items);
    onFaces = List.copyOf(onFaces);
  }

  /** On one face. */
  public LayOption(
      Arrangement arrangement, List<Item> items, Standing standing, Optional<Criterion> behindBy) {
    this(arrangement, items, standing, behindBy, List.of());
  }

  /** What one of several faces has of it. */
  public record OnFace(Arrangement arrangement, List<Item> items) {
    public OnFace {
      items = List.copyOf(items);
    }
  }

  /** Over several faces, seen from one of them. */
  public static LayOption over(List<OnFace> faces, int own, Standing standing) {
    OnFace seen = faces.get(own);
    return new LayOption(seen.arrangement, seen.items, standing, Optional.empty(), faces);
  }

  /** The same option as another of its faces has it. */
  public LayOption seenFrom(int face) {
    return onFaces.isEmpty()
        ? this
        : new LayOption(
            onFaces.get(face).arrangement, onFaces.get(face).items, standing, behindBy, onFaces);
  }

  /** On one face, with its items seen from a point that lies this far up and to the left. */
  public LayOption movedBy(double dxMm, double dyMm) {
    return new LayOption(
        arrangement,
        items.stream().map(i -> i.movedBy(dxMm, dyMm)).toList(),
        standing,
        behindBy,
        onFaces);
  }

  LayOption behindBy(Optional<Criterion> reason) {
    return new LayOption(arrangement, items, standing, reason, onFaces);
  }

  public int itemsOnKeepOuts() {
    return (int) items.stream().filter(Item::onKeepOut).count();
  }

  public Pick asPick() {
    return new Pick(arrangement.way(), arrangement.count(), arrangement.across());
  }
}
