package craftmap.server.print;

import craftmap.core.plan.reading.PlanReading;
import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * A face on paper: drawn to scale, then for each lay what to tick, in how many passes, with what,
 * and the build-up that it is a part of.
 */
final class FaceSheet {
  private static final double FIGURE_SHARE = 0.52;
  private static final double MARK_COLUMN_MM = 25;

  private FaceSheet() {}

  static byte[] pdf(
      Studio studio,
      String pieceName,
      PlanReading.FaceReading reading,
      ReadingView.FaceView view,
      List<String> buildUp,
      Paper paper)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(pieceName + ", " + view.name());
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(fonts.text(), 9, studio.name() + " · " + pieceName);
        page.paragraph(
            fonts.heading(),
            19,
            view.name() + ", " + view.width().text() + " × " + view.height().text());
        double figureMm = paper.size().getHeight() / Page.PT_PER_MM * FIGURE_SHARE;
        int scale = FaceFigure.draw(page, studio.tape(), reading, figureMm);
        page.paragraph(
            fonts.text(),
            9,
            Words.say("print.scale", "" + scale, view.makeUpText(), view.area().netText()));
        for (LayView lay : view.lays()) {
          lay(page, fonts, lay);
        }
        buildUp(page, fonts, buildUp);
        lookOut(page, fonts, view);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void lay(Page page, Fonts fonts, LayView lay) {
    page.room(22);
    page.down(4);
    page.paragraph(fonts.strong(), 11, lay.title());
    if (lay.laid() == null) {
      page.paragraph(fonts.text(), 9, lay.where());
      return;
    }
    LayView.LaidView laid = lay.laid();
    LayView.OptionView option = laid.options().get(laid.chosen());
    page.paragraph(fonts.text(), 9, option.title() + " · " + option.detail());
    for (LayView.SetOutView setOut : laid.setOuts()) {
      page.paragraph(fonts.text(), 9, setOut.tapeText() + " " + setOut.roundingText());
      marks(page, fonts, setOut.marks());
    }
    page.paragraph(
        fonts.text(),
        9,
        lay.potName().isEmpty()
            ? laid.positionsText()
            : Words.say(
                "print.takes",
                laid.positionsText(),
                laid.potText(),
                lay.potName(),
                laid.coatsText()));
    for (LayView.TakesView takes : laid.takes()) {
      page.paragraph(fonts.text(), 9, takes.name() + ": " + takes.text());
    }
    parts(page, fonts, lay);
    if (laid.passes() > 1) {
      for (int pass = 1; pass <= laid.passes(); pass++) {
        page.paragraph(fonts.text(), 9, Words.say("print.pass", "" + pass, numbers(laid, pass)));
      }
    }
  }

  /** What is cut for this face, and where it lies on its sheet. */
  private static void parts(Page page, Fonts fonts, LayView lay) {
    for (LayView.CutSheetView sheet : lay.laid().sheets()) {
      for (LayView.SheetPartView part : sheet.parts()) {
        page.paragraph(
            fonts.text(),
            9,
            Words.say(
                "print.part",
                part.number(),
                part.faceName(),
                part.sizeText(),
                sheet.title(),
                part.placeText()));
      }
    }
  }

  private static String numbers(LayView.LaidView laid, int pass) {
    List<LayView.ItemView> items = laid.items().stream().filter(i -> !i.twin()).toList();
    return IntStream.range(0, items.size())
        .filter(i -> items.get(i).pass() == pass)
        .mapToObj(i -> "" + (i + 1))
        .collect(Collectors.joining(", "));
  }

  private static void marks(Page page, Fonts fonts, List<LayView.MarkView> marks) {
    int columns = Math.max(1, (int) (page.widthMm() / MARK_COLUMN_MM));
    for (int i = 0; i < marks.size(); i++) {
      int column = i % columns;
      if (column == 0) {
        page.room(6);
        page.down(5.4);
      }
      double x = page.leftMm() + column * MARK_COLUMN_MM;
      page.write(fonts.text(), 8, x, page.atMm(), marks.get(i).number() + "");
      page.write(fonts.strong(), 10.5, x + 5, page.atMm(), marks.get(i).text());
    }
    page.down(1.5);
  }

  /** What it stands on and what goes over it, in the order in which it is done. */
  private static void buildUp(Page page, Fonts fonts, List<String> lines) {
    if (lines.isEmpty()) {
      return;
    }
    page.room(16);
    page.down(4);
    page.paragraph(fonts.strong(), 11, Words.say("print.buildUp"));
    page.paragraph(fonts.text(), 9, String.join(" · ", lines));
  }

  private static void lookOut(Page page, Fonts fonts, ReadingView.FaceView view) {
    List<String> notes =
        Stream.concat(
                view.lays().stream()
                    .flatMap(l -> l.notes().stream().map(n -> l.designName() + ": " + n.text())),
                view.notes().stream().map(ReadingView.NoteView::text))
            .toList();
    if (notes.isEmpty()) {
      return;
    }
    page.room(16);
    page.down(4);
    page.paragraph(fonts.strong(), 11, Words.say("print.lookOut"));
    notes.forEach(note -> page.paragraph(fonts.text(), 9, "– " + note));
  }
}
