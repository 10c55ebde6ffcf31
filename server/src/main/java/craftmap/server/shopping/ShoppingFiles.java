package craftmap.server.shopping;

import craftmap.core.money.Money;
import craftmap.server.fields.Csv;
import craftmap.server.fields.TakenAlong;
import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.paper.PaperFile;
import craftmap.server.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** The shopping list to be taken along. */
final class ShoppingFiles {
  private static final double BOX_MM = 4;
  private static final double TEXT_MM = 8;
  private static final double LINE_MM = 4.6;

  private ShoppingFiles() {}

  static ResponseEntity<byte[]> table(List<ShoppingLine> lines) {
    List<List<?>> rows = new ArrayList<>();
    for (ShoppingLine l : lines) {
      rows.add(
          List.of(
              l.item().shop(),
              l.item().shelf(),
              l.item().name(),
              l.quantity(),
              l.item().packText(),
              l.item().pack().map(p -> p.price().figure()).orElse(""),
              l.total().map(Money::figure).orElse(""),
              l.total().map(Money::currency).orElse(""),
              l.item().reason(),
              l.done() ? "yes" : "no"));
    }
    String csv =
        Csv.of(
            List.of(
                "shop",
                "shelf",
                "what",
                "how many",
                "pack",
                "price each",
                "price",
                "currency",
                "what for",
                "ticked off"),
            rows);
    return TakenAlong.file(
        Words.say("shopping.file"),
        "csv",
        MediaType.valueOf("text/csv;charset=UTF-8"),
        csv.getBytes(StandardCharsets.UTF_8));
  }

  static ResponseEntity<byte[]> sheet(String studioName, ShoppingView list, Paper paper)
      throws IOException {
    return PaperFile.of(
        Words.say("shopping.file"),
        paper,
        (page, fonts) -> {
          page.paragraph(fonts.text(), 9, studioName);
          page.paragraph(fonts.heading(), 19, Words.say("shopping.file"));
          page.paragraph(
              fonts.text(),
              9,
              list.lines() == 0
                  ? Words.say("shopping.nothing")
                  : Words.say("shopping.toPay", list.lines(), list.totalText()));
          list.shops().forEach(s -> shop(page, fonts, s));
        });
  }

  private static void shop(Page page, Fonts fonts, ShoppingView.ShopView shop) {
    page.room(30);
    page.down(5);
    page.paragraph(
        fonts.heading(), 14, shop.name().isEmpty() ? Words.say("shopping.where") : shop.name());
    if (shop.deliveryText() != null) {
      page.paragraph(fonts.text(), 9, Words.say("shopping.delivery", shop.deliveryText()));
    }
    for (ShoppingView.ShopShelfView shelf : shop.shelves()) {
      if (!shelf.name().isEmpty()) {
        page.room(16);
        page.down(2);
        page.paragraph(fonts.strong(), 10, shelf.name());
      }
      shelf.lines().forEach(l -> line(page, fonts, l));
    }
  }

  private static void line(Page page, Fonts fonts, ShoppingView.ShoppingLineView line) {
    double priceMm = Page.lengthMm(fonts.text(), 10, line.totalText());
    List<String> title =
        Page.wrapped(fonts.text(), 10, said(line), page.widthMm() - TEXT_MM - priceMm - 4);
    List<String> reason =
        line.reason().isEmpty()
            ? List.of()
            : Page.wrapped(fonts.text(), 8, line.reason(), page.widthMm() - TEXT_MM);
    page.room((title.size() + reason.size()) * LINE_MM + 4);
    page.down(LINE_MM + 1.5);
    double y = page.atMm();
    box(page, page.leftMm(), y - BOX_MM + 0.6, line.done());
    page.write(fonts.text(), 10, page.leftMm() + page.widthMm() - priceMm, y, line.totalText());
    for (int i = 0; i < title.size(); i++) {
      page.down(i == 0 ? 0 : LINE_MM);
      page.write(fonts.text(), 10, page.leftMm() + TEXT_MM, page.atMm(), title.get(i));
    }
    for (String text : reason) {
      page.down(LINE_MM - 0.6);
      page.write(fonts.text(), 8, page.leftMm() + TEXT_MM, page.atMm(), text);
    }
  }

  private static String said(ShoppingView.ShoppingLineView line) {
    return line.pack().isEmpty()
        ? line.name()
        : Words.say("shopping.line", line.quantity(), line.pack(), line.name());
  }

  private static void box(Page page, double x, double y, boolean ticked) {
    page.line(x, y, x + BOX_MM, y, 0.8, 0);
    page.line(x, y + BOX_MM, x + BOX_MM, y + BOX_MM, 0.8, 0);
    page.line(x, y, x, y + BOX_MM, 0.8, 0);
    page.line(x + BOX_MM, y, x + BOX_MM, y + BOX_MM, 0.8, 0);
    if (ticked) {
      page.line(x + 0.7, y + BOX_MM / 2, x + BOX_MM * 0.42, y + BOX_MM - 0.7, 1.2, 0);
      page.line(x + BOX_MM * 0.42, y + BOX_MM - 0.7, x + BOX_MM - 0.5, y + 0.6, 1.2, 0);
    }
  }
}
