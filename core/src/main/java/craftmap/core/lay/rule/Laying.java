package craftmap.core.lay.rule;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Room;
import java.util.List;
import java.util.Optional;

/**
 * What a rule is given: a design, the room for it, for a border its corner piece, for a collage
 * what else is in it, for what goes over several faces all of them.
 *
 * @param own none for words, which become one
 * @param corner another design for the corners; none for most rules
 * @param more further designs, one for each copy
 */
public record Laying(
    Room room, Optional<Design> own, Optional<Design> corner, List<Design> more, Fronts fronts) {
  /** A part motif smaller than this share of a whole one looks like a mistake. */
  public static final double SLIVER_SHARE = 0.25;

  public Laying {
    more = List.copyOf(more);
  }

  public Laying(Room room, Design design) {
    this(room, design, Optional.empty());
  }

  public Laying(Room room, Design design, Optional<Design> corner) {
    this(room, Optional.of(design), corner, List.of(), Fronts.alone(room));
  }

  /** Words, which are no design of the shelf. */
  public static Laying ofWords(Room room) {
    return new Laying(room, Optional.empty(), Optional.empty(), List.of(), Fronts.alone(room));
  }

  /** Over several faces; the room is that of the one that is looked at. */
  public static Laying over(Fronts fronts, Design design) {
    return new Laying(
        fronts.ownFront().room(), Optional.of(design), Optional.empty(), List.of(), fronts);
  }

  /** The design, of a rule that lays one. */
  public Design design() {
    return own.orElseThrow(() -> new IllegalStateException("impossible state: nothing to lay"));
  }

  public double widthMm() {
    return design().printWidthMm();
  }

  public double heightMm() {
    return design().printHeightMm();
  }

  /** The copies that show, in their order. */
  public List<Item> place(List<Placement> placements) {
    return placements.stream().flatMap(p -> room.place(design(), p).stream()).toList();
  }

  public static int onKeepOuts(List<Item> items) {
    return (int) items.stream().filter(Item::onKeepOut).count();
  }

  public static int parts(List<Item> items) {
    return (int) items.stream().filter(i -> !i.isWhole()).count();
  }

  public static int slivers(List<Item> items) {
    return (int) items.stream().filter(i -> i.share() < SLIVER_SHARE).count();
  }

  /** True where two copies that follow each other lie on each other. */
  public static boolean overlap(List<Item> items, boolean closed) {
    int n = items.size();
    for (int i = 0; i < (closed && n > 2 ? n : n - 1); i++) {
      if (Apart.overlap(items.get(i), items.get((i + 1) % n))) {
        return true;
      }
    }
    return false;
  }
}
