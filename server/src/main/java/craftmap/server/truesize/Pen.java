package craftmap.server.truesize;

import craftmap.server.paper.Fonts;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Draws on a page in millimetres, x to the right and y down. */
final class Pen {
  static final double PT_PER_MM = 72 / 25.4;

  /** Four of them make a circle, wrong by less than 0.03 % of its radius. */
  private static final double BOW = 0.5522847498;

  private final PDDocument document;
  private final PDPageContentStream out;
  private final Fonts fonts;

  Pen(PDDocument document, PDPageContentStream out, Fonts fonts) {
    this.document = document;
    this.out = out;
    this.fonts = fonts;
  }

  PDDocument document() {
    return document;
  }

  void line(double x1, double y1, double x2, double y2, double widthPt, double grey)
      throws IOException {
    ink(widthPt, grey);
    out.moveTo((float) x1, (float) y1);
    out.lineTo((float) x2, (float) y2);
    out.stroke();
  }

  void box(double left, double top, double width, double height, double widthPt, double grey)
      throws IOException {
    ink(widthPt, grey);
    out.addRect((float) left, (float) top, (float) width, (float) height);
    out.stroke();
  }

  void circle(double x, double y, double radius, double widthPt, double grey) throws IOException {
    ink(widthPt, grey);
    double b = radius * BOW;
    out.moveTo((float) (x + radius), (float) y);
    bow(x + radius, y + b, x + b, y + radius, x, y + radius);
    bow(x - b, y + radius, x - radius, y + b, x - radius, y);
    bow(x - radius, y - b, x - b, y - radius, x, y - radius);
    bow(x + b, y - radius, x + radius, y - b, x + radius, y);
    out.closeAndStroke();
  }

  private void bow(double x1, double y1, double x2, double y2, double x3, double y3)
      throws IOException {
    out.curveTo((float) x1, (float) y1, (float) x2, (float) y2, (float) x3, (float) y3);
  }

  /** The rings of an area, or its lines. */
  void outline(Geometry area, double widthPt, double grey) throws IOException {
    ink(widthPt, grey);
    for (int i = 0; i < area.getNumGeometries(); i++) {
      if (area.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        trace(polygon.getExteriorRing());
        for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
          trace(polygon.getInteriorRingN(hole));
        }
        out.stroke();
      } else if (area.getGeometryN(i) instanceof LineString line && !line.isEmpty()) {
        trace(line);
        out.stroke();
      }
    }
  }

  private void trace(LineString line) throws IOException {
    Coordinate[] c = line.getCoordinates();
    out.moveTo((float) c[0].x, (float) c[0].y);
    for (int i = 1; i < c.length; i++) {
      out.lineTo((float) c[i].x, (float) c[i].y);
    }
    if (line.isClosed()) {
      out.closePath();
    }
  }

  void text(double x, double baseY, double sizePt, String text) throws IOException {
    out.beginText();
    out.setNonStrokingColor(0.12f);
    out.setFont(fonts.text(), (float) sizePt);
    // letters are drawn upwards, and here y goes down
    float pt = (float) (1 / PT_PER_MM);
    out.setTextMatrix(new Matrix(pt, 0, 0, -pt, (float) x, (float) baseY));
    out.showText(Fonts.writable(fonts.text(), text));
    out.endText();
  }

  void centred(double x, double baseY, double sizePt, String text) throws IOException {
    text(x - widthMm(text, sizePt) / 2, baseY, sizePt, text);
  }

  double widthMm(String text, double sizePt) throws IOException {
    return fonts.text().getStringWidth(Fonts.writable(fonts.text(), text))
        / 1000
        * sizePt
        / PT_PER_MM;
  }

  /** From the origin to the right and down. */
  void image(PDImageXObject image, double width, double height) throws IOException {
    out.drawImage(image, new Matrix((float) width, 0, 0, (float) -height, 0, (float) height));
  }

  /** Draws something that has its own millimetres. */
  void within(Matrix place, Drawing drawing) throws IOException {
    out.saveGraphicsState();
    out.transform(place);
    drawing.with(this);
    out.restoreGraphicsState();
  }

  /** The same, and only what falls into a box of this page. */
  void clipped(double left, double top, double width, double height, Matrix place, Drawing drawing)
      throws IOException {
    out.saveGraphicsState();
    out.addRect((float) left, (float) top, (float) width, (float) height);
    out.clip();
    within(place, drawing);
    out.restoreGraphicsState();
  }

  private void ink(double widthPt, double grey) throws IOException {
    out.setLineWidth((float) (widthPt / PT_PER_MM));
    out.setStrokingColor((float) grey);
  }

  /** Something that is drawn in its own millimetres. */
  interface Drawing {
    void with(Pen pen) throws IOException;
  }
}
