package craftmap.server.money;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.InHand;
import craftmap.core.coats.PrimerChoice;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wish;
import craftmap.core.colour.Colour;
import craftmap.core.design.PutOn;
import craftmap.core.medium.Medium;
import craftmap.core.medium.PotLabel;
import craftmap.core.medium.Role;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.coats.GroupNames;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.piece.document.PickDoc;
import craftmap.server.piece.edit.CoatEditDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.edit.LayEditDoc;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How a plan might do without what it lacks, the least change first: another pot of the same use,
 * another primer, a coat fewer, a wash in place of a coat, another option of a lay.
 */
final class OtherWays {
  /** Further from a colour than this is another colour. */
  private static final double LIKE = 8;

  private static final int MOST_OF_A_KIND = 3;

  private static final Set<Role> COLOURS =
      EnumSet.of(Role.PAINT, Role.GLAZE, Role.STAIN, Role.METALLIC_WAX);

  private final PlanReading reading;
  private final CoatsReading coats;
  private final CoatShelf shelf;
  private final Set<String> lacking;
  private final GroupNames names;
  private final List<Way> ways = new ArrayList<>();

  /**
   * @param lacking ids of media, kinds of medium and designs that there is not enough of
   */
  OtherWays(PlanReading reading, CoatsReading coats, CoatShelf shelf, Set<String> lacking) {
    this.reading = reading;
    this.coats = coats;
    this.shelf = shelf;
    this.lacking = lacking;
    this.names = new GroupNames(reading);
  }

  /** One of them: what is done, in words, and the edits that do it. */
  record Way(String title, List<EditDoc> edits) {}

  List<Way> all() {
    coats.groups().forEach(this::substitutes);
    reading.led().forEach(this::otherPots);
    coats.groups().forEach(this::primers);
    coats.groups().forEach(this::thinner);
    reading.led().forEach(this::otherOptions);
    return ways;
  }

  private void add(String title, EditDoc edit) {
    ways.add(new Way(title, List.of(edit)));
  }

  /** Of a group: two of them may have the same coat. */
  private void add(GroupReading group, String title, EditDoc edit) {
    add(Words.say("money.way.of", title, Words.lower(names.name(group.group()))), edit);
  }

  private boolean lacks(Medium medium) {
    return lacking.contains(medium.id());
  }

  // ---- coats

  private static Stream<Band.Coat> coatsOf(GroupReading group) {
    return group.bands().stream()
        .map(BandReading::band)
        .filter(Band.Coat.class::isInstance)
        .map(Band.Coat.class::cast);
  }

  private void substitutes(GroupReading group) {
    coatsOf(group)
        .filter(c -> lacks(c.of().medium()) && !c.key().equals(Band.PRIMER))
        .forEach(
            coat ->
                alike(coat.of().medium(), coat.role())
                    .forEach(
                        p ->
                            add(
                                group,
                                Words.say(
                                    "money.way.instead",
                                    p.medium().name(),
                                    coat.of().medium().name()),
                                from(group, coat, p))));
  }

  private static EditDoc from(GroupReading group, Band.Coat coat, InHand other) {
    String groupId = group.group().id();
    return coat.key().equals(Band.GROUND)
        ? new CoatEditDoc.PaintGround(groupId, CoatsMapper.doc(other.product()))
        : new CoatEditDoc.ChangeCoat(
            groupId,
            CoatsMapper.doc(
                coat.key(), group.group().wishes().coat(coat.key()).with(other.product())));
  }

  /** Owned, of the same use, and where that has a colour, of one like it: the likest first. */
  private List<InHand> alike(Medium of, Role role) {
    boolean coloured = COLOURS.contains(role);
    Set<String> seen = new HashSet<>();
    return shelf
        .usedAs(role)
        .filter(p -> !p.medium().id().equals(of.id()))
        .filter(p -> isLike(p, of.coverage().colour()))
        .sorted(
            coloured
                ? Comparator.comparingDouble(p -> departs(p, of.coverage().colour()))
                : Comparator.comparingDouble(InHand::freeMl).reversed())
        .filter(p -> seen.add(p.medium().id()))
        .limit(MOST_OF_A_KIND)
        .toList();
  }

  /** Whether its colour would do for another; what has none always does. */
  private static boolean isLike(InHand pot, Colour other) {
    return !COLOURS.contains(pot.medium().kind().role()) || departs(pot, other) <= LIKE;
  }

  private static double departs(InHand pot, Colour from) {
    return pot.medium().coverage().colour().lab().ciede2000From(from.lab());
  }

  private void primers(GroupReading group) {
    if (coatsOf(group).noneMatch(c -> lacks(c.of().medium()))) {
      return;
    }
    for (PrimerChoice choice : group.choices()) {
      if (group.chosen().filter(choice::equals).isEmpty()) {
        add(
            group,
            choice
                .primer()
                .map(
                    p ->
                        Words.say(
                            "money.way.primer",
                            p.medium().name(),
                            choice.primerCoats(),
                            choice.paintCoats()))
                .orElseGet(() -> Words.say("money.way.noPrimer", choice.paintCoats())),
            new CoatEditDoc.ChoosePrimer(
                group.group().id(),
                choice.product().map(CoatsMapper::doc).orElse(null),
                choice.primer().isPresent() ? choice.primerCoats() : null));
      }
    }
  }

  private void thinner(GroupReading group) {
    coatsOf(group)
        .filter(c -> lacks(c.of().medium()))
        .forEach(
            coat -> {
              Wish wish = group.group().wishes().coat(coat.key());
              String name = coat.of().medium().name();
              if (coat.times() > 1) {
                add(
                    group,
                    Words.say("money.way.fewer", name, coat.times() - 1),
                    change(group, coat, wish.times(OptionalInt.of(coat.times() - 1))));
              }
              if (coat.role() == Role.PAINT && coat.where() instanceof Where.All) {
                add(
                    group,
                    Words.say("money.way.wash", name),
                    change(group, coat, wish.times(1).with(new Where.WipedBack())));
              }
            });
  }

  private static EditDoc change(GroupReading group, Band.Coat coat, Wish wish) {
    return new CoatEditDoc.ChangeCoat(group.group().id(), CoatsMapper.doc(coat.key(), wish));
  }

  // ---- lays

  private void otherPots(LayReading.Laid laid) {
    Optional<PutOn> on = laid.design().putOn();
    boolean unnamed = laid.pot().isEmpty() && laid.takes().potMl() > 0;
    boolean lacks = laid.pot().map(PotLabel::mediumId).filter(lacking::contains).isPresent();
    if (on.isEmpty() || !unnamed && !lacks) {
      return;
    }
    Set<String> seen = new HashSet<>();
    on.get().roles().stream()
        .flatMap(shelf::usedAs)
        .filter(p -> laid.pot().filter(l -> l.mediumId().equals(p.medium().id())).isEmpty())
        .filter(p -> laid.pot().isEmpty() || isLike(p, laid.pot().get().colour()))
        .filter(p -> seen.add(p.medium().id()))
        .sorted(Comparator.comparingDouble(InHand::freeMl).reversed())
        .limit(MOST_OF_A_KIND)
        .forEach(
            p ->
                add(
                    Words.say("money.way.layFrom", laid.design().name(), p.medium().name()),
                    new LayEditDoc.PutOnWith(laid.lay().id(), p.potId().orElseThrow())));
  }

  private void otherOptions(LayReading.Laid laid) {
    boolean design = lacking.contains(laid.design().id());
    boolean pot = laid.pot().map(PotLabel::mediumId).filter(lacking::contains).isPresent();
    if (pot && laid.lay().coats() > 1) {
      add(
          Words.say("money.way.layFewer", laid.design().name(), laid.lay().coats() - 1),
          new LayEditDoc.ChangeCoats(laid.lay().id(), laid.lay().coats() - 1));
    }
    if (!design && !pot) {
      return;
    }
    laid.options().stream()
        .filter(o -> !o.equals(laid.chosen()))
        .filter(o -> o.items().size() < laid.chosen().items().size() || design)
        .limit(MOST_OF_A_KIND)
        .forEach(
            o ->
                add(
                    Words.say(
                        "money.way.option",
                        laid.design().name(),
                        o.items().size(),
                        laid.chosen().items().size()),
                    new LayEditDoc.PickOption(
                        laid.lay().id(),
                        new PickDoc(
                            o.arrangement().way().name(),
                            o.arrangement().count(),
                            o.arrangement().across()))));
  }
}
