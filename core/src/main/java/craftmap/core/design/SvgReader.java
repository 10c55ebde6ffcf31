package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.LengthReader;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.RefusedInput;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads a stencil's sheet from SVG: the page is the sheet at true size (width and height with their
 * unit), every filled shape an opening. The file is hostile until read: no document types, no
 * entities, no references, no elements beyond the known ones.
 */
public final class SvgReader {
  static final int LONGEST_TEXT = 2_000_000;
  static final int MOST_SHAPES = 5_000;
  private static final String FIELD = "Artwork";
  private static final Set<String> SILENT = Set.of("title", "desc", "metadata");

  private final XMLStreamReader xml;
  private final Deque<Frame> frames = new ArrayDeque<>();
  private final Area openings = new Area();
  private int shapes;

  /** What an element hands down to those inside it. */
  private record Frame(AffineTransform toSheet, String fill, String fillRule) {}

  /** A sheet with its openings. */
  public record Sheet(double widthMm, double heightMm, Artwork openings) {}

  private SvgReader(XMLStreamReader xml) {
    this.xml = xml;
  }

  /**
   * Reads a sheet.
   *
   * @throws RefusedInput saying what is wrong and in which line
   */
  public static Sheet read(String svg) {
    if (svg.length() > LONGEST_TEXT) {
      throw new RefusedInput(
          FIELD, svg.length() + " characters", "is too large", "at most " + LONGEST_TEXT);
    }
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
    try {
      return new SvgReader(factory.createXMLStreamReader(new StringReader(svg))).run();
    } catch (XMLStreamException broken) {
      throw new RefusedInput(
          FIELD,
          "line " + broken.getLocation().getLineNumber(),
          "is not well-formed SVG",
          "an SVG file with an outline in it");
    }
  }

  private Sheet run() throws XMLStreamException {
    double widthMm = 0;
    double heightMm = 0;
    while (xml.hasNext()) {
      switch (xml.next()) {
        case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
            throw refused("a document type or entity", "is not taken from a file");
        case XMLStreamConstants.START_ELEMENT -> {
          String name = xml.getLocalName();
          if (frames.isEmpty()) {
            if (!name.equals("svg")) {
              throw refused("<" + name + ">", "is not SVG");
            }
            widthMm = side("width");
            heightMm = side("height");
            frames.push(new Frame(pageToSheet(widthMm, heightMm), "black", "nonzero"));
          } else if (SILENT.contains(name)) {
            skip();
          } else {
            element(name);
          }
        }
        case XMLStreamConstants.END_ELEMENT -> frames.pop();
        default -> {}
      }
    }
    if (openings.isEmpty()) {
      throw refused("the page", "has no filled shape, so nothing would print");
    }
    Artwork artwork = Artwork.of(openings);
    var print = artwork.print();
    if (print.leftMm() < -Artwork.FLATNESS_MM
        || print.topMm() < -Artwork.FLATNESS_MM
        || print.rightMm() > widthMm + Artwork.FLATNESS_MM
        || print.bottomMm() > heightMm + Artwork.FLATNESS_MM) {
      throw refused("an opening", "runs over the edge of the sheet");
    }
    return new Sheet(widthMm, heightMm, artwork);
  }

  private double side(String attribute) {
    String text = xml.getAttributeValue(null, attribute);
    return LengthReader.read("Sheet " + attribute, text, LengthUnit.MM, LengthRange.SIZE).mm();
  }

  private AffineTransform pageToSheet(double widthMm, double heightMm) {
    String viewBox = xml.getAttributeValue(null, "viewBox");
    AffineTransform t = new AffineTransform();
    if (viewBox == null) {
      return t;
    }
    double[] box = SvgNumbers.list(viewBox, 4, FIELD);
    if (!(box[2] > 0) || !(box[3] > 0)) {
      throw refused(viewBox, "is a view box without a size");
    }
    t.scale(widthMm / box[2], heightMm / box[3]);
    t.translate(-box[0], -box[1]);
    return t;
  }

  private void element(String name) {
    Frame outer = frames.peek();
    AffineTransform toSheet = new AffineTransform(outer.toSheet());
    String transform = xml.getAttributeValue(null, "transform");
    if (transform != null) {
      toSheet.concatenate(SvgTransform.read(transform));
    }
    String stroke = xml.getAttributeValue(null, "stroke");
    if (stroke != null && !stroke.equals("none")) {
      throw refused("a stroke", "has no outline to cut: turn it into a shape first");
    }
    Frame frame =
        new Frame(toSheet, inherit("fill", outer.fill()), inherit("fill-rule", outer.fillRule()));
    frames.push(frame);
    if (name.equals("g")) {
      return;
    }
    if (++shapes > MOST_SHAPES) {
      throw refused("more than " + MOST_SHAPES + " shapes", "is too much for one sheet");
    }
    Path2D.Double path = shape(name);
    if (frame.fill().equals("none")) {
      return;
    }
    path.setWindingRule(
        frame.fillRule().equals("evenodd") ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
    path.transform(toSheet);
    openings.add(new Area(path));
  }

  private Path2D.Double shape(String name) {
    Path2D.Double path = new Path2D.Double();
    switch (name) {
      case "path" -> path.append(SvgPath.read(text("d")), false);
      case "circle" -> {
        double r = number("r", 0);
        EllipseArc.appendWhole(path, number("cx", 0), number("cy", 0), r, r);
      }
      case "ellipse" ->
          EllipseArc.appendWhole(
              path, number("cx", 0), number("cy", 0), number("rx", 0), number("ry", 0));
      case "rect" -> {
        double rx = number("rx", 0);
        double x = number("x", 0);
        double y = number("y", 0);
        double w = number("width", 0);
        double h = number("height", 0);
        path.append(
            rx > 0
                ? new RoundRectangle2D.Double(x, y, w, h, 2 * rx, 2 * number("ry", rx))
                : new Rectangle2D.Double(x, y, w, h),
            false);
      }
      case "polygon" -> {
        double[] points = SvgNumbers.list(text("points"), -1, FIELD);
        for (int i = 0; i + 1 < points.length; i += 2) {
          if (i == 0) {
            path.moveTo(points[0], points[1]);
          } else {
            path.lineTo(points[i], points[i + 1]);
          }
        }
        path.closePath();
      }
      default -> throw refused("<" + name + ">", "is not a shape that can be cut");
    }
    return path;
  }

  private String inherit(String attribute, String outer) {
    String own = xml.getAttributeValue(null, attribute);
    return own == null ? outer : own.strip();
  }

  private String text(String attribute) {
    String value = xml.getAttributeValue(null, attribute);
    if (value == null || value.isBlank()) {
      throw refused("<" + xml.getLocalName() + ">", "lacks its " + attribute);
    }
    return value;
  }

  private double number(String attribute, double otherwise) {
    String value = xml.getAttributeValue(null, attribute);
    return value == null ? otherwise : SvgNumbers.list(value, 1, FIELD)[0];
  }

  private void skip() throws XMLStreamException {
    for (int depth = 1; depth > 0; ) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        depth++;
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        depth--;
      }
    }
  }

  private RefusedInput refused(String what, String fault) {
    return new RefusedInput(
        FIELD,
        what + ", line " + xml.getLocation().getLineNumber(),
        fault,
        "filled paths, circles, ellipses, rectangles and polygons, grouped as you like");
  }
}
