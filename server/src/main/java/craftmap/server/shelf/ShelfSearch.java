package craftmap.server.shelf;

import craftmap.core.colour.Colour;
import craftmap.core.colour.ColourFamily;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Tool;
import craftmap.core.supply.Claims;
import craftmap.core.supply.Offcut;
import craftmap.core.supply.StockUnit;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Hand;
import craftmap.server.stock.Holding;
import craftmap.server.stock.HoldingForm;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Looks along the shelf. Everything is read as light rows, one query for each kind of thing, and
 * sifted here.
 */
@Service
@Transactional(readOnly = true)
public class ShelfSearch {
  private final Designs designs;
  private final Media media;
  private final Tools tools;
  private final Holdings holdings;
  private final ClaimBook claims;

  ShelfSearch(Designs designs, Media media, Tools tools, Holdings holdings, ClaimBook claims) {
    this.designs = designs;
    this.media = media;
    this.tools = tools;
    this.holdings = holdings;
    this.claims = claims;
  }

  /** What stands on the shelf. */
  public enum Thing {
    DESIGN,
    OFFCUT,
    POT,
    TOOL
  }

  /** Whether what there is covers what is asked of it. */
  public enum StockStanding {
    ENOUGH,
    SHORT,
    NONE,
    /** Nothing of it lies on a shelf. */
    BY_HAND
  }

  /**
   * What is looked for; empty sets and nothing given let everything through.
   *
   * @param enough only what is there and not asked for twice
   */
  public record Wish(
      String words,
      Set<Thing> things,
      Set<DesignKind> kinds,
      Set<ColourFamily> colours,
      Set<Rights> rights,
      boolean enough,
      double mostWidthMm,
      double mostHeightMm) {}

  /** One thing on the shelf. */
  public record Found(
      Thing thing,
      String id,
      String designId,
      String mediumId,
      DesignKind kind,
      String name,
      String kindText,
      double widthMm,
      double heightMm,
      String artworkId,
      Offcut offcut,
      String shade,
      String stockText,
      double fullShare,
      double holds,
      StockUnit unit,
      StockStanding standing,
      Rights rights,
      String code) {}

  public List<Found> find(Studio studio, Wish wish) {
    List<Holding> all = holdings.all(studio.id());
    Map<String, ClaimBook.Settled> settled = claims.onAll(studio.id(), all);
    Map<String, List<Holding>> byDesign = new HashMap<>();
    all.forEach(
        h ->
            h.designId()
                .ifPresent(d -> byDesign.computeIfAbsent(d, k -> new ArrayList<>()).add(h)));
    Sieve sieve = new Sieve(wish);
    List<Found> found = new ArrayList<>();
    List<Found> offcuts = new ArrayList<>();
    for (DesignRows.Light d : designs.light(studio.id())) {
      List<Holding> stock = byDesign.getOrDefault(d.id(), List.of());
      Found design = design(d, stock, settled, studio.tape());
      if (sieve.lets(design, d.motif(), d.colours())) {
        found.add(design);
      }
      for (Holding h : stock) {
        if (h.form() == HoldingForm.OFFCUT && h.level().signum() > 0) {
          Found offcut = offcut(d, h, studio.tape());
          if (sieve.lets(offcut, d.motif(), d.colours())) {
            offcuts.add(offcut);
          }
        }
      }
    }
    found.addAll(offcuts);
    if (wish.kinds().isEmpty() && wish.rights().isEmpty()) {
      pots(studio, all, settled, sieve, found);
      tools(studio, sieve, found);
    }
    return found;
  }

  private void pots(
      Studio studio,
      List<Holding> all,
      Map<String, ClaimBook.Settled> settled,
      Sieve sieve,
      List<Found> found) {
    Map<String, MediumRows.Light> known = new HashMap<>();
    media.light(studio.id()).forEach(m -> known.put(m.id(), m));
    for (Holding h : all) {
      if (h.mediumId().isPresent()) {
        MediumRows.Light m = known.get(h.mediumId().get());
        Found pot = pot(m, h, settled.get(h.id()), studio.tape());
        if (sieve.lets(pot, m.generic(), "," + ColourFamily.of(new Colour(m.colour())) + ",")) {
          found.add(pot);
        }
      }
    }
  }

  private void tools(Studio studio, Sieve sieve, List<Found> found) {
    for (Tools.OwnedTool t : tools.all(studio.id())) {
      Tool tool = t.tool();
      Found card =
          new Found(
              Thing.TOOL,
              tool.id(),
              null,
              null,
              null,
              tool.name(),
              Words.say("choice." + tool.kind().name()),
              0,
              0,
              null,
              null,
              "#6C6A62",
              Words.say("tool.loss", Words.percent(tool.loss())),
              1,
              0,
              null,
              StockStanding.ENOUGH,
              null,
              "");
      if (sieve.lets(card, "", "")) {
        found.add(card);
      }
    }
  }

  private static Found design(
      DesignRows.Light d,
      List<Holding> stock,
      Map<String, ClaimBook.Settled> settled,
      TapeDivision tape) {
    List<Holding> whole = stock.stream().filter(h -> h.form() != HoldingForm.OFFCUT).toList();
    BigDecimal level = BigDecimal.ZERO;
    double holds = 0;
    boolean over = false;
    for (Holding h : whole) {
      if (h.hand() != Hand.RIGHT) {
        level = level.add(h.level());
      }
      holds += h.holds().map(Number::doubleValue).orElse(0.0);
      over |= isOverAsked(settled.get(h.id()));
    }
    boolean pair = whole.stream().anyMatch(h -> h.hand() != Hand.NONE);
    StockUnit unit = whole.isEmpty() ? null : whole.getFirst().unit();
    return new Found(
        Thing.DESIGN,
        d.id(),
        d.id(),
        null,
        d.kind(),
        d.name(),
        Words.say("designOne", d.kind()),
        d.sheetWidthMm(),
        d.sheetHeightMm(),
        d.artworkId(),
        null,
        d.shade(),
        whole.isEmpty()
            ? Words.say(isByHand(d.kind()) ? "stock.byHand" : "stock.none")
            : pair ? Words.say("stock.pairs", pairs(whole)) : StockText.of(level, unit, tape),
        holds > 0 ? Math.clamp(level.doubleValue() / holds, 0, 1) : level.signum() > 0 ? 1 : 0,
        holds,
        unit,
        whole.isEmpty()
            ? isByHand(d.kind()) ? StockStanding.BY_HAND : StockStanding.NONE
            : over
                ? StockStanding.SHORT
                : level.signum() > 0 ? StockStanding.ENOUGH : StockStanding.NONE,
        d.rights(),
        whole.isEmpty() ? "" : whole.getFirst().code().text());
  }

  /** A pair wants one of each hand. */
  private static BigDecimal pairs(List<Holding> whole) {
    BigDecimal left = BigDecimal.ZERO;
    BigDecimal right = BigDecimal.ZERO;
    for (Holding h : whole) {
      if (h.hand() == Hand.LEFT) {
        left = left.add(h.level());
      } else if (h.hand() == Hand.RIGHT) {
        right = right.add(h.level());
      }
    }
    return left.min(right);
  }

  private static boolean isByHand(DesignKind kind) {
    return switch (kind) {
      case CUSTOM_CUT, ENLARGED_IMAGE, DOTS, PAINTED_ZONE -> true;
      case STENCIL,
          ADHESIVE_STENCIL,
          STENCIL_ROLL,
          RAISED_STENCIL,
          TRANSFER,
          NAPKIN,
          PAPER,
          COLLAGE,
          FOIL,
          MOULDING,
          CASTING,
          TEXTURE,
          PLASTER_FABRIC,
          FILM ->
          false;
    };
  }

  private static Found offcut(DesignRows.Light d, Holding h, TapeDivision tape) {
    Offcut offcut = h.leftover().orElse(null);
    String size =
        h.leftover()
            .map(Offcut::box)
            .map(b -> Words.say("fact.size", tape.show(b.widthMm()), tape.show(b.heightMm())))
            .orElseGet(() -> Words.say("stock.offcut.noOutline"));
    return new Found(
        Thing.OFFCUT,
        h.id(),
        d.id(),
        null,
        d.kind(),
        d.name(),
        Words.say("stock.offcut"),
        d.sheetWidthMm(),
        d.sheetHeightMm(),
        d.artworkId(),
        offcut,
        d.shade(),
        size,
        1,
        0,
        h.unit(),
        StockStanding.ENOUGH,
        d.rights(),
        h.code().text());
  }

  private static Found pot(
      MediumRows.Light m, Holding h, ClaimBook.Settled settled, TapeDivision tape) {
    return new Found(
        Thing.POT,
        h.id(),
        null,
        m.id(),
        null,
        m.name(),
        Words.say("choice." + m.role()),
        0,
        0,
        null,
        null,
        m.colour(),
        StockText.level(h, tape),
        h.fullShare(),
        h.holds().map(Number::doubleValue).orElse(0.0),
        h.unit(),
        isOverAsked(settled)
            ? StockStanding.SHORT
            : h.level().signum() > 0 ? StockStanding.ENOUGH : StockStanding.NONE,
        null,
        h.code().text());
  }

  private static boolean isOverAsked(ClaimBook.Settled settled) {
    return settled != null
        && settled.claims().settled().stream()
            .map(Claims.Settled::missing)
            .anyMatch(m -> m.signum() > 0);
  }

  /** Lets through what is looked for. */
  private static final class Sieve {
    private final Wish wish;
    private final String[] words;

    Sieve(Wish wish) {
      this.wish = wish;
      String text = wish.words() == null ? "" : wish.words().strip().toLowerCase(Locale.ENGLISH);
      this.words = text.isEmpty() ? new String[0] : text.split("\\s+");
    }

    boolean lets(Found f, String alsoCalled, String colours) {
      return (wish.things().isEmpty() || wish.things().contains(f.thing()))
          && (wish.kinds().isEmpty() || wish.kinds().contains(f.kind()))
          && (wish.rights().isEmpty() || wish.rights().contains(f.rights()))
          && (!wish.enough()
              || f.standing() == StockStanding.ENOUGH
              || f.standing() == StockStanding.BY_HAND)
          && fits(f)
          && hasColour(colours)
          && saysAll(f, alsoCalled);
    }

    private boolean fits(Found f) {
      double w = f.offcut() == null ? f.widthMm() : f.offcut().box().widthMm();
      double h = f.offcut() == null ? f.heightMm() : f.offcut().box().heightMm();
      return w <= wish.mostWidthMm() && h <= wish.mostHeightMm();
    }

    private boolean hasColour(String colours) {
      return wish.colours().isEmpty()
          || wish.colours().stream().anyMatch(c -> colours.contains("," + c.name() + ","));
    }

    private boolean saysAll(Found f, String alsoCalled) {
      if (words.length == 0) {
        return true;
      }
      String said =
          (f.name() + " " + f.kindText() + " " + alsoCalled + " " + f.code())
              .toLowerCase(Locale.ENGLISH);
      for (String word : words) {
        if (!said.contains(word)) {
          return false;
        }
      }
      return true;
    }
  }
}
