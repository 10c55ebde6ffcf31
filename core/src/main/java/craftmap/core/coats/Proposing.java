package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.colour.Lab;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import craftmap.core.medium.WaterResistance;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Proposes the build-up of a group from its surface, its lays, the schools and the shelf, around
 * what the artist decided. No band is put in that nothing asks for.
 */
final class Proposing {
  /** From here a roller is quicker than a brush. */
  private static final double ROLLED_FROM_MM2 = 100_000;

  /** A finger's breadth of fewer than half of the edges, until it is told where. */
  private static final Where WHERE_HANDS_GO = new Where.Edges(6, 0.4);

  /** Of the area, until it is told how much stands out. */
  private static final double ON_HIGH_SPOTS = 0.12;

  private final GroupSurface surface;
  private final List<LayHere> lays;
  private final CoatShelf shelf;
  private final Habits habits;
  private final Wishes wishes;

  Proposing(
      GroupSurface surface, List<LayHere> lays, CoatShelf shelf, Habits habits, Wishes wishes) {
    this.surface = surface;
    this.lays = lays;
    this.shelf = shelf;
    this.habits = habits;
    this.wishes = wishes;
  }

  /**
   * What is proposed.
   *
   * @param choices the ways to come to the ground, the best first; none where no ground is painted
   */
  record Proposed(BuildUp buildUp, List<PrimerChoice> choices) {}

  Proposed run() {
    List<Band> bands = new ArrayList<>();
    List<PrimerChoice> choices = ground(bands);
    lays.forEach(l -> bands.add(new Band.OfLay(l, stage(l))));
    dressing(bands);
    Lab primed = primed(bands);
    wishes.coats().forEach((key, wish) -> added(key, wish, primed).ifPresent(bands::add));
    if (!bands.isEmpty()) {
      seal(bands);
      bands.addAll(0, preparation(bands));
    }
    bands.removeIf(b -> wishes.without().contains(b.key()));
    return new Proposed(BuildUp.of(bands, wishes.order()), choices);
  }

  private Stage stage(LayHere lay) {
    return lay.isRelief() && habits.relief() == Habits.Relief.BEFORE_PAINT
        ? Stage.RELIEF
        : Stage.DECORATE;
  }

  // ---- the ground

  private List<PrimerChoice> ground(List<Band> bands) {
    Optional<InHand> paint = paint();
    Wish primerWish = wishes.coat(Band.PRIMER);
    boolean noGround = wishes.without().contains(Band.GROUND);
    if (paint.isEmpty() || noGround) {
      primerWish
          .product()
          .flatMap(shelf::product)
          .ifPresent(p -> bands.add(coat(Band.PRIMER, Stage.PRIME, p, 1, Where.ALL)));
      return List.of();
    }
    Band.Coat ground = coat(Band.GROUND, Stage.GROUND, paint.get(), 1, Where.ALL);
    // which one it is is what is looked for
    Band.Coat primed = coat(Band.PRIMER, Stage.PRIME, paint.get(), 1, Where.ALL);
    PrimerSearch search = new PrimerSearch(surface, shelf, habits, ground, primed);
    List<PrimerChoice> choices = search.all();
    PrimerChoice chosen = choices.getFirst();
    Optional<InHand> wanted = primerWish.product().flatMap(shelf::product);
    if (wishes.without().contains(Band.PRIMER)) {
      chosen = search.choice(Optional.empty(), 0);
    } else if (wanted.isPresent() || primerWish.times().isPresent()) {
      Optional<InHand> primer = wanted.or(chosen::primer);
      int usual =
          choices.stream()
              .filter(c -> c.isFrom(primer))
              .findFirst()
              .map(PrimerChoice::primerCoats)
              .orElse(1);
      int times = primerWish.times().orElse(Math.max(1, usual));
      chosen = search.choice(primer, primer.isPresent() ? times : 0);
    }
    PrimerChoice taken = chosen;
    taken.primer().ifPresent(p -> bands.add(primed.of(p).times(taken.primerCoats())));
    bands.add(ground.times(taken.paintCoats()));
    return choices;
  }

  /** A coat as it is wished for, and as is usual where nothing is said. */
  private Band.Coat coat(String key, Stage stage, InHand of, int usualTimes, Where usualPlace) {
    Wish wish = wishes.coat(key);
    return new Band.Coat(
        key,
        stage,
        wishes.coats().containsKey(key),
        of,
        shelf.tool(wish.tool().orElseGet(() -> usual(of.medium()))),
        wish.times().orElse(usualTimes),
        wish.times().isPresent(),
        wish.where().orElse(usualPlace),
        wish.grit(),
        wish.waterShare());
  }

  /** What the ground is painted with; none where the face has the wanted colour already. */
  private Optional<InHand> paint() {
    Optional<InHand> wished = wishes.coat(Band.GROUND).product().flatMap(shelf::product);
    if (wished.isPresent()) {
      return wished;
    }
    Lab wanted = surface.wanted().lab();
    if (wanted.ciede2000From(surface.now().lab()) <= Covering.HIDDEN) {
      return Optional.empty();
    }
    return nearest(shelf.pots(), surface.wanted())
        .filter(p -> p.medium().coverage().colour().lab().ciede2000From(wanted) <= Covering.HIDDEN)
        .or(() -> shelf.product(new Wish.Product.AsIf(surface.wanted())));
  }

  /** The paint that comes nearest to a colour. */
  static Optional<InHand> nearest(List<InHand> pots, Colour colour) {
    Lab wanted = colour.lab();
    return pots.stream()
        .filter(p -> p.medium().kind().role() == Role.PAINT)
        .min(
            Comparator.comparingDouble(
                    (InHand p) -> p.medium().coverage().colour().lab().ciede2000From(wanted))
                .thenComparing(Comparator.comparingDouble(InHand::freeMl).reversed()));
  }

  private ToolKind usual(Medium medium) {
    return switch (medium.kind().role()) {
      case WAX, METALLIC_WAX, POWDER, STAIN, CLEANER, STRIPPER -> ToolKind.CLOTH;
      case PASTE, FILLER, CLAY, RESIN -> ToolKind.PALETTE_KNIFE;
      case PRIMER, STAIN_BLOCKER, BONDING_PRIMER, PAINT ->
          surface.areaMm2() >= ROLLED_FROM_MM2 ? ToolKind.ROLLER : ToolKind.BRUSH;
      case SIZE, ADHESIVE, CONTACT_ADHESIVE, DECOUPAGE_MEDIUM, GLAZE, CLEAR_COAT -> ToolKind.BRUSH;
    };
  }

  // ---- what was added by hand

  private Optional<Band.Coat> added(String key, Wish wish, Lab primed) {
    if (!Band.isAdded(key)) {
      return Optional.empty();
    }
    return wish.product()
        .flatMap(shelf::product)
        .map(of -> coat(key, stage(of.medium().kind().role()), of, 1, usualPlace(of)))
        .map(c -> c.where() instanceof Where.Blended ? asManyAsHide(c, primed) : c);
  }

  /** A colour of a blend hides what is under the blend, as the ground does. */
  private static Band.Coat asManyAsHide(Band.Coat coat, Lab under) {
    return coat.timesChosen()
        ? coat
        : coat.times(Math.max(1, CoatSums.coatsToHide(coat, under).orElse(Coating.MOST_COATS)));
  }

  private Lab primed(List<Band> bands) {
    Lab seen = surface.now().lab();
    for (Band band : bands) {
      if (band instanceof Band.Coat coat && coat.key().equals(Band.PRIMER)) {
        seen = CoatSums.after(coat, seen, coat.times());
      }
    }
    return seen;
  }

  /** What is done for its looks, only where it is wished for. */
  private void dressing(List<Band> bands) {
    for (StepKind kind : StepKind.values()) {
      if (kind.isDressing() && wishes.steps().contains(kind)) {
        Band.Step step =
            new Band.Step(
                kind,
                true,
                1,
                List.of(),
                shelf.forStep(kind),
                wishes.coat(kind.key()).where().orElse(WHERE_HANDS_GO));
        // before the coats of its own stage that are proposed, after what is laid
        bands.add(kind.stage() == Stage.GROUND ? 0 : bands.size(), step);
      }
    }
  }

  private static Where usualPlace(InHand of) {
    return switch (of.medium().kind().role()) {
      case GLAZE, STAIN -> new Where.WipedBack();
      case METALLIC_WAX -> new Where.HighSpots(ON_HIGH_SPOTS);
      case RESIN -> new Where.Poured(1 / of.medium().coverage().spreadM2PerLitre());
      case WAX -> of.isDark() ? new Where.WipedBack() : Where.ALL;
      case CLEANER,
          STRIPPER,
          FILLER,
          PRIMER,
          STAIN_BLOCKER,
          BONDING_PRIMER,
          PAINT,
          SIZE,
          ADHESIVE,
          CONTACT_ADHESIVE,
          DECOUPAGE_MEDIUM,
          PASTE,
          CLAY,
          CLEAR_COAT,
          POWDER ->
          Where.ALL;
    };
  }

  static Stage stage(Role role) {
    return switch (role) {
      case CLEANER, STRIPPER, FILLER -> Stage.PREPARE;
      case PASTE, CLAY -> Stage.RELIEF;
      case PRIMER, STAIN_BLOCKER, BONDING_PRIMER -> Stage.PRIME;
      case PAINT, STAIN -> Stage.GROUND;
      case SIZE, ADHESIVE, CONTACT_ADHESIVE, DECOUPAGE_MEDIUM, GLAZE -> Stage.DECORATE;
      case CLEAR_COAT, RESIN -> Stage.SEAL;
      case WAX, METALLIC_WAX, POWDER -> Stage.DRESS;
    };
  }

  // ---- what closes it

  private void seal(List<Band> bands) {
    boolean closed =
        bands.stream()
            .filter(Band.Coat.class::isInstance)
            .map(Band.Coat.class::cast)
            .anyMatch(c -> c.role() == Role.CLEAR_COAT || c.role() == Role.RESIN || c.isClearWax());
    boolean worn = bears(Exposure.WEAR) || bears(Exposure.WET);
    if (closed || !(worn || needsSeal(bands))) {
      return;
    }
    // wax closes neither what is worn nor a transfer
    boolean open = lays.stream().anyMatch(l -> l.isTransfer() && l.pot().isEmpty());
    boolean wax = habits.seal() == Habits.Seal.WAX && !worn && !open;
    String key = wax ? Band.WAX : Band.SEAL;
    InHand of =
        wishes
            .coat(key)
            .product()
            .flatMap(shelf::product)
            .orElseGet(
                () ->
                    wax
                        ? shelf.clearWax()
                        : shelf.clearCoat(worn ? WaterResistance.WET : WaterResistance.NONE));
    int usual = of.medium().coverage().coats();
    bands.add(
        coat(
            key,
            stage(of.medium().kind().role()),
            of,
            worn ? Math.max(GroupSurface.TIMES_SEALED, usual) : usual,
            Where.ALL));
  }

  private boolean bears(Exposure what) {
    return surface.bears(what);
  }

  /** Whether the last that is put on everywhere, or anything laid, has to be closed. */
  private boolean needsSeal(List<Band> bands) {
    boolean coat =
        bands.stream()
            .filter(Band.Coat.class::isInstance)
            .map(Band.Coat.class::cast)
            .anyMatch(c -> c.of().medium().wear().needsSeal());
    boolean lay =
        lays.stream()
            .anyMatch(
                l ->
                    l.isFoil()
                        || l.isTransfer() && l.pot().isEmpty()
                        || !l.isSealedByItself()
                            && l.pot().map(m -> m.wear().needsSeal()).orElse(false));
    return coat || lay;
  }

  // ---- preparation

  private List<Band> preparation(List<Band> bands) {
    List<Band> steps = new ArrayList<>();
    boolean coated = bands.stream().anyMatch(b -> b instanceof Band.Coat c && c.isFilm());
    List<Integer> grits = coated || !lays.isEmpty() ? grits() : List.of();
    boolean old = surface.finish() == Finish.PAINTED || surface.finish() == Finish.VARNISHED;
    for (StepKind kind : StepKind.values()) {
      boolean asked =
          switch (kind) {
            case TEST_FOR_LEAD -> old && !grits.isEmpty() && surface.isWooden();
            case WAX_OFF -> surface.finish() == Finish.WAXED;
            case STRIP -> false;
            case CLEAN -> true;
            case FILL -> coated && !surface.hollows().isEmpty();
            case SAND -> !grits.isEmpty();
            case DUST_OFF -> !grits.isEmpty() || coated && !surface.hollows().isEmpty();
            case MASK -> coated && surface.extent().maskMm() > 0;
            case RESIST, DISTRESS -> false;
          };
      boolean own = wishes.steps().contains(kind);
      if (asked || own && !kind.isDressing()) {
        steps.add(
            new Band.Step(
                kind,
                own,
                kind == StepKind.WAX_OFF ? 2 : 1,
                kind == StepKind.SAND ? grits.isEmpty() ? List.of(220) : grits : List.of(),
                shelf.forStep(kind),
                Where.ALL));
      }
    }
    return steps;
  }

  /** Papers in turn, each no more than twice as fine as the one before. */
  private List<Integer> grits() {
    if (surface.makeUp() == MakeUp.GLASS
        || surface.makeUp() == MakeUp.GLAZED
        || surface.makeUp() == MakeUp.LEATHER) {
      return List.of();
    }
    return switch (surface.finish()) {
      case BARE ->
          switch (surface.makeUp()) {
            case WOOD, VENEER -> List.of(120, 180, 220);
            case BOARD, LAMINATE, PLASTIC -> List.of(220);
            case METAL, STONE_WARE -> List.of(120, 220);
            case GLASS, GLAZED, LEATHER -> List.of();
          };
      case WAXED -> List.of(180, 220);
      case VARNISHED -> List.of(120, 220);
      case PAINTED -> List.of(180, 220);
    };
  }
}
