package craftmap.server.print;

import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The whole map of a piece on paper: its net to a round scale, then each face's figures. */
final class MapSheet {
  private static final int[] SCALES = {
    2, 4, 5, 8, 10, 12, 15, 20, 25, 30, 40, 50, 75, 100, 150, 200
  };
  private static final double FIGURE_SHARE = 0.5;

  private MapSheet() {}

  /**
   * The map.
   *
   * @param coats the build-up of each group by its name
   */
  static byte[] pdf(
      Studio studio,
      String pieceName,
      PlanReading reading,
      ReadingView view,
      Map<String, List<String>> coats,
      Paper paper)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(pieceName + ", " + Words.say("print.map"));
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        page.paragraph(fonts.text(), 9, studio.name() + " · " + view.form().kindText());
        page.paragraph(fonts.heading(), 19, pieceName);
        double heightMm = paper.size().getHeight() / Page.PT_PER_MM * FIGURE_SHARE;
        double scale = scale(view.net(), page.widthMm(), heightMm);
        page.down(4);
        double top = page.atMm();
        for (PlanReading.FaceReading face : reading.faces()) {
          face.place().onNet().ifPresent(box -> face(page, face, box, top, scale));
        }
        page.down(view.net().heightMm() / scale + 4);
        page.paragraph(
            fonts.text(), 9, Words.say("print.mapScale", "" + (int) scale, view.totalText()));
        faces(page, fonts, view);
        coats(page, fonts, coats);
        parts(page, fonts, view.parts());
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  static double scale(ReadingView.BoxView net, double widthMm, double heightMm) {
    for (int scale : SCALES) {
      if (net.widthMm() / scale <= widthMm && net.heightMm() / scale <= heightMm) {
        return scale;
      }
    }
    return Math.ceil(Math.max(net.widthMm() / widthMm, net.heightMm() / heightMm));
  }

  private static void face(
      Page page, PlanReading.FaceReading face, Box onNet, double top, double scale) {
    double left = page.leftMm() + onNet.leftMm() / scale;
    double y = top + onNet.topMm() / scale;
    FaceMarksFigure.rings(face.face().outline().region(0.05 * scale), left, y, scale)
        .forEach(r -> page.outline(r, 0.9, 0.1));
    new FaceMarksFigure(page, face.face(), left, y, scale).draw();
    String name = face.face().name();
    double sizePt = 7;
    if (page.fonts().text().getFontDescriptor() != null
        && name.length() * sizePt * 0.5 / Page.PT_PER_MM < onNet.widthMm() / scale
        && face.place().setInto().isEmpty()) {
      page.writeCentred(
          page.fonts().text(),
          sizePt,
          left + onNet.widthMm() / scale / 2,
          y + onNet.heightMm() / scale / 2 + 1,
          name);
    }
  }

  private static void faces(Page page, Fonts fonts, ReadingView view) {
    page.down(3);
    for (ReadingView.FaceView face : view.faces()) {
      if (face.shown()) {
        page.paragraph(
            fonts.text(),
            9,
            Words.say(
                "print.mapFace",
                face.name(),
                face.width().text(),
                face.height().text(),
                face.makeUpText(),
                face.area().netText()));
      }
    }
  }

  private static void coats(Page page, Fonts fonts, Map<String, List<String>> coats) {
    for (Map.Entry<String, List<String>> group : coats.entrySet()) {
      if (!group.getValue().isEmpty()) {
        page.room(14);
        page.down(3);
        page.paragraph(fonts.strong(), 11, Words.say("print.buildUpOf", group.getKey()));
        page.paragraph(fonts.text(), 9, String.join(" · ", group.getValue()));
      }
    }
  }

  private static void parts(Page page, Fonts fonts, List<ReadingView.PartView> parts) {
    if (parts.isEmpty()) {
      return;
    }
    page.room(14);
    page.down(3);
    page.paragraph(fonts.strong(), 11, Words.say("print.parts"));
    for (ReadingView.PartView part : parts) {
      page.paragraph(fonts.text(), 9, part.number() + "  " + part.name() + " · " + part.bagText());
    }
  }
}
