package craftmap.server.paper;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * A sheet of paper to write on: millimetres from its top left corner, as on a face. Text flows
 * down; a full sheet is followed by another.
 */
public final class Page implements AutoCloseable {
  public static final double MARGIN_MM = 16;
  public static final double PT_PER_MM = 72 / 25.4;

  private final PDDocument document;
  private final Paper paper;
  private final Fonts fonts;
  private PDPageContentStream out;
  private double yMm;

  public Page(PDDocument document, Paper paper, Fonts fonts) {
    this.document = document;
    this.paper = paper;
    this.fonts = fonts;
    turn();
  }

  private void turn() {
    io(
        () -> {
          if (out != null) {
            out.close();
          }
          PDPage page = new PDPage(paper.size());
          document.addPage(page);
          out = new PDPageContentStream(document, page);
        });
    yMm = MARGIN_MM;
  }

  public double widthMm() {
    return paper.size().getWidth() / PT_PER_MM - 2 * MARGIN_MM;
  }

  public double leftMm() {
    return MARGIN_MM;
  }

  public double atMm() {
    return yMm;
  }

  public void down(double mm) {
    yMm += mm;
  }

  /** Starts a new sheet unless this much room is left. */
  public void room(double mm) {
    if (yMm + mm > paper.size().getHeight() / PT_PER_MM - MARGIN_MM) {
      turn();
    }
  }

  public Fonts fonts() {
    return fonts;
  }

  /**
   * A picture whose top is at the cursor, which stays there.
   *
   * @return how high it is, in mm
   */
  public double picture(byte[] file, double leftMm, double widthMm) throws IOException {
    PDImageXObject image = PDImageXObject.createFromByteArray(document, file, "photo");
    double highMm = widthMm * image.getHeight() / image.getWidth();
    double pageMm = paper.size().getHeight() / PT_PER_MM;
    out.drawImage(
        image,
        (float) (leftMm * PT_PER_MM),
        (float) ((pageMm - yMm - highMm) * PT_PER_MM),
        (float) (widthMm * PT_PER_MM),
        (float) (highMm * PT_PER_MM));
    return highMm;
  }

  /** A paragraph over the page's width; the cursor goes below it. */
  public void paragraph(PDFont font, double sizePt, String text) {
    double lineMm = sizePt * 1.32 / PT_PER_MM;
    for (String line : wrapped(font, sizePt, text, widthMm())) {
      room(lineMm);
      down(lineMm);
      write(font, sizePt, leftMm(), yMm - lineMm * 0.24, line);
    }
  }

  /** Text with its base line at a place. */
  public void write(PDFont font, double sizePt, double xMm, double baseYMm, String text) {
    io(
        () -> {
          out.beginText();
          out.setNonStrokingColor(0.12f);
          out.setFont(font, (float) sizePt);
          out.newLineAtOffset(x(xMm), y(baseYMm));
          out.showText(Fonts.writable(font, text));
          out.endText();
        });
  }

  public void writeCentred(PDFont font, double sizePt, double xMm, double baseYMm, String text) {
    write(font, sizePt, xMm - lengthMm(font, sizePt, text) / 2, baseYMm, text);
  }

  public static double lengthMm(PDFont font, double sizePt, String text) {
    try {
      return font.getStringWidth(Fonts.writable(font, text)) / 1000 * sizePt / PT_PER_MM;
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  public void line(double x1, double y1, double x2, double y2, double widthPt, double grey) {
    io(
        () -> {
          out.setStrokingColor((float) grey);
          out.setLineWidth((float) widthPt);
          out.moveTo(x(x1), y(y1));
          out.lineTo(x(x2), y(y2));
          out.stroke();
        });
  }

  /** A closed ring, filled with the other rings of its path by the even-odd rule. */
  public void fill(List<double[][]> rings, double grey) {
    io(
        () -> {
          out.setNonStrokingColor((float) grey);
          for (double[][] ring : rings) {
            trace(ring);
          }
          out.fillEvenOdd();
        });
  }

  /** A rectangle in a colour, with a thin line round it. */
  public void swatch(double leftMm, double topMm, double widthMm, double heightMm, String hex) {
    double[][] ring = {
      {leftMm, topMm},
      {leftMm + widthMm, topMm},
      {leftMm + widthMm, topMm + heightMm},
      {leftMm, topMm + heightMm}
    };
    io(
        () -> {
          out.setNonStrokingColor(Color.decode(hex));
          trace(ring);
          out.fill();
        });
    outline(ring, 0.4, 0.45);
  }

  /** A box to be ticked, standing on the line that is written beside it. */
  public void box(double leftMm, double baseMm, double sideMm) {
    double top = baseMm - sideMm;
    double right = leftMm + sideMm;
    outline(
        new double[][] {{leftMm, top}, {right, top}, {right, baseMm}, {leftMm, baseMm}}, 0.6, 0.2);
  }

  public void outline(double[][] ring, double widthPt, double grey) {
    io(
        () -> {
          out.setStrokingColor((float) grey);
          out.setLineWidth((float) widthPt);
          trace(ring);
          out.stroke();
        });
  }

  private void trace(double[][] ring) throws IOException {
    out.moveTo(x(ring[0][0]), y(ring[0][1]));
    for (int i = 1; i < ring.length; i++) {
      out.lineTo(x(ring[i][0]), y(ring[i][1]));
    }
    out.closePath();
  }

  /** As much of a text as fits, with an ellipsis where some is left out. */
  public String fitting(PDFont font, double sizePt, String text, double roomMm) {
    if (lengthMm(font, sizePt, text) <= roomMm) {
      return text;
    }
    String shorter = text;
    while (!shorter.isEmpty() && lengthMm(font, sizePt, shorter + "…") > roomMm) {
      shorter = shorter.substring(0, shorter.length() - 1);
    }
    return shorter.strip() + "…";
  }

  /** A text in lines that are no wider than there is room. */
  public static List<String> wrapped(PDFont font, double sizePt, String text, double widthMm) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && lengthMm(font, sizePt, longer) > widthMm) {
        lines.add(line.toString());
        line = new StringBuilder(word);
      } else {
        line = new StringBuilder(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  private static float x(double mm) {
    return (float) (mm * PT_PER_MM);
  }

  private float y(double mm) {
    return (float) (paper.size().getHeight() - mm * PT_PER_MM);
  }

  @Override
  public void close() {
    io(() -> out.close());
  }

  private interface Work {
    void run() throws IOException;
  }

  private static void io(Work work) {
    try {
      work.run();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
