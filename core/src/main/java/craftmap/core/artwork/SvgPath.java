package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import java.awt.geom.Path2D;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads SVG path data: all commands, absolute and relative, with every shorthand of numbers. */
final class SvgPath {
  private static final Pattern TOKEN =
      Pattern.compile(
          "\\G[\\s,]*(?:([MmZzLlHhVvCcSsQqTtAa])|([-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?))");

  /** An arc flag may stand glued to what follows: {@code a1 1 0 0110 10}. */
  private static final Pattern FLAG = Pattern.compile("\\G[\\s,]*([01])");

  private final String data;
  private final Matcher token;
  private final Matcher flag;
  private final Path2D.Double path = new Path2D.Double();
  private int at;
  private int steps;
  private double x;
  private double y;
  private double startX;
  private double startY;
  private double controlX;
  private double controlY;
  private char previous = ' ';

  private SvgPath(String data) {
    this.data = data;
    this.token = TOKEN.matcher(data);
    this.flag = FLAG.matcher(data);
  }

  static Path2D.Double read(String data) {
    SvgPath reader = new SvgPath(data);
    reader.run();
    return reader.path;
  }

  private void run() {
    char command = ' ';
    while (!atEnd()) {
      if (!token.find(at)) {
        throw refused(said("has-something-that-is-not-path-data-at-character", given(at + 1)));
      }
      if (token.group(1) != null) {
        command = token.group(1).charAt(0);
        at = token.end();
      } else if (command == 'M' || command == 'm') {
        command = command == 'M' ? 'L' : 'l';
      } else if (command == ' ' || command == 'Z' || command == 'z') {
        throw refused(said("has-a-number-where-a-command-belongs-at-character", given(at + 1)));
      }
      if (previous == ' ' && Character.toUpperCase(command) != 'M') {
        throw refused(said("does-not-begin-with-a-move"));
      }
      if (++steps > SvgReader.MOST_SEGMENTS) {
        throw refused(said("has-more-than-strokes", given(SvgReader.MOST_SEGMENTS)));
      }
      step(command);
      previous = Character.toUpperCase(command);
    }
  }

  private void step(char command) {
    boolean relative = Character.isLowerCase(command);
    double ox = relative ? x : 0;
    double oy = relative ? y : 0;
    switch (Character.toUpperCase(command)) {
      case 'M' -> {
        go(ox + number(), oy + number());
        path.moveTo(x, y);
        startX = x;
        startY = y;
      }
      case 'L' -> line(ox + number(), oy + number());
      case 'H' -> line(ox + number(), y);
      case 'V' -> line(x, oy + number());
      case 'C' ->
          cubic(
              ox + number(),
              oy + number(),
              ox + number(),
              oy + number(),
              ox + number(),
              oy + number());
      case 'S' -> {
        boolean smooth = previous == 'C' || previous == 'S';
        cubic(
            smooth ? 2 * x - controlX : x,
            smooth ? 2 * y - controlY : y,
            ox + number(),
            oy + number(),
            ox + number(),
            oy + number());
      }
      case 'Q' -> quad(ox + number(), oy + number(), ox + number(), oy + number());
      case 'T' -> {
        boolean smooth = previous == 'Q' || previous == 'T';
        quad(
            smooth ? 2 * x - controlX : x,
            smooth ? 2 * y - controlY : y,
            ox + number(),
            oy + number());
      }
      case 'A' -> {
        double rx = Math.abs(number());
        double ry = Math.abs(number());
        double turn = Math.toRadians(number());
        boolean large = flag();
        boolean sweep = flag();
        double toX = ox + number();
        double toY = oy + number();
        EllipseArc.append(path, x, y, rx, ry, turn, large, sweep, toX, toY);
        go(toX, toY);
      }
      default -> {
        path.closePath();
        go(startX, startY);
      }
    }
  }

  private void go(double toX, double toY) {
    x = toX;
    y = toY;
  }

  private void line(double toX, double toY) {
    path.lineTo(toX, toY);
    go(toX, toY);
  }

  private void cubic(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
    path.curveTo(c1x, c1y, c2x, c2y, toX, toY);
    controlX = c2x;
    controlY = c2y;
    go(toX, toY);
  }

  private void quad(double cx, double cy, double toX, double toY) {
    path.quadTo(cx, cy, toX, toY);
    controlX = cx;
    controlY = cy;
    go(toX, toY);
  }

  private double number() {
    if (!token.find(at) || token.group(2) == null) {
      throw refused(said("lacks-a-number-at-character", given(at + 1)));
    }
    at = token.end();
    double number = Double.parseDouble(token.group(2));
    if (!(Math.abs(number) <= SvgNumbers.FURTHEST)) {
      throw refused(said("has-a-number-beyond-all-measure-at-character", given(at + 1)));
    }
    return number;
  }

  private boolean flag() {
    if (!flag.find(at)) {
      throw refused(said("lacks-an-arc-flag-0-or-1-at-character", given(at + 1)));
    }
    at = flag.end();
    return flag.group(1).equals("1");
  }

  private boolean atEnd() {
    while (at < data.length()
        && (Character.isWhitespace(data.charAt(at)) || data.charAt(at) == ',')) {
      at++;
    }
    return at == data.length();
  }

  private RefusedInput refused(Figure fault) {
    String shown = data.length() <= 40 ? data : data.substring(0, 40) + "…";
    return new RefusedInput("path", given(shown), fault, said("svg-path-data"));
  }
}
