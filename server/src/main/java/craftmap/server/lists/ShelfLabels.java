package craftmap.server.lists;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.oned.Code128Writer;
import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Labels to cut out: what it is, where it belongs, its short code in large type and as a bar code
 * (Code 128) that a scanner types into Find.
 */
@Service
@Transactional(readOnly = true)
public class ShelfLabels {
  private static final int COLUMNS = 3;
  private static final double HEIGHT_MM = 34;
  private static final double BARS_MM = 9;
  private static final double INSET_MM = 4;

  private final Holdings holdings;
  private final ShelfService shelf;

  ShelfLabels(Holdings holdings, ShelfService shelf) {
    this.holdings = holdings;
    this.shelf = shelf;
  }

  byte[] pdf(Studio studio, List<String> wanted, Paper paper) throws IOException {
    List<Holding> all =
        wanted.isEmpty()
            ? holdings.all(studio.id()).stream().filter(h -> h.level().signum() > 0).toList()
            : wanted.stream().map(id -> holdings.get(studio.id(), id)).toList();
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(Words.say("labels.title", studio.name()));
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(fonts.text(), 9, Words.say("labels.how", studio.name()));
        page.down(3);
        for (int i = 0; i < all.size(); i++) {
          if (i % COLUMNS == 0) {
            page.room(HEIGHT_MM);
          }
          label(page, all.get(i), shelf.nameOf(studio.id(), all.get(i)), i % COLUMNS);
          if (i % COLUMNS == COLUMNS - 1 || i == all.size() - 1) {
            page.down(HEIGHT_MM);
          }
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void label(Page page, Holding h, String name, int column) {
    double width = page.widthMm() / COLUMNS;
    double left = page.leftMm() + column * width;
    double top = page.atMm();
    page.outline(
        new double[][] {
          {left, top},
          {left + width, top},
          {left + width, top + HEIGHT_MM},
          {left, top + HEIGHT_MM}
        },
        0.4,
        0.6);
    double room = width - 2 * INSET_MM;
    page.write(
        page.fonts().strong(),
        10,
        left + INSET_MM,
        top + 6,
        page.fitting(page.fonts().strong(), 10, name, room));
    String under =
        Words.say("holding", h.form())
            + (h.particulars().place().isEmpty() ? "" : ", " + h.particulars().place());
    page.write(
        page.fonts().text(),
        8,
        left + INSET_MM,
        top + 10.5,
        page.fitting(page.fonts().text(), 8, under, room));
    bars(page, h.code().text(), left + INSET_MM, top + 13, room);
    page.write(page.fonts().heading(), 16, left + INSET_MM, top + 29.5, h.code().text());
  }

  private static void bars(Page page, String code, double left, double top, double room) {
    BitMatrix bits = new Code128Writer().encode(code, BarcodeFormat.CODE_128, 0, 1);
    double module = Math.min(0.5, room / bits.getWidth());
    for (int x = 0; x < bits.getWidth(); ) {
      int end = x;
      while (end < bits.getWidth() && bits.get(end, 0)) {
        end++;
      }
      if (end > x) {
        double from = left + x * module;
        double to = left + end * module;
        page.fill(
            List.of(
                new double[][][] {
                  {{from, top}, {to, top}, {to, top + BARS_MM}, {from, top + BARS_MM}}
                }),
            0);
        x = end;
      } else {
        x++;
      }
    }
  }
}
