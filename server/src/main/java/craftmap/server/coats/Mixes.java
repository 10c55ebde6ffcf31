package craftmap.server.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.InHand;
import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import craftmap.core.colour.MixSearch;
import craftmap.core.colour.PaintMix;
import craftmap.core.log.Learned;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Base;
import craftmap.core.medium.Role;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.server.fields.Answers;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.shelf.Shelving;
import craftmap.server.shelf.StockGiven;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Ledger;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which paints of the shelf come to a colour when they are mixed, and a mix as a pot of its own.
 */
@Service
@Transactional(readOnly = true)
class Mixes {
  private static final int KEPT = 3;

  /** A shade darker, or lighter, in CIE lightness. */
  private static final double A_STEP = 8;

  private final ShelfService shelf;
  private final Media media;
  private final Shelving shelving;
  private final Ledger ledger;

  Mixes(ShelfService shelf, Media media, Shelving shelving, Ledger ledger) {
    this.shelf = shelf;
    this.media = media;
    this.shelving = shelving;
    this.ledger = ledger;
  }

  /**
   * What comes nearest to a colour.
   *
   * @param paint the nearest paint by itself
   * @param mixes the nearest mixes, the best first
   */
  record Found(Optional<InHand> paint, List<PaintMix> mixes, Map<String, InHand> pots) {}

  /** Every pair and triple of paints with water in them; what is of another base does not mix. */
  @Solves
  Found near(String studioId, Lab wanted) {
    Map<String, InHand> pots = new LinkedHashMap<>();
    List<PaintMix.Paint> paints = new ArrayList<>();
    for (InHand p : paints(studioId)) {
      String id = p.potId().orElseThrow();
      pots.put(id, p);
      paints.add(new PaintMix.Paint(id, p.medium().coverage().colour()));
    }
    return new Found(nearest(pots.values(), wanted), MixSearch.nearest(wanted, paints, KEPT), pots);
  }

  /** The paint that comes nearest by itself. */
  @Solves
  Optional<InHand> paint(String studioId, Lab wanted) {
    return nearest(paints(studioId), wanted);
  }

  private static Optional<InHand> nearest(Collection<InHand> paints, Lab wanted) {
    return paints.stream().min(Comparator.comparingDouble(p -> lab(p).ciede2000From(wanted)));
  }

  /** What mixes, one pot of each. */
  private List<InHand> paints(String studioId) {
    Set<String> media = new HashSet<>();
    // a colour is the same however far it goes
    return shelf.coatShelf(studioId, Learned.NONE).pots().stream()
        .filter(p -> p.medium().kind().role() == Role.PAINT)
        .filter(p -> p.medium().kind().base() == Base.WATER)
        .filter(p -> media.add(p.medium().id()))
        .toList();
  }

  /** So many shades lighter; below nothing darker. */
  static Colour step(Colour of, int steps) {
    Lab lab = of.lab();
    return steps == 0
        ? of
        : new Lab(Math.clamp(lab.lightness() + steps * A_STEP, 0, 100), lab.a(), lab.b()).colour();
  }

  static Lab lab(InHand pot) {
    return pot.medium().coverage().colour().lab();
  }

  /** Parts out of a pot. */
  record Part(String potId, int parts) {}

  /**
   * Puts a mix on the shelf as a pot of its own; the ledger takes it out of the pots it came from,
   * all of it or nothing.
   */
  @Guarded
  public Holding mix(String studioId, String name, double ml, List<Part> parts, String by) {
    FigureRange.MILLILITRES.check("quantity", ml);
    int all = parts.stream().mapToInt(Part::parts).sum();
    if (parts.size() < 2 || parts.stream().anyMatch(p -> p.parts() < 1) || !(ml > 0)) {
      throw new RefusedInput(
          "parts-of-the-mix",
          given(parts.size()),
          said("is-no-mix"),
          said("two-pots-or-more-1-part-or-more-of-each"));
    }
    List<Pot> pots = new ArrayList<>();
    for (Part part : parts) {
      pots.add(
          shelf
              .pot(studioId, part.potId())
              .orElseThrow(
                  () ->
                      new RefusedInput(
                          "pot",
                          given(part.potId()),
                          said("is-not-on-the-shelf"),
                          said("one-that-is"))));
    }
    Lab looks =
        PaintMix.mixed(
            pots.stream().map(p -> p.medium().coverage().colour()).toList(),
            parts.stream().map(Part::parts).toList());
    // it behaves as what most of it is
    int most = 0;
    for (int i = 1; i < parts.size(); i++) {
      most = parts.get(i).parts() > parts.get(most).parts() ? i : most;
    }
    OwnedMedium like = media.get(studioId, pots.get(most).medium().id());
    Map<String, String> choices = new HashMap<>(like.given().label().choices());
    choices.put("colour", looks.colour().hex());
    OwnedMedium mixed =
        media.add(
            studioId,
            new MediumGiven(
                name,
                like.given().generic(),
                new Answers(like.given().label().numbers(), choices),
                List.of()));
    // in the order of their ids: two who mix at once wait for each other and do not block
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      order.add(i);
    }
    order.sort(Comparator.comparing(i -> pots.get(i).holding().id()));
    for (int i : order) {
      Pot pot = pots.get(i);
      double taken = pot.inItsUnit(ml * parts.get(i).parts() / all);
      ledger.book(
          studioId,
          pot.holding().id(),
          Booking.of(EntryKind.USED, quantity(taken), pot.holding().unit()),
          Words.say("mix.note", mixed.medium().name()),
          by);
    }
    double own = new Pot(pots.get(most).holding(), mixed.medium()).inItsUnit(ml);
    return shelving.mixPot(studioId, mixed, quantity(own), StockGiven.NOTHING.particulars(), by);
  }

  private static BigDecimal quantity(double of) {
    return BigDecimal.valueOf(of).setScale(3, RoundingMode.HALF_UP);
  }
}
