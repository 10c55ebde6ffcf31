package craftmap.server.print;

import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * Labels to cut out and stick on what comes off: one for each part, one for each bag of hardware,
 * with the same number.
 */
final class LabelSheet {
  private static final int COLUMNS = 2;
  private static final double HEIGHT_MM = 36;

  private LabelSheet() {}

  private record Label(int number, String title, String text) {}

  static byte[] pdf(Studio studio, String pieceName, ReadingView view, Paper paper)
      throws IOException {
    List<Label> labels = new ArrayList<>();
    for (ReadingView.PartView part : view.parts()) {
      labels.add(new Label(part.number(), part.name(), pieceName));
      if (!part.bagText().equals(Words.say("part.noBag"))) {
        labels.add(new Label(part.number(), Words.say("print.bag", part.name()), part.bagText()));
      }
    }
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(pieceName + ", " + Words.say("print.labels"));
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(fonts.text(), 9, studio.name() + " · " + pieceName);
        page.paragraph(
            fonts.text(), 9, Words.say(labels.isEmpty() ? "print.noLabels" : "print.labelsHow"));
        page.down(4);
        for (int i = 0; i < labels.size(); i++) {
          if (i % COLUMNS == 0) {
            page.room(HEIGHT_MM);
          }
          label(page, fonts, labels.get(i), i % COLUMNS);
          if (i % COLUMNS == COLUMNS - 1 || i == labels.size() - 1) {
            page.down(HEIGHT_MM);
          }
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void label(Page page, Fonts fonts, Label label, int column) {
    double width = page.widthMm() / COLUMNS;
    double left = page.leftMm() + column * width;
    double top = page.atMm();
    page.outline(
        new double[][] {
          {left, top}, {left + width, top}, {left + width, top + HEIGHT_MM}, {left, top + HEIGHT_MM}
        },
        0.4,
        0.6);
    page.write(fonts.heading(), 44, left + 6, top + 24, "" + label.number());
    page.write(fonts.strong(), 12, left + 30, top + 15, label.title());
    page.write(fonts.text(), 9, left + 30, top + 22, label.text());
  }
}
