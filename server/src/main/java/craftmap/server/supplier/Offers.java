package craftmap.server.supplier;

import craftmap.core.design.CustomCut;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.FilmRoll;
import craftmap.core.medium.Medium;
import craftmap.core.money.Pack;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.OwnedMedium;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;

/**
 * What something can be bought in, where, and for how much. A supplier's list comes first, since
 * its prices are of today: what is sold by the same name and kind. What no list has is bought by
 * the packs that its own label tells, wherever that is; and where nothing is known of those, what
 * the lists have of the same kind and colour.
 */
@Service
public class Offers {
  /** A colour this near is sold as the colour that was looked for. */
  private static final double SAME_COLOUR = 3;

  private final PriceLists lists;
  private final Media media;
  private final Designs designs;

  Offers(PriceLists lists, Media media, Designs designs) {
    this.lists = lists;
    this.media = media;
    this.designs = designs;
  }

  /**
   * A pack on sale.
   *
   * @param sold by whom, and as what; none where only the label tells of it
   */
  public record Offer(Optional<PriceLists.Sold> sold, Pack pack, String packText) {
    /** Who sells it; empty where nobody is known to. */
    public String shopId() {
      return sold.map(s -> s.list().id()).orElse("");
    }
  }

  /** What can be bought of something that is owned; nothing where nobody is known to sell it. */
  public List<Offer> ofOwned(String studioId, String mediumId) {
    return media.find(studioId, mediumId).map(this::ofOwned).orElse(List.of());
  }

  private List<Offer> ofOwned(OwnedMedium owned) {
    MediumGiven given = owned.given();
    List<Offer> same =
        sold(
            i ->
                i.medium()
                    .filter(m -> m.generic().equals(given.generic()))
                    .filter(m -> isCalled(m.name(), given.name()))
                    .isPresent());
    if (!same.isEmpty()) {
      return ofOneCurrency(same);
    }
    return given.packs().isEmpty()
        ? ofKind(given.generic(), owned.medium())
        : ofOneCurrency(
            given.packs().stream()
                .map(p -> new Offer(Optional.empty(), p, owned.medium().unit().show(p.holds())))
                .toList());
  }

  /** What can be bought of something that is not owned: of the same kind and colour. */
  public List<Offer> ofKind(String generic, Medium wanted) {
    return ofOneCurrency(
        sold(
            i ->
                i.medium()
                    .filter(m -> m.generic().equals(generic))
                    .filter(m -> isLike(media.read(m).medium(), wanted))
                    .isPresent()));
  }

  /** What can be bought of a design: of the same kind and name. */
  public List<Offer> ofDesign(Design design) {
    return ofOneCurrency(
        sold(
            i ->
                i.design()
                    .filter(d -> d.kind() == design.kind())
                    .filter(d -> isCalled(d.name(), design.name()))
                    .isPresent()));
  }

  /** Rolls of film or vinyl that are wide enough. */
  public List<Offer> ofFilm(String studioId, CustomCut.Film film, double widthMm) {
    return ofOneCurrency(
        sold(
            i ->
                i.design()
                    .filter(d -> d.kind() == DesignKind.FILM)
                    .map(d -> designs.read(studioId, "sold", d).design())
                    .filter(FilmRoll.class::isInstance)
                    .map(FilmRoll.class::cast)
                    .filter(r -> r.film() == film && r.widthMm() >= widthMm)
                    .isPresent()));
  }

  private List<Offer> sold(Predicate<PriceList.Item> wanted) {
    List<Offer> offers = new ArrayList<>();
    for (PriceList list : lists.all()) {
      for (PriceList.Item item : list.items()) {
        if (item.stock() && wanted.test(item)) {
          item.sales()
              .forEach(
                  s ->
                      offers.add(
                          new Offer(
                              Optional.of(new PriceLists.Sold(list, item)), s.pack(), s.text())));
        }
      }
    }
    return offers;
  }

  private static boolean isCalled(String name, String other) {
    return name.strip().equalsIgnoreCase(other.strip());
  }

  private static boolean isLike(Medium sold, Medium wanted) {
    return sold.coverage().colour().lab().ciede2000From(wanted.coverage().colour().lab())
        <= SAME_COLOUR;
  }

  /** Prices of other currencies do not add up with those of the first. */
  private static List<Offer> ofOneCurrency(List<Offer> offers) {
    Optional<String> currency = offers.stream().map(o -> o.pack().price().currency()).findFirst();
    return offers.stream()
        .filter(o -> o.pack().price().currency().equals(currency.orElseThrow()))
        .toList();
  }
}
