package craftmap.server;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** What is drawn on a page of a PDF, read from its vectors: mm from the page's top left corner. */
final class DrawnPage extends PDFGraphicsStreamEngine {
  private static final double MM = 25.4 / 72;

  private final double pageTall;
  private final List<Rectangle2D> boxes = new ArrayList<>();
  private final List<Rectangle2D> images = new ArrayList<>();
  private final List<List<Point2D>> paths = new ArrayList<>();
  private Point2D at = new Point2D.Double();

  private DrawnPage(PDPage page) throws IOException {
    super(page);
    pageTall = page.getMediaBox().getHeight();
  }

  static DrawnPage of(PDPage page) throws IOException {
    DrawnPage drawn = new DrawnPage(page);
    drawn.processPage(page);
    return drawn;
  }

  List<Rectangle2D> boxes() {
    return boxes;
  }

  List<Rectangle2D> images() {
    return images;
  }

  /** Lines, and rings with their first point again at their end. */
  List<List<Point2D>> paths() {
    return paths;
  }

  private Point2D mm(double x, double y) {
    return new Point2D.Double(x * MM, (pageTall - y) * MM);
  }

  private Rectangle2D box(Point2D a, Point2D c) {
    Rectangle2D box = new Rectangle2D.Double();
    box.setFrameFromDiagonal(a, c);
    return box;
  }

  @Override
  public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
    boxes.add(box(mm(a.getX(), a.getY()), mm(c.getX(), c.getY())));
  }

  @Override
  public void drawImage(PDImage image) {
    var m = getGraphicsState().getCurrentTransformationMatrix();
    images.add(
        box(
            mm(m.getTranslateX(), m.getTranslateY()),
            mm(m.getTranslateX() + m.getScaleX(), m.getTranslateY() + m.getScaleY())));
  }

  @Override
  public void moveTo(float x, float y) {
    at = new Point2D.Float(x, y);
    paths.add(new ArrayList<>(List.of(mm(x, y))));
  }

  @Override
  public void lineTo(float x, float y) {
    at = new Point2D.Float(x, y);
    paths.getLast().add(mm(x, y));
  }

  @Override
  public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
    lineTo(x3, y3);
  }

  @Override
  public Point2D getCurrentPoint() {
    return at;
  }

  @Override
  public void closePath() {
    paths.getLast().add(paths.getLast().getFirst());
  }

  @Override
  public void clip(int windingRule) {}

  @Override
  public void endPath() {}

  @Override
  public void strokePath() {}

  @Override
  public void fillPath(int windingRule) {}

  @Override
  public void fillAndStrokePath(int windingRule) {}

  @Override
  public void shadingFill(COSName shadingName) {}
}
