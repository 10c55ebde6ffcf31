package craftmap.server.growth;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Locale;
import java.util.StringJoiner;

/**
 * Draws how times grow with a number of things, both by powers of ten, as an SVG of its own. What
 * grows as n log n is drawn beside the steepest: what rises faster than that line, grows too fast.
 */
final class Plot {
  private static final int WIDE = 734;
  private static final int LEFT = 78;
  private static final int RIGHT = 250;
  private static final int TOP = 46;
  private static final int HIGH = 250;
  private static final int BELOW = 44;
  private static final int LINE = 15;
  private static final int NAME = 36;
  private static final String[] INKS = {"#1F5E6B", "#B4552D", "#7A6A2F", "#5B4A7D", "#2F7D4F"};

  private final double least;
  private final double most;
  private final double first;
  private final double end;
  private final StringBuilder svg = new StringBuilder();

  private Plot(List<Growing> all) {
    least =
        floor(
            all.stream()
                .flatMap(g -> g.points().stream())
                .mapToDouble(Growing.Point::took)
                .min()
                .orElse(1));
    most =
        Math.max(
            10 * least,
            ceil(
                all.stream()
                    .flatMap(g -> g.points().stream())
                    .mapToDouble(Growing.Point::took)
                    .max()
                    .orElse(10)));
    first = all.getFirst().points().getFirst().n();
    end = all.getFirst().last().n();
  }

  /**
   * @param what the things are that grow in number
   */
  static String of(String title, String what, List<Growing> all) {
    Plot plot = new Plot(all);
    plot.draw(title, what, all);
    return plot.svg.toString();
  }

  private void draw(String title, String what, List<Growing> all) {
    int bottom = TOP + HIGH;
    svg.append(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" width=\"%d\" height=\"%d\" font-family=\"sans-serif\" font-size=\"12\" fill=\"#26363A\">\n"
            .formatted(WIDE, bottom + BELOW, WIDE, bottom + BELOW));
    svg.append("<rect width=\"100%\" height=\"100%\" fill=\"#FBF9F4\"/>\n");
    text(LEFT, 24, "start", "font-size=\"15\" font-weight=\"600\"", title);
    for (double tick = least; tick <= most * 1.001; tick *= 10) {
      line(LEFT, y(tick), WIDE - RIGHT, y(tick), "#DDD6C8", "");
      text(LEFT - 8, y(tick) + 4, "end", "", figure(tick) + " ms");
    }
    for (Growing.Point p : all.getFirst().points()) {
      text(x(p.n()), bottom + 18, "middle", "", String.format(Locale.ENGLISH, "%,d", p.n()));
    }
    text((LEFT + WIDE - RIGHT) / 2.0, bottom + 36, "middle", "fill=\"#5E6B6D\"", what);
    tooMuch(all);
    for (Growing g : all) {
      curve(g, INKS[all.indexOf(g) % INKS.length]);
    }
    names(all);
    svg.append("</svg>\n");
  }

  private void curve(Growing g, String ink) {
    StringJoiner path = new StringJoiner(" ");
    for (Growing.Point p : g.points()) {
      path.add(String.format(Locale.ENGLISH, "%.1f,%.1f", x(p.n()), y(p.took())));
    }
    svg.append(
        "<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"1.8\"/>\n"
            .formatted(path, ink));
    for (Growing.Point p : g.points()) {
      svg.append(
          String.format(
              Locale.ENGLISH,
              "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"3\" fill=\"%s\"/>\n",
              x(p.n()),
              y(p.took()),
              ink));
    }
  }

  /** Beside the ends of their lines, but never over each other, nor below the plot. */
  private void names(List<Growing> all) {
    List<Growing> byHeight =
        all.stream().sorted((a, b) -> Double.compare(b.last().took(), a.last().took())).toList();
    double[] at = new double[byHeight.size()];
    double above = TOP;
    for (int i = 0; i < at.length; i++) {
      at[i] = Math.max(above, y(byHeight.get(i).last().took()) - LINE / 2.0);
      above = at[i] + NAME;
    }
    double below = TOP + HIGH - LINE;
    for (int i = at.length - 1; i >= 0; i--) {
      at[i] = Math.min(at[i], below);
      below = at[i] - NAME;
    }
    int x = WIDE - RIGHT + 10;
    for (int i = 0; i < at.length; i++) {
      Growing g = byHeight.get(i);
      String ink = INKS[all.indexOf(g) % INKS.length];
      text(x, at[i] + 4, "start", "fill=\"" + ink + "\" font-weight=\"600\"", g.name());
      String figures = figure(g.last().took()) + " ms, " + growth(g);
      text(x, at[i] + 4 + LINE, "start", "fill=\"#5E6B6D\"", figures);
    }
  }

  /** From where the steepest begins, as far as there is room for it. */
  private void tooMuch(List<Growing> all) {
    Growing steepest =
        all.stream().max((a, b) -> Double.compare(a.power(), b.power())).orElseThrow();
    Growing.Point from = steepest.begin();
    double per = from.took() / (from.n() * Math.log(from.n()));
    double to = from.n();
    while (to < end && per * to * Math.log(to) < most) {
      to *= 1.02;
    }
    line(
        x(from.n()),
        y(from.took()),
        x(Math.min(to, end)),
        y(per * to * Math.log(to)),
        "#A8A192",
        " stroke-dasharray=\"5 4\"");
    text(
        x(Math.min(to, end)) - 6,
        y(per * to * Math.log(to)) - 6,
        "end",
        "fill=\"#8A8375\"",
        "n log n");
  }

  private void line(double x1, double y1, double x2, double y2, String ink, String more) {
    svg.append(
        String.format(
            Locale.ENGLISH,
            "<line x1=\"%.1f\" y1=\"%.1f\" x2=\"%.1f\" y2=\"%.1f\" stroke=\"%s\"%s/>\n",
            x1,
            y1,
            x2,
            y2,
            ink,
            more));
  }

  private void text(double x, double y, String anchor, String more, String text) {
    svg.append(
        String.format(
            Locale.ENGLISH,
            "<text x=\"%.1f\" y=\"%.1f\" text-anchor=\"%s\" %s>%s</text>\n",
            x,
            y,
            anchor,
            more,
            text));
  }

  private double x(double n) {
    return LEFT + 14 + (WIDE - RIGHT - LEFT - 28) * Math.log(n / first) / Math.log(end / first);
  }

  private double y(double took) {
    return TOP + HIGH * (1 - Math.log(took / least) / Math.log(most / least));
  }

  private static double floor(double took) {
    return Math.pow(10, Math.floor(Math.log10(took)));
  }

  private static double ceil(double took) {
    return Math.pow(10, Math.ceil(Math.log10(took)));
  }

  /** To three digits. */
  static String figure(double took) {
    double rounded = new BigDecimal(took).round(new MathContext(3)).doubleValue();
    int decimals = rounded >= 100 ? 0 : rounded >= 10 ? 1 : 2;
    return String.format(Locale.ENGLISH, "%,." + decimals + "f", rounded)
        .replaceFirst("\\.0+$", "");
  }

  private static String growth(Growing g) {
    return g.power() < 0.05
        ? "does not grow"
        : String.format(Locale.ENGLISH, "as n^%.1f", g.power());
  }
}
