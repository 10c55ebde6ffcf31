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

/** The price list of an invented supplier, from a file that ships. */
@Component
class SimulatedPriceList implements PriceList {
  private static final String CURRENCY = "EUR";

  private final String supplier;
  private final List<Item> items;

  /** A line of the file. */
  record Line(
      String sku,
      String name,
      String about,
      String generic,
      DesignKind kind,
      Rights rights,
      Answers answers,
      List<PackLine> packs,
      Boolean sold) {}

  record PackLine(String holds, String text, String price) {}

  record File(String supplier, List<Line> items) {}

  SimulatedPriceList(JsonMapper json) throws IOException {
    try (InputStream in = new ClassPathResource("supplier/price-list.json").getInputStream()) {
      File file = json.readValue(in, File.class);
      supplier = file.supplier();
      List<Item> read = new ArrayList<>();
      file.items().forEach(l -> read.add(item(l)));
      items = List.copyOf(read);
    }
  }

  private static Item item(Line l) {
    List<Sale> sales =
        l.packs().stream()
            .map(
                p ->
                    new Sale(
                        new Pack(new BigDecimal(p.holds()), Money.read(p.price(), CURRENCY)),
                        p.text()))
            .toList();
    Optional<MediumGiven> medium =
        Optional.ofNullable(l.generic())
            .map(
                g ->
                    new MediumGiven(
                        l.name(), g, l.answers(), sales.stream().map(Sale::pack).toList()));
    Optional<DesignGiven> design =
        Optional.ofNullable(l.kind())
            .map(k -> DesignGiven.plain(k, l.name(), l.rights(), l.answers()));
    return new Item(
        l.sku(), l.name(), l.about(), medium, design, sales, l.sold() == null || l.sold());
  }

  @Override
  public String supplier() {
    return supplier;
  }

  @Override
  public List<Item> items() {
    return items;
  }
}
