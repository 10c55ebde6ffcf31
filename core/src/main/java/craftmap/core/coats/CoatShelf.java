package craftmap.core.coats;

import craftmap.core.log.Learned;
import craftmap.core.medium.Base;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import craftmap.core.medium.WaterResistance;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What a build-up can be made from.
 *
 * @param pots everything wet that is owned, in an order that does not change by itself
 * @param tools what it is put on with, as the studio has measured it
 * @param learned what the bench has taught of all of it
 * @param empty pots that nothing is left in: nothing is proposed from them, but what names one goes
 *     on being of its medium, or a coat would be of another colour once its pot ran out
 */
public record CoatShelf(List<InHand> pots, List<Tool> tools, Learned learned, List<InHand> empty) {
  public static final CoatShelf BARE = new CoatShelf(List.of(), List.of());

  public CoatShelf {
    pots = List.copyOf(pots);
    tools = List.copyOf(tools);
    empty = List.copyOf(empty);
  }

  /** By labels alone. */
  public CoatShelf(List<InHand> pots, List<Tool> tools) {
    this(pots, tools, List.of());
  }

  public CoatShelf(List<InHand> pots, List<Tool> tools, List<InHand> empty) {
    this(pots, tools, Learned.NONE, empty);
  }

  /** The same, as the bench has taught; what is on it still goes by its labels. */
  public CoatShelf after(Learned lessons) {
    return new CoatShelf(taught(pots, lessons), tools, lessons, taught(empty, lessons));
  }

  private static List<InHand> taught(List<InHand> pots, Learned lessons) {
    return pots.stream().map(p -> p.of(lessons.medium(p.medium()))).toList();
  }

  /** What a wish names; none where it is gone from the shelf. */
  public Optional<InHand> product(Wish.Product product) {
    return switch (product) {
      case Wish.Product.OfPot(String id) ->
          Stream.concat(pots.stream(), empty.stream())
              .filter(p -> p.potId().filter(id::equals).isPresent())
              .findFirst();
      case Wish.Product.OfKind(String key) ->
          GenericMedium.find(key).map(g -> notOwned(g.medium()));
      case Wish.Product.AsIf(var colour) ->
          GenericMedium.of(Role.PAINT).map(g -> notOwned(g.medium().in(colour)));
    };
  }

  /** Pots that are used as something, those that are used as nothing else first. */
  public Stream<InHand> usedAs(Role role) {
    return Stream.concat(
        pots.stream().filter(p -> p.medium().kind().role() == role),
        pots.stream().filter(p -> p.medium().kind().role() != role).filter(p -> p.isUsedAs(role)));
  }

  /** Clear wax; as it usually is where none is owned. */
  public InHand clearWax() {
    return usedAs(Role.WAX)
        .filter(p -> p.medium().kind().role() == Role.WAX && !p.isDark())
        .findFirst()
        .orElseGet(() -> typical(Role.WAX));
  }

  /**
   * A clear coat with water in it that needs no other over it and bears so much water: the fullest,
   * since a pot that runs out between coats is bought again in another batch.
   */
  public InHand clearCoat(WaterResistance least) {
    return usedAs(Role.CLEAR_COAT)
        .filter(p -> p.medium().kind().role() == Role.CLEAR_COAT)
        .filter(p -> p.medium().kind().base() == Base.WATER && !p.medium().wear().needsSeal())
        .filter(p -> p.medium().wear().water().compareTo(least) >= 0)
        .max(Comparator.comparingDouble(InHand::freeMl))
        .orElseGet(() -> kind("clear-satin"));
  }

  /**
   * What a step takes: wax remover for wax, a wash with water for dirt, what strips, what fills.
   *
   * @return none for what takes nothing out of a pot
   */
  Optional<InHand> forStep(StepKind step) {
    return switch (step) {
      case WAX_OFF ->
          Optional.of(
              first(p -> p.medium().kind().role() == Role.CLEANER && p.isUsedAs(Role.STRIPPER))
                  .orElseGet(() -> kind("wax-remover")));
      case STRIP ->
          Optional.of(
              first(p -> p.medium().kind().role() == Role.STRIPPER)
                  .orElseGet(() -> typical(Role.STRIPPER)));
      case CLEAN ->
          Optional.of(
              first(
                      p ->
                          p.medium().kind().role() == Role.CLEANER
                              && p.medium().kind().base() == Base.WATER)
                  .orElseGet(() -> kind("surface-wash")));
      case FILL ->
          Optional.of(first(p -> p.isUsedAs(Role.FILLER)).orElseGet(() -> typical(Role.FILLER)));
      case TEST_FOR_LEAD, SAND, DUST_OFF, MASK, RESIST, DISTRESS -> Optional.empty();
    };
  }

  private Optional<InHand> first(Predicate<InHand> which) {
    return pots.stream().filter(which).findFirst();
  }

  /** What is typical of a role, where nothing of it is owned. */
  public static InHand typical(Role role) {
    return GenericMedium.of(role)
        .map(g -> notOwned(g.medium()))
        .orElseThrow(
            () -> new IllegalStateException("impossible state: nothing is typical of " + role));
  }

  /** One kind of medium by its key. */
  public static InHand kind(String key) {
    return GenericMedium.find(key)
        .map(g -> notOwned(g.medium()))
        .orElseThrow(() -> new IllegalStateException("impossible state: no medium " + key));
  }

  private static InHand notOwned(Medium medium) {
    return new InHand(Optional.empty(), medium, 0);
  }

  /** The studio's own tool of a kind, or one as they usually are. */
  public Tool tool(ToolKind kind) {
    Tool tool = untaught(kind);
    return tool.covering(learned.coversM2PerMin(kind, tool.coversM2PerMin()));
  }

  /** The same as somebody measured it, or as it usually is. */
  public Tool untaught(ToolKind kind) {
    return tools.stream()
        .filter(t -> t.kind() == kind)
        .findFirst()
        .orElseGet(() -> Tool.typical(kind));
  }
}
