package craftmap.server.coats;

import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The coats of a piece on paper, group by group in the order in which they are done, each with a
 * box to tick: what, how many, how much, when the next may follow, and what to look out for.
 */
final class CoatSheet {
  private static final double BOX_MM = 3.2;
  private static final double SWATCH_MM = 13;
  private static final double TEXT_MM = 24;
  private static final double LINE_MM = 4.4;

  private final Page page;
  private final Fonts fonts;

  private CoatSheet(Page page) {
    this.page = page;
    this.fonts = page.fonts();
  }

  static byte[] pdf(String studioName, String pieceName, CoatsView coats, Paper paper)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(pieceName + ", " + Words.say("print.coats"));
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(
            fonts.text(),
            9,
            studioName + " · " + Words.say("print.coats").toLowerCase(Locale.ENGLISH));
        page.paragraph(fonts.heading(), 19, pieceName);
        CoatSheet sheet = new CoatSheet(page);
        coats.groups().forEach(sheet::group);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private void group(CoatsView.GroupView group) {
    page.room(34);
    page.down(5);
    page.paragraph(fonts.heading(), 14, group.name());
    CoatsView.SurfaceView surface = group.surface();
    page.paragraph(
        fonts.text(),
        9,
        Words.say(
            "print.coats.surface",
            surface.text(),
            surface.noteText(),
            surface.areaText(),
            group.totalText(),
            group.handsOnText()));
    page.down(1);
    for (CoatsView.BandView band : group.bands()) {
      band(band);
    }
    lookOut(group);
  }

  private void band(CoatsView.BandView band) {
    String takes =
        Stream.of(band.takesText(), band.hereText(), band.handsOnText())
            .filter(t -> t != null && !t.isEmpty())
            .reduce((a, b) -> a + " · " + b)
            .orElse("");
    List<String> lines =
        Stream.concat(Stream.of(band.note(), takes), band.hints().stream())
            .filter(t -> !t.isEmpty())
            .flatMap(t -> Page.wrapped(fonts.text(), 8.5, t, page.widthMm() - TEXT_MM).stream())
            .toList();
    page.room((lines.size() + 1) * LINE_MM + 2);
    page.down(LINE_MM);
    double left = page.leftMm();
    double base = page.atMm();
    page.box(left, base, BOX_MM);
    if (band.colour() != null) {
      page.swatch(left + BOX_MM + 3, base - BOX_MM, SWATCH_MM, BOX_MM + 0.4, band.colour());
    }
    page.write(fonts.strong(), 10, left + TEXT_MM, base, band.title());
    for (String line : lines) {
      page.down(LINE_MM);
      page.write(fonts.text(), 8.5, left + TEXT_MM, page.atMm(), line);
    }
    page.down(2);
  }

  /** What was noted stays in the plan; what is open is told. */
  private void lookOut(CoatsView.GroupView group) {
    List<String> open =
        Stream.concat(
                group.findings().stream()
                    .filter(f -> f.note() == null)
                    .map(f -> f.what() + " " + f.why()),
                group.bands().stream()
                    .filter(b -> b.lay() != null)
                    .flatMap(b -> b.lay().notes().stream().map(n -> b.title() + ": " + n.text())))
            .toList();
    if (open.isEmpty()) {
      return;
    }
    page.room(14);
    page.down(2);
    page.paragraph(fonts.strong(), 10, Words.say("print.lookOut"));
    open.forEach(o -> page.paragraph(fonts.text(), 9, "– " + o));
  }
}
