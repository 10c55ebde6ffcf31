package craftmap.server.shelf;

import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.InHand;
import craftmap.core.design.Design;
import craftmap.core.design.FilmRoll;
import craftmap.core.log.Learned;
import craftmap.core.medium.Medium;
import craftmap.core.medium.PotLabel;
import craftmap.core.medium.Role;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Lately;
import craftmap.server.changes.Thing;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Hand;
import craftmap.server.stock.Holding;
import craftmap.server.stock.HoldingForm;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf as plans see it: designs, and pots to paint from. */
@Service
@Solves
public class ShelfService {
  /** What lays are put on with. */
  private static final Set<Role> PUT_ON_WITH =
      EnumSet.of(
          Role.PAINT,
          Role.PASTE,
          Role.GLAZE,
          Role.STAIN,
          Role.METALLIC_WAX,
          Role.SIZE,
          Role.DECOUPAGE_MEDIUM,
          Role.ADHESIVE,
          Role.CONTACT_ADHESIVE,
          Role.CLEAR_COAT,
          Role.CLAY,
          Role.RESIN);

  private final Designs designs;
  private final Media media;
  private final Holdings holdings;
  private final ClaimBook claims;
  private final Changes changes;
  private final Tools tools;
  private final Lately<CoatShelf> coatShelves = new Lately<>();

  private static final double NEARLY_EMPTY_ML = 5;

  ShelfService(
      Designs designs,
      Media media,
      Holdings holdings,
      ClaimBook claims,
      Changes changes,
      Tools tools) {
    this.tools = tools;
    this.changes = changes;
    this.designs = designs;
    this.media = media;
    this.holdings = holdings;
    this.claims = claims;
  }

  public List<OwnedDesign> stencils(String studioId) {
    return designs.stencils(studioId);
  }

  public Optional<OwnedDesign> design(String studioId, String id) {
    return designs.find(studioId, id);
  }

  /** The pots that something may be put on from, those that are not nearly empty. */
  public List<String> potsAtHand(String studioId) {
    return pots(studioId).stream()
        .filter(p -> p.levelMl() > NEARLY_EMPTY_ML)
        .map(p -> p.holding().id())
        .toList();
  }

  public Optional<OwnedDesign> stencil(String studioId, String id) {
    return designs.find(studioId, id).filter(OwnedDesign::isStencil);
  }

  /** Other as soon as any design or label has changed: what was worked out before is then stale. */
  public Changes.Stamp stamp(String studioId) {
    return changes.stamp(studioId, Thing.DESIGN, Thing.MEDIUM);
  }

  /** Every design, for trying them on. */
  public List<OwnedDesign> designs(String studioId) {
    return designs.all(studioId);
  }

  /** Pots that a lay can be put on from. */
  public List<Pot> pots(String studioId) {
    return allPots(studioId).stream()
        .filter(p -> PUT_ON_WITH.contains(p.medium().kind().role()))
        .toList();
  }

  /** Everything wet. */
  public List<Pot> allPots(String studioId) {
    Map<String, OwnedMedium> known = new HashMap<>();
    media.all(studioId).forEach(m -> known.put(m.medium().id(), m));
    return holdings.all(studioId).stream()
        .filter(h -> h.mediumId().isPresent())
        .map(h -> new Pot(h, known.get(h.mediumId().get()).medium()))
        .toList();
  }

  /** Every medium of the studio, whether anything of it is left or not. */
  public List<Medium> media(String studioId) {
    return media.all(studioId).stream().map(OwnedMedium::medium).toList();
  }

  public Optional<Pot> pot(String studioId, String id) {
    return holdings
        .find(studioId, id)
        .filter(h -> h.mediumId().isPresent())
        .map(h -> pot(studioId, h));
  }

  /** Some pots at once, by their ids; those that there are not are not in it. */
  public Map<String, Pot> pots(String studioId, Set<String> ids) {
    return holdings.some(studioId, ids).stream()
        .filter(h -> h.mediumId().isPresent())
        .collect(Collectors.toMap(Holding::id, h -> pot(studioId, h)));
  }

  /** What a piece may count on of each design that lies on the shelf, by design. */
  @Transactional(readOnly = true)
  public Map<String, Available> available(Studio studio, String pieceId) {
    List<Holding> stock =
        holdings.all(studio.id()).stream()
            .filter(h -> h.designId().isPresent() && h.form() != HoldingForm.OFFCUT)
            .toList();
    Map<String, BigDecimal> mine = claims.forPiece(studio.id(), pieceId, stock);
    Map<String, Available> available = new HashMap<>();
    for (Holding h : stock) {
      double quantity = mine.get(h.id()).doubleValue();
      available.merge(
          h.designId().get(),
          new Available(
              h.unit(),
              quantity,
              h.hand() == Hand.LEFT ? quantity : 0,
              h.hand() == Hand.RIGHT ? quantity : 0,
              Available.text(quantity, h.unit(), studio.tape())),
          (a, b) ->
              new Available(
                  a.unit(),
                  a.quantity() + b.quantity(),
                  a.left() + b.left(),
                  a.right() + b.right(),
                  Available.text(a.quantity() + b.quantity(), a.unit(), studio.tape())));
    }
    return available;
  }

  /** What a piece may count on of each of some pots, in millilitres, by pot. */
  public Map<String, Double> availableMl(String studioId, String pieceId, Set<String> potIds) {
    Map<String, BigDecimal> mine = claims.nowForPiece(studioId, pieceId, potIds);
    return allPots(studioId).stream()
        .filter(p -> mine.containsKey(p.holding().id()))
        .collect(
            Collectors.toMap(
                p -> p.holding().id(), p -> p.ml(mine.get(p.holding().id()).doubleValue())));
  }

  /** Stocks of a design, the fullest first; leftovers are looked at when it is cut. */
  public List<Holding> stockOf(String studioId, String designId) {
    return holdings.ofDesign(studioId, designId).stream()
        .filter(h -> h.form() != HoldingForm.OFFCUT)
        .sorted(Comparator.comparing(Holding::level).reversed().thenComparing(Holding::id))
        .toList();
  }

  /** Whether a stock is of a design: whole sheets, pieces, a roll, or a leftover. */
  public boolean isOf(String studioId, String holdingId, String designId) {
    return holdings
        .find(studioId, holdingId)
        .flatMap(Holding::designId)
        .filter(designId::equals)
        .isPresent();
  }

  /** Leftovers of a design that are still there, the smallest first. */
  public List<Holding> leftoversOf(String studioId, String designId) {
    return holdings.ofDesign(studioId, designId).stream()
        .filter(h -> h.leftover().isPresent() && h.level().signum() > 0)
        .sorted(
            Comparator.comparingDouble((Holding h) -> h.leftover().orElseThrow().areaMm2())
                .thenComparing(Holding::id))
        .toList();
  }

  /** The same as they are cut from. */
  public List<DesignCut.Leftover> leftoversToCut(String studioId, String designId) {
    return leftoversOf(studioId, designId).stream()
        .map(h -> new DesignCut.Leftover(h.id(), h.leftover().orElseThrow()))
        .toList();
  }

  /** A stock, whatever is left of it. */
  public Optional<Holding> holding(String studioId, String id) {
    return holdings.find(studioId, id);
  }

  /** What a stock is of. */
  public String nameOf(String studioId, Holding holding) {
    return holding
        .mediumId()
        .map(m -> media.get(studioId, m).medium().name())
        .orElseGet(() -> designs.get(studioId, holding.designId().orElseThrow()).design().name());
  }

  private Pot pot(String studioId, Holding holding) {
    return new Pot(holding, media.get(studioId, holding.mediumId().orElseThrow()).medium());
  }

  /**
   * What coats are put on from: every pot with something in it, and the tools.
   *
   * @param learned what the plan goes by that asks
   */
  public CoatShelf coatShelf(String studioId, Learned learned) {
    return coatShelves
        .of(studioId, coatStamp(studioId), () -> readCoatShelf(studioId))
        .after(learned);
  }

  /** Other as soon as anything has changed that coats are put on from. */
  public Changes.Stamp coatStamp(String studioId) {
    return changes.stamp(studioId, Thing.DESIGN, Thing.MEDIUM, Thing.TOOL, Thing.STOCK);
  }

  private CoatShelf readCoatShelf(String studioId) {
    List<InHand> pots =
        allPots(studioId).stream()
            .map(p -> new InHand(Optional.of(p.holding().id()), p.medium(), p.levelMl()))
            .sorted(
                Comparator.comparing((InHand p) -> p.medium().name())
                    .thenComparing(p -> p.potId().orElseThrow()))
            .toList();
    return new CoatShelf(
        pots.stream().filter(p -> p.freeMl() > 0).toList(),
        tools.all(studioId).stream().map(Tools.OwnedTool::tool).toList(),
        pots.stream().filter(p -> p.freeMl() <= 0).toList());
  }

  /**
   * The shelf as plans see it; each pot is looked up once.
   *
   * @param learned what the plan goes by that sees it
   */
  public Shelf asPlansSeeIt(String studioId, Learned learned) {
    Map<String, Optional<PotLabel>> pots = new HashMap<>();
    Map<String, Optional<Design>> known = new HashMap<>();
    return new Shelf() {
      private List<FilmRoll> films;
      private CoatShelf coats;

      @Override
      public CoatShelf coats() {
        if (coats == null) {
          coats = coatShelf(studioId, learned);
        }
        return coats;
      }

      @Override
      public Learned learned() {
        return learned;
      }

      @Override
      public Optional<Design> design(String id) {
        return known.computeIfAbsent(
            id, d -> ShelfService.this.design(studioId, d).map(OwnedDesign::design));
      }

      @Override
      public Optional<PotLabel> pot(String id) {
        return pots.computeIfAbsent(id, p -> ShelfService.this.pot(studioId, p).map(Pot::label));
      }

      @Override
      public List<FilmRoll> films() {
        if (films == null) {
          films =
              designs(studioId).stream()
                  .map(OwnedDesign::design)
                  .filter(FilmRoll.class::isInstance)
                  .map(FilmRoll.class::cast)
                  .toList();
        }
        return films;
      }
    };
  }
}
