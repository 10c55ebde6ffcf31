package craftmap.core.artwork;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads a drawing from SVG. The file is hostile until read: no document types, no entities, no
 * references, no scripts, no elements beyond the known ones, and no more of anything than a sheet
 * of artwork can need.
 */
public final class SvgReader {
  static final int LONGEST_TEXT = 4_000_000;
  static final int MOST_SHAPES = 5_000;
  static final int MOST_SEGMENTS = 100_000;
  private static final int DEEPEST = 60;
  private static final int MOST_ELEMENTS = 20_000;

  /** Nothing of a drawing lies further out than this; beyond it arithmetic would drown. */
  private static final double FURTHEST_MM = 100_000;

  private static final Figure FIELD = said("artwork");
  private static final String SVG_NAMESPACE = "http://www.w3.org/2000/svg";

  /** Holds words or what only a reference would bring in; references are refused. */
  private static final Set<String> SILENT =
      Set.of("title", "desc", "metadata", "defs", "style", "symbol");

  private static final Set<String> PRESENTATION =
      Set.of(
          "fill",
          "fill-rule",
          "fill-opacity",
          "stroke",
          "stroke-width",
          "stroke-opacity",
          "stroke-linecap",
          "stroke-linejoin",
          "opacity",
          "display",
          "visibility");

  /** What would change the picture and cannot be taken over; better refused than shown wrong. */
  private static final Set<String> UNKNOWN_EFFECTS =
      Set.of("clip-path", "mask", "filter", "stroke-dasharray");

  private final XMLStreamReader xml;
  private final Deque<Frame> frames = new ArrayDeque<>();
  private final List<PaintedShape> shapes = new ArrayList<>();
  private int elements;
  private int segments;
  private boolean styled;

  /** What an element hands down to those inside it. */
  private record Frame(AffineTransform toSheet, SvgPaint paint) {}

  private SvgReader(XMLStreamReader xml) {
    this.xml = xml;
  }

  /**
   * Reads a drawing.
   *
   * @throws RefusedInput saying what is wrong and in which line
   */
  public static Drawing read(String svg) {
    if (svg.length() > LONGEST_TEXT) {
      throw new RefusedInput(
          FIELD,
          said("characters", count(svg.length())),
          said("is-too-large"),
          said("at-most", given(LONGEST_TEXT)));
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
          said("line", given(broken.getLocation().getLineNumber())),
          said("is-not-well-formed-svg"),
          said("an-svg-file-with-a-drawing-in-it"));
    }
  }

  private Drawing run() throws XMLStreamException {
    SvgPage page = null;
    while (xml.hasNext()) {
      switch (xml.next()) {
        case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
            throw refused(said("a-document-type-or-entity"), said("is-not-taken-from-a-file"));
        case XMLStreamConstants.PROCESSING_INSTRUCTION ->
            throw refused(said("a-processing-instruction"), said("is-not-taken-from-a-file"));
        case XMLStreamConstants.START_ELEMENT -> {
          if (page == null) {
            page = page();
          } else {
            element(xml.getLocalName());
          }
        }
        case XMLStreamConstants.END_ELEMENT -> frames.pop();
        default -> {}
      }
    }
    if (page == null) {
      throw refused(said("the-file"), said("has-no-drawing-in-it"));
    }
    if (shapes.isEmpty()) {
      throw refused(said("the-page"), said("has-nothing-drawn-on-it"));
    }
    return new Drawing(page.widthMm(), page.heightMm(), page.trueSize(), shapes);
  }

  private SvgPage page() {
    if (!xml.getLocalName().equals("svg")) {
      throw refused(said("element", given(xml.getLocalName())), said("is-not-svg"));
    }
    Map<String, String> own = attributes();
    SvgPage page = SvgPage.of(own.get("width"), own.get("height"), own.get("viewBox"), own);
    frames.push(new Frame(page.toSheet(), SvgPaint.initial().over(presentation(own))));
    return page;
  }

  private void element(String name) throws XMLStreamException {
    if (++elements > MOST_ELEMENTS || frames.size() > DEEPEST) {
      throw refused(
          said("so-many-elements-or-groups-within-groups"), said("are-too-much-for-one-sheet"));
    }
    if (name.equalsIgnoreCase("script")) {
      throw refused(said("a-script"), said("is-not-taken-from-a-file"));
    }
    String namespace = xml.getNamespaceURI();
    if (SILENT.contains(name)
        || namespace != null && !namespace.isEmpty() && !namespace.equals(SVG_NAMESPACE)) {
      styled |= name.equals("style");
      skip();
      return;
    }
    Map<String, String> own = attributes();
    Frame outer = frames.element();
    AffineTransform toSheet = new AffineTransform(outer.toSheet());
    if (own.containsKey("transform")) {
      toSheet.concatenate(SvgTransform.read(own.get("transform")));
    }
    Frame frame = new Frame(toSheet, outer.paint().over(presentation(own)));
    frames.push(frame);
    if (!name.equals("g")) {
      draw(SvgShapes.shape(name, own, this::refused), frame);
    }
  }

  private void draw(Path2D.Double path, Frame frame) {
    SvgPaint paint = frame.paint();
    if (paint.isHidden()) {
      return;
    }
    if (shapes.size() == MOST_SHAPES) {
      throw refused(
          said("more-than-shapes", given(MOST_SHAPES)), said("are-too-much-for-one-sheet"));
    }
    path.setWindingRule(paint.isEvenOdd() ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
    path.transform(frame.toSheet());
    Rectangle2D reach = path.getBounds2D();
    if (!(Math.abs(reach.getMinX()) < FURTHEST_MM
        && Math.abs(reach.getMinY()) < FURTHEST_MM
        && Math.abs(reach.getMaxX()) < FURTHEST_MM
        && Math.abs(reach.getMaxY()) < FURTHEST_MM)) {
      throw refused(said("a-shape"), said("lies-far-off-the-sheet"));
    }
    for (var it = path.getPathIterator(null); !it.isDone(); it.next()) {
      if (++segments > MOST_SEGMENTS) {
        throw refused(
            said("more-than-strokes", given(MOST_SEGMENTS)), said("are-too-much-for-one-sheet"));
      }
    }
    double scale = Math.sqrt(Math.abs(frame.toSheet().getDeterminant()));
    var fill = paint.fill();
    var line = paint.stroke();
    if (fill.isPresent() || line.isPresent()) {
      shapes.add(new PaintedShape(path, fill, line, pen(paint, scale)));
    }
  }

  private static BasicStroke pen(SvgPaint paint, double scale) {
    int cap =
        switch (paint.value("stroke-linecap", "butt")) {
          case "round" -> BasicStroke.CAP_ROUND;
          case "square" -> BasicStroke.CAP_SQUARE;
          default -> BasicStroke.CAP_BUTT;
        };
    int join =
        switch (paint.value("stroke-linejoin", "miter")) {
          case "round" -> BasicStroke.JOIN_ROUND;
          case "bevel" -> BasicStroke.JOIN_BEVEL;
          default -> BasicStroke.JOIN_MITER;
        };
    double width = LengthRange.DISTANCE.check("stroke-width", paint.strokeWidth() * scale);
    return new BasicStroke((float) width, cap, join, 4);
  }

  private Map<String, String> attributes() {
    Map<String, String> own = new HashMap<>();
    for (int i = 0; i < xml.getAttributeCount(); i++) {
      String name = xml.getAttributeLocalName(i);
      String lower = name.toLowerCase(Locale.ENGLISH);
      if (lower.startsWith("on")) {
        throw refused(said("a-script-2", given(name)), said("is-not-taken-from-a-file"));
      }
      if (lower.equals("href") || lower.equals("src")) {
        throw refused(said("a-reference", given(name)), said("is-not-followed"));
      }
      String namespace = xml.getAttributeNamespace(i);
      if (namespace == null || namespace.isEmpty()) {
        own.put(name, xml.getAttributeValue(i));
      }
    }
    if (styled && own.containsKey("class")) {
      throw refused(
          said("a-shape-styled-by-its-class"), said("is-not-read-save-with-plain-attributes"));
    }
    return own;
  }

  private Map<String, String> presentation(Map<String, String> own) {
    Map<String, String> given = new HashMap<>(own);
    for (String rule : own.getOrDefault("style", "").split(";")) {
      int colon = rule.indexOf(':');
      if (colon > 0) {
        given.put(rule.substring(0, colon).strip(), rule.substring(colon + 1).strip());
      }
    }
    for (String effect : UNKNOWN_EFFECTS) {
      String value = given.get(effect);
      if (value != null && !value.equals("none")) {
        throw refused(given(effect), said("is-not-read-make-it-a-plain-shape-first"));
      }
    }
    given.keySet().retainAll(PRESENTATION);
    return given;
  }

  private void skip() throws XMLStreamException {
    for (int depth = 1; depth > 0; ) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        if (xml.getLocalName().equalsIgnoreCase("script")) {
          throw refused(said("a-script"), said("is-not-taken-from-a-file"));
        }
        depth++;
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        depth--;
      } else if (event == XMLStreamConstants.ENTITY_REFERENCE) {
        throw refused(said("an-entity"), said("is-not-taken-from-a-file"));
      }
    }
  }

  private RefusedInput refused(Figure what, Figure fault) {
    return new RefusedInput(
        FIELD,
        said("line-2", what, given(xml.getLocation().getLineNumber())),
        fault,
        said("paths-lines-circles-ellipses-rectangles-and-polygons-gro"));
  }
}
