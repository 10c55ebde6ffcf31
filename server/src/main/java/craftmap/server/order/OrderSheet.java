package craftmap.server.order;

import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The order of work on paper, in black on white: visit by visit, each step with a box to tick, when
 * it is due, on what, how long it takes and by when the next has to follow.
 */
final class OrderSheet {
  private static final double BOX_MM = 3.2;
  private static final double TIME_MM = 8;
  private static final double TEXT_MM = 34;
  private static final double LINE_MM = 4.4;

  private final Page page;
  private final Fonts fonts;
  private final OrderView order;

  private OrderSheet(Page page, OrderView order) {
    this.page = page;
    this.fonts = page.fonts();
    this.order = order;
  }

  static byte[] pdf(String studioName, String pieceName, OrderView order, Paper paper)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(pieceName + ", " + Words.say("order.file"));
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(
            fonts.text(),
            9,
            studioName + " · " + Words.say("order.file").toLowerCase(Locale.ENGLISH));
        page.paragraph(fonts.heading(), 19, pieceName);
        page.paragraph(fonts.strong(), 11, order.title());
        page.paragraph(fonts.text(), 9, order.summary() + " " + order.proofText());
        OrderSheet sheet = new OrderSheet(page, order);
        order.visits().forEach(sheet::visit);
        sheet.mind();
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private void visit(OrderView.VisitView visit) {
    page.room(24);
    page.down(5);
    page.paragraph(fonts.heading(), 14, visit.title());
    page.down(1);
    order.rows().stream()
        .flatMap(r -> r.steps().stream().map(s -> new Line(r, s)))
        .filter(l -> !l.step.done())
        .filter(l -> l.step.from() >= visit.from() && l.step.to() <= visit.to())
        .sorted(Comparator.comparingInt((Line l) -> l.step.from()))
        .forEach(this::step);
  }

  private record Line(OrderView.RowView row, OrderView.StepView step) {}

  private void step(Line line) {
    OrderView.StepView step = line.step;
    String who = order.people().size() > 1 ? order.people().get(step.person()) + " · " : "";
    String of = line.row.own() ? "" : line.row.pieceName() + " · ";
    Optional<OrderView.WaitView> next =
        step.waits().stream()
            .filter(w -> w.windowText() != null)
            .findFirst()
            .or(() -> step.waits().stream().findFirst());
    List<String> lines =
        Stream.of(
                of + who + step.takesText() + " · " + step.slackText(),
                next.map(w -> w.windowText() == null ? w.text() : w.text() + ", " + w.windowText())
                    .orElse(""))
            .filter(t -> !t.isEmpty())
            .flatMap(t -> Page.wrapped(fonts.text(), 8.5, t, page.widthMm() - TEXT_MM).stream())
            .toList();
    page.room((lines.size() + 1) * LINE_MM + 2);
    page.down(LINE_MM);
    double left = page.leftMm();
    double base = page.atMm();
    page.box(left, base, BOX_MM);
    page.write(fonts.strong(), 9, left + TIME_MM, base, step.timesText());
    page.write(fonts.strong(), 10, left + TEXT_MM, base, step.title());
    for (String text : lines) {
      page.down(LINE_MM);
      page.write(fonts.text(), 8.5, left + TEXT_MM, page.atMm(), text);
    }
    page.down(2);
  }

  private void mind() {
    if (order.findings().isEmpty()) {
      return;
    }
    page.room(14);
    page.down(4);
    page.paragraph(fonts.strong(), 10, Words.say("print.lookOut"));
    order.findings().forEach(f -> page.paragraph(fonts.text(), 9, "– " + f.text() + " " + f.why()));
  }
}
