package craftmap.core.coats;

import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a build-up can be made from.
 *
 * @param pots everything wet that is owned, in an order that does not change by itself
 * @param tools what it is put on with, as the studio has measured it
 */
public record CoatShelf(List<InHand> pots, List<Tool> tools) {
  public static final CoatShelf BARE = new CoatShelf(List.of(), List.of());

  public CoatShelf {
    pots = List.copyOf(pots);
    tools = List.copyOf(tools);
  }

  /** What a wish names; none where it is gone from the shelf. */
  public Optional<InHand> product(Wish.Product product) {
    return switch (product) {
      case Wish.Product.OfPot(String id) ->
          pots.stream().filter(p -> p.potId().filter(id::equals).isPresent()).findFirst();
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
        pots.stream()
            .filter(p -> p.medium().kind().role() != role)
            .filter(p -> p.medium().kind().alsoRole().filter(r -> r == role).isPresent()));
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
    return tools.stream()
        .filter(t -> t.kind() == kind)
        .findFirst()
        .orElseGet(() -> Tool.typical(kind));
  }
}
