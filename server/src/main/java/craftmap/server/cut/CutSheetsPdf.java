package craftmap.server.cut;

import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.piece.view.ReadingView.BoxView;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The cutting list on paper: each sheet drawn to scale with its parts, cuts and what is left. */
final class CutSheetsPdf {
  private static final double WIDEST_MM = 78;
  private static final double TALLEST_MM = 92;
  private static final double BESIDE_MM = 86;
  private static final double LINE_MM = 4.6;

  private final Page page;
  private final Fonts fonts;

  private CutSheetsPdf(Page page, Fonts fonts) {
    this.page = page;
    this.fonts = fonts;
  }

  static byte[] pdf(String title, CutViews.CutsView cuts, Paper paper) throws IOException {
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(title);
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(fonts.heading(), 19, title);
        CutSheetsPdf pdf = new CutSheetsPdf(page, fonts);
        cuts.designs().forEach(pdf::design);
        cuts.made().forEach(pdf::made);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private void design(CutViews.DesignCutView cut) {
    page.down(4);
    page.room(30);
    page.paragraph(fonts.heading(), 14, cut.name());
    page.paragraph(
        fonts.strong(), 10, cut.shortText() == null ? cut.sheetsText() : cut.shortText());
    page.paragraph(fonts.text(), 9, cut.onHandText());
    for (CutViews.SheetToCut sheet : cut.sheets()) {
      sheet(cut, sheet);
    }
  }

  private void sheet(CutViews.DesignCutView cut, CutViews.SheetToCut sheet) {
    double wide = cut.art().sheetWidthMm();
    double tall = cut.art().sheetHeightMm();
    double scale = Math.max(wide / WIDEST_MM, tall / TALLEST_MM);
    List<String> lines = lines(sheet);
    double text = (lines.size() + 1) * LINE_MM;
    page.down(5);
    page.room(Math.max(tall / scale, text) + 4);
    double top = page.atMm();
    double left = page.leftMm();
    page.outline(rectangle(left, top, new BoxView(0, 0, wide, tall), scale), 0.9, 0.1);
    sheet.rests().forEach(r -> page.outline(rectangle(left, top, r.box(), scale), 0.4, 0.55));
    for (CutViews.PieceToCut p : sheet.pieces()) {
      double[][] ring = rectangle(left, top, p.box(), scale);
      page.fill(List.<double[][]>of(ring), 0.92);
      page.outline(ring, 0.8, 0);
      page.writeCentred(
          fonts.strong(),
          9,
          (ring[0][0] + ring[2][0]) / 2,
          (ring[0][1] + ring[2][1]) / 2 + 1.1,
          "" + p.number());
    }
    double at = top + LINE_MM * 0.75;
    page.write(fonts.strong(), 10, left + BESIDE_MM, at, sheet.title());
    for (String line : lines) {
      at += LINE_MM;
      page.write(
          fonts.text(),
          8.5,
          left + BESIDE_MM,
          at,
          page.fitting(fonts.text(), 8.5, line, page.widthMm() - BESIDE_MM));
    }
    page.down(Math.max(tall / scale, text));
  }

  private static List<String> lines(CutViews.SheetToCut sheet) {
    List<String> lines = new ArrayList<>();
    for (CutViews.PieceToCut p : sheet.pieces()) {
      String where = p.pieceName() == null ? p.faceName() : p.pieceName() + ", " + p.faceName();
      lines.add(Words.say("cut.list.part", p.number(), p.sizeText(), where));
      lines.add(Words.say("cut.list.place", p.placeText()));
    }
    sheet.cuts().forEach(c -> lines.add(Words.say("cut.list.cut", c.letters(), c.text())));
    sheet.rests().forEach(r -> lines.add(Words.say("cut.list.rest", r.sizeText())));
    lines.add(Words.say("cut.list.scrap", sheet.scrapText()));
    return lines;
  }

  private static double[][] rectangle(double left, double top, BoxView box, double scale) {
    double x = left + box.leftMm() / scale;
    double y = top + box.topMm() / scale;
    double w = box.widthMm() / scale;
    double h = box.heightMm() / scale;
    return new double[][] {{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}};
  }

  private void made(MadeLists.Made made) {
    page.down(4);
    page.room(12);
    page.paragraph(fonts.strong(), 11, made.name() + ", " + made.faceName());
    page.paragraph(fonts.text(), 10, made.text());
    made.lines().forEach(l -> page.paragraph(fonts.text(), 9, l));
  }
}
