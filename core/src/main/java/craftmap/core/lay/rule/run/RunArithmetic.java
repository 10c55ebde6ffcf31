package craftmap.core.lay.rule.run;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.Way;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Counts, gaps and margins of motifs of width w along a line of length L, with preferred gap g, end
 * margin at least m, and a gap that may change by the share e. Formulas, one method each:
 *
 * <ul>
 *   <li>motif on centre: n = 1 + 2 floor((L/2 - w/2 - m) / (w + g))
 *   <li>gap on centre: n = 2 floor((L/2 - m + g/2) / (w + g))
 *   <li>spread: gap = (L - n w) / (n + 1), at both ends too
 *   <li>flush: gap = (L - 2m - n w) / (n - 1)
 *   <li>from one end: n = floor((L - 2m + g) / (w + g))
 *   <li>off both ends: all that show on the line, from a motif or a gap on its middle
 * </ul>
 *
 * <p>Spread and flush offer every n whose gap stays within g (1 - e) and g (1 + e).
 */
public final class RunArithmetic {
  /** More motifs than this on one line is a slip of the decimal point. */
  public static final int MOST_MOTIFS = 5_000;

  /** Further from true size than this it is another design. */
  static final double MOST_SCALE = 1.6;

  private final double line;
  private final double motif;
  private final RunWish wish;
  private final double pitch;

  private RunArithmetic(double lineMm, double motifMm, RunWish wish) {
    this.line = LengthRange.SIZE.check("length-of-the-line", lineMm);
    this.motif = LengthRange.SIZE.check("width-of-the-motif", motifMm);
    this.wish = wish;
    this.pitch = motif + wish.gapMm();
    if (line / pitch > MOST_MOTIFS) {
      throw new RefusedInput(
          "motifs-on-the-line",
          said("more-than", given(MOST_MOTIFS)),
          said("is-more-than-anyone-paints"),
          said("a-shorter-line-a-wider-motif-or-a-wider"));
    }
  }

  /** Every row on offer; empty when not even one motif fits between the end margins. */
  public static List<RunRow> rows(double lineMm, double motifMm, RunWish wish) {
    RunArithmetic sums = new RunArithmetic(lineMm, motifMm, wish);
    if (Tolerance.EXACT.greater(motifMm + 2 * wish.endMarginMm(), lineMm)) {
      return List.of();
    }
    List<RunRow> rows = new ArrayList<>();
    sums.motifOnCentre().ifPresent(rows::add);
    sums.gapOnCentre().ifPresent(rows::add);
    rows.addAll(sums.spread());
    rows.addAll(sums.flush());
    sums.fromStart().ifPresent(rows::add);
    sums.fromEnd().ifPresent(rows::add);
    sums.offEnds(Way.OnLine.OFF_ENDS_MOTIF_ON_CENTRE, motifMm / 2).ifPresent(rows::add);
    sums.offEnds(Way.OnLine.OFF_ENDS_GAP_ON_CENTRE, -wish.gapMm() / 2).ifPresent(rows::add);
    return List.copyOf(rows);
  }

  /**
   * Rows whose motifs and gaps are scaled alike so that n of them fill the line between its end
   * margins: scale = (L - 2m) / (n w + (n - 1) g), for the counts next to true size.
   */
  static List<RunRow> scaled(double lineMm, double motifMm, RunWish wish, double largest) {
    double between = lineMm - 2 * wish.endMarginMm();
    double gap = wish.gapMm();
    long about = Tolerance.EXACT.wholeIn(between + gap, motifMm + gap);
    List<RunRow> rows = new ArrayList<>();
    for (long n = Math.max(1, about); n <= Math.min(about + 1, MOST_MOTIFS); n++) {
      double scale = between / (n * motifMm + (n - 1) * gap);
      boolean asDrawn = Tolerance.EXACT.sameLength(scale * motifMm, motifMm);
      if (!asDrawn && scale >= 1 / MOST_SCALE && scale <= largest) {
        rows.add(
            new RunRow(
                Way.OnLine.SCALED,
                lineMm,
                motifMm * scale,
                (int) n,
                gap * scale,
                wish.endMarginMm()));
      }
    }
    return rows;
  }

  /** One motif that the line is too short for: on its middle, or from either end. */
  static List<RunRow> oneThatRunsOff(double lineMm, double motifMm, RunWish wish) {
    RunArithmetic sums = new RunArithmetic(lineMm, motifMm, wish);
    double gap = wish.gapMm();
    return List.of(
        sums.row(Way.OnLine.MOTIF_ON_CENTRE, 1, gap, (lineMm - motifMm) / 2),
        sums.row(Way.OnLine.FROM_START, 1, gap, 0),
        sums.row(Way.OnLine.FROM_END, 1, gap, lineMm - motifMm));
  }

  private Optional<RunRow> motifOnCentre() {
    long eachSide = Tolerance.EXACT.wholeIn(line / 2 - motif / 2 - wish.endMarginMm(), pitch);
    return centred(Way.OnLine.MOTIF_ON_CENTRE, 1 + 2 * eachSide);
  }

  private Optional<RunRow> gapOnCentre() {
    long eachSide =
        Tolerance.EXACT.wholeIn(line / 2 - wish.endMarginMm() + wish.gapMm() / 2, pitch);
    return centred(Way.OnLine.GAP_ON_CENTRE, 2 * eachSide);
  }

  private Optional<RunRow> centred(Way.OnLine way, long count) {
    if (count < 1) {
      return Optional.empty();
    }
    return Optional.of(row(way, count, wish.gapMm(), (line - span(count)) / 2));
  }

  private List<RunRow> spread() {
    List<RunRow> rows = new ArrayList<>();
    for (long n = 1; n * motif <= line; n++) {
      double gap = (line - n * motif) / (n + 1);
      if (allowed(gap) && !Tolerance.EXACT.greater(wish.endMarginMm(), gap)) {
        rows.add(row(Way.OnLine.SPREAD, n, gap, gap));
      }
    }
    return rows;
  }

  private List<RunRow> flush() {
    List<RunRow> rows = new ArrayList<>();
    double between = line - 2 * wish.endMarginMm();
    for (long n = 2; !Tolerance.EXACT.greater(n * motif, between); n++) {
      double gap = Math.max(0, (between - n * motif) / (n - 1));
      if (allowed(gap)) {
        rows.add(row(Way.OnLine.FLUSH, n, gap, wish.endMarginMm()));
      }
    }
    return rows;
  }

  private Optional<RunRow> fromStart() {
    long count = fromOneEnd();
    return count < 1
        ? Optional.empty()
        : Optional.of(row(Way.OnLine.FROM_START, count, wish.gapMm(), wish.endMarginMm()));
  }

  private Optional<RunRow> fromEnd() {
    long count = fromOneEnd();
    return count < 1
        ? Optional.empty()
        : Optional.of(
            row(Way.OnLine.FROM_END, count, wish.gapMm(), line - wish.endMarginMm() - span(count)));
  }

  private long fromOneEnd() {
    return Tolerance.EXACT.wholeIn(line - 2 * wish.endMarginMm() + wish.gapMm(), pitch);
  }

  /**
   * All motifs that show, counted outwards from the middle.
   *
   * @param beyondMiddle how far a motif's or a gap's middle reaches before the next motif starts
   */
  private Optional<RunRow> offEnds(Way.OnLine way, double beyondMiddle) {
    double firstRight = line / 2 - beyondMiddle;
    double t = Tolerance.EXACT.lengthMm();
    long left = (long) Math.ceil((firstRight + motif - t) / pitch) - 1;
    double start = firstRight - left * pitch;
    long count = (long) Math.ceil((line - start - t) / pitch);
    RunRow row = row(way, count, wish.gapMm(), start);
    boolean runsOff = row.parts() > 0;
    return runsOff ? Optional.of(row) : Optional.empty();
  }

  private boolean allowed(double gap) {
    double change = wish.gapMm() * wish.allowedChange();
    return !Tolerance.EXACT.greater(Math.abs(gap - wish.gapMm()), change);
  }

  private double span(long count) {
    return count * motif + (count - 1) * wish.gapMm();
  }

  private RunRow row(Way.OnLine way, long count, double gap, double start) {
    return new RunRow(way, line, motif, Math.toIntExact(count), gap, start + 0.0);
  }
}
