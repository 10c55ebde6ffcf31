package craftmap.server.supplier;

import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.money.Money;
import craftmap.core.money.Pack;
import craftmap.server.fields.Answers;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.MediumGiven;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The price lists of invented suppliers, from files that ship. */
@Component
class SimulatedPriceLists implements PriceLists {
  private static final List<String> FILES = List.of("tidewater-supplies", "gannet-quay");

  private final List<PriceList> lists;

  /** A line of a file. */
  record Line(
      String sku,
      String name,
      String about,
      String shelf,
      String generic,
      DesignKind kind,
      Rights rights,
      Answers answers,
      List<PackLine> packs,
      Boolean sold) {}

  record PackLine(String holds, String text, String price) {}

  record File(
      String id,
      String supplier,
      String about,
      String currency,
      String delivery,
      List<Line> items) {}

  SimulatedPriceLists(JsonMapper json) throws IOException {
    List<PriceList> read = new ArrayList<>();
    for (String name : FILES) {
      try (InputStream in = new ClassPathResource("supplier/" + name + ".json").getInputStream()) {
        read.add(list(json.readValue(in, File.class)));
      }
    }
    lists = List.copyOf(read);
  }

  private static PriceList list(File file) {
    return new PriceList(
        file.id(),
        file.supplier(),
        file.about(),
        Optional.ofNullable(file.delivery()).map(d -> Money.read(d, file.currency())),
        file.items().stream().map(l -> item(l, file.currency())).toList());
  }

  private static PriceList.Item item(Line l, String currency) {
    List<PriceList.Sale> sales =
        l.packs().stream()
            .map(
                p ->
                    new PriceList.Sale(
                        new Pack(new BigDecimal(p.holds()), Money.read(p.price(), currency)),
                        p.text()))
            .toList();
    Optional<MediumGiven> medium =
        Optional.ofNullable(l.generic())
            .map(
                g ->
                    new MediumGiven(
                        l.name(),
                        g,
                        l.answers(),
                        sales.stream().map(PriceList.Sale::pack).toList()));
    Optional<DesignGiven> design =
        Optional.ofNullable(l.kind())
            .map(k -> DesignGiven.plain(k, l.name(), l.rights(), l.answers()));
    return new PriceList.Item(
        l.sku(),
        l.name(),
        l.about(),
        l.shelf(),
        medium,
        design,
        sales,
        l.sold() == null || l.sold());
  }

  @Override
  public List<PriceList> all() {
    return lists;
  }
}
