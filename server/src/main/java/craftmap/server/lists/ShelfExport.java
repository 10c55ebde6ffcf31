package craftmap.server.lists;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.supply.StockUnit;
import craftmap.server.fields.Csv;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.stock.Hand;
import craftmap.server.stock.Holding;
import craftmap.server.stock.HoldingForm;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Studio;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the shelf as a list that can be read back. Lengths are millimetres. */
@Service
@Transactional(readOnly = true)
class ShelfExport {
  private final Designs designs;
  private final Media media;
  private final Holdings holdings;

  ShelfExport(Designs designs, Media media, Holdings holdings) {
    this.designs = designs;
    this.media = media;
    this.holdings = holdings;
  }

  String csv(Studio studio) {
    List<Map<String, String>> rows = new ArrayList<>();
    for (OwnedDesign d : designs.all(studio.id())) {
      MeasureSheet sheet = designs.read(studio.id(), d.design().id(), d.given()).sheet();
      Map<String, String> told = design(d, sheet);
      List<Holding> stock =
          holdings.ofDesign(studio.id(), d.design().id()).stream()
              .filter(h -> h.form() != HoldingForm.OFFCUT && h.hand() != Hand.RIGHT)
              .toList();
      if (stock.isEmpty()) {
        rows.add(told);
      }
      stock.forEach(h -> rows.add(with(told, h)));
    }
    for (OwnedMedium m : media.all(studio.id())) {
      Map<String, String> told = medium(m);
      holdings.ofMedium(studio.id(), m.medium().id()).forEach(h -> rows.add(with(told, h)));
    }
    return written(rows);
  }

  private static Map<String, String> design(OwnedDesign d, MeasureSheet sheet) {
    Map<String, String> row = new HashMap<>();
    row.put("what", d.given().kind().name());
    row.put("name", d.design().name());
    row.put("motif", d.motif());
    row.put("note", d.note());
    row.put("rights", d.design().card().rights().name());
    d.design()
        .picture()
        .ifPresent(
            p -> {
              row.put("width", mm(p.widthMm()));
              row.put("height", mm(p.heightMm()));
            });
    sheet.entries().stream().filter(MeasureSheet.Entry::taken).forEach(e -> put(row, e));
    return row;
  }

  private static Map<String, String> medium(OwnedMedium m) {
    Map<String, String> row = new HashMap<>();
    row.put("what", m.given().generic());
    row.put("name", m.medium().name());
    MeasureSheet label = m.given().label().sheet();
    craftmap.core.medium.Medium.read(
        m.medium().id(),
        m.medium().name(),
        craftmap.core.medium.GenericMedium.find(m.given().generic()).orElseThrow(),
        label);
    label.entries().stream().filter(MeasureSheet.Entry::taken).forEach(e -> put(row, e));
    return row;
  }

  private static void put(Map<String, String> row, MeasureSheet.Entry entry) {
    String column = entry.key().toLowerCase(java.util.Locale.ENGLISH);
    row.put(
        column,
        switch (entry) {
          case MeasureSheet.LengthEntry e -> mm(e.mm());
          case MeasureSheet.CountEntry e -> "" + e.count();
          case MeasureSheet.FigureEntry e -> Decimals.show(e.figure(), 6);
          case MeasureSheet.ColourEntry e -> e.hex();
          case MeasureSheet.ChoiceEntry e -> e.choice();
        });
  }

  private static Map<String, String> with(Map<String, String> told, Holding h) {
    Map<String, String> row = new HashMap<>(told);
    var p = h.particulars();
    row.put(
        "quantity",
        h.level().stripTrailingZeros().toPlainString() + (h.unit() == StockUnit.MM ? " mm" : ""));
    if (h.form() == HoldingForm.POT) {
      h.holds().ifPresent(x -> row.put("holds", x.stripTrailingZeros().toPlainString()));
    }
    row.put("place", p.place());
    p.price()
        .ifPresent(
            x -> {
              row.put("price", x.figure());
              row.put("currency", x.currency());
            });
    p.openedOn().ifPresent(x -> row.put("opened", x.toString()));
    p.expiresOn().ifPresent(x -> row.put("expires", x.toString()));
    p.tareG().ifPresent(x -> row.put("tare", x.stripTrailingZeros().toPlainString()));
    return row;
  }

  private static String mm(double mm) {
    return Decimals.show(mm, 4) + " mm";
  }

  private static String written(List<Map<String, String>> rows) {
    List<String> columns = new ArrayList<>(RowReader.COMMON);
    TreeSet<String> others = new TreeSet<>();
    rows.forEach(r -> others.addAll(r.keySet()));
    RowReader.COMMON.forEach(others::remove);
    columns.addAll(others);
    return Csv.of(
        columns,
        rows.stream()
            .map(row -> columns.stream().map(c -> row.getOrDefault(c, "")).toList())
            .toList());
  }
}
