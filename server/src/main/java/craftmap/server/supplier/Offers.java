package craftmap.server.supplier;

import craftmap.core.medium.Medium;
import craftmap.core.money.Pack;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a medium can be bought in, and for how much. */
@Service
public class Offers {
  /** A colour this near is sold as the colour that was looked for. */
  private static final double SAME_COLOUR = 3;

  private final PriceList prices;
  private final Media media;

  Offers(PriceList prices, Media media) {
    this.prices = prices;
    this.media = media;
  }

  /**
   * The packs of something that is owned, as its label tells them or the supplier sells it; none
   * where neither is known.
   */
  public List<Pack> ofOwned(String studioId, String mediumId) {
    return media
        .find(studioId, mediumId)
        .map(
            owned ->
                owned.given().packs().isEmpty()
                    ? sold(owned.given().generic(), owned.medium())
                    : owned.given().packs())
        .map(Offers::ofOneCurrency)
        .orElse(List.of());
  }

  /**
   * The packs of something that is not owned: what the supplier has of the same kind and colour.
   */
  public List<Pack> ofKind(String generic, Medium wanted) {
    return ofOneCurrency(sold(generic, wanted));
  }

  private List<Pack> sold(String generic, Medium wanted) {
    return prices.items().stream()
        .filter(PriceList.Item::stock)
        .filter(i -> i.medium().filter(m -> m.generic().equals(generic)).isPresent())
        .filter(i -> i.medium().map(this::read).filter(m -> isLike(m, wanted)).isPresent())
        .flatMap(i -> i.sales().stream())
        .map(PriceList.Sale::pack)
        .toList();
  }

  private Medium read(MediumGiven given) {
    return media.read(given).medium();
  }

  private static boolean isLike(Medium sold, Medium wanted) {
    return sold.coverage().colour().lab().ciede2000From(wanted.coverage().colour().lab())
        <= SAME_COLOUR;
  }

  /** Prices of other currencies do not add up with those of the first. */
  private static List<Pack> ofOneCurrency(List<Pack> packs) {
    Optional<String> currency = packs.stream().map(p -> p.price().currency()).findFirst();
    return packs.stream().filter(p -> p.price().currency().equals(currency.orElseThrow())).toList();
  }
}
