package craftmap.core.lay.rule.cover;

import craftmap.core.measure.Tolerance;
import java.util.Optional;

/**
 * How sheets follow each other one way over a length.
 *
 * @param firstMm where the first begins
 * @param pitchMm from where one begins to where the next does
 * @param partMm how much of a sheet there is to use
 * @param overlapMm by how much a sheet lies over the one before it, at least
 */
public record Seams(double firstMm, double pitchMm, int count, double partMm, double overlapMm) {

  /** Where the sheets line up. */
  public enum Line {
    /** All parts equal. */
    EVEN,
    /** A sheet on the middle. */
    SHEET_CENTRED,
    /** A seam on the middle. */
    SEAM_CENTRED,
    /** A whole sheet where the length begins. */
    FROM_START
  }

  /** What is covered, and what its print has to line up with. */
  public record Length(double fromMm, double toMm, double lineFromMm, double lineToMm) {
    public static Length alone(double fromMm, double toMm) {
      return new Length(fromMm, toMm, fromMm, toMm);
    }

    private double mm() {
      return toMm - fromMm;
    }

    private double lineMiddleMm() {
      return (lineFromMm + lineToMm) / 2;
    }
  }

  /**
   * Sheets over a length; none where the print repeats over more than a sheet.
   *
   * @param sheetMm how much of a sheet there is
   * @param repeatMm after which the print is the same again; 0 where it need not meet
   */
  public static Optional<Seams> of(
      Line line, Length over, double sheetMm, double overlapMm, double repeatMm) {
    double most = sheetMm - overlapMm;
    if (repeatMm > 0) {
      most = repeatMm * Math.floor(most / repeatMm + Tolerance.EXACT.lengthMm());
    }
    boolean joins = Tolerance.EXACT.greater(most, 0);
    if (repeatMm == 0 && !joins) {
      return Optional.empty();
    }
    if (line == Line.EVEN && repeatMm == 0) {
      return Optional.of(even(over, most, overlapMm));
    }
    double wanted =
        switch (line) {
          case SHEET_CENTRED -> over.lineMiddleMm() - sheetMm / 2;
          case SEAM_CENTRED -> over.lineMiddleMm() - overlapMm / 2;
          case FROM_START, EVEN -> over.lineFromMm;
        };
    double first = backTo(over.fromMm, wanted, repeatMm > 0 ? repeatMm : most);
    double length = over.toMm - first;
    if (!Tolerance.EXACT.greater(length, sheetMm)) {
      return Optional.of(new Seams(first, joins ? most : sheetMm, 1, sheetMm, overlapMm));
    }
    if (!joins) {
      return Optional.empty();
    }
    int count = 1 + up((length - sheetMm) / most);
    double pitch =
        line == Line.EVEN ? evenly(length, count, most, sheetMm, overlapMm, repeatMm) : most;
    return Optional.of(new Seams(first, pitch, count, sheetMm, overlapMm));
  }

  private static Seams even(Length over, double most, double overlapMm) {
    int count = Math.max(1, up((over.mm() - overlapMm) / most));
    double pitch = (over.mm() - overlapMm) / count;
    return new Seams(over.fromMm, pitch, count, pitch + overlapMm, overlapMm);
  }

  /**
   * Parts as equal as whole repeats let them be: the last one is what is left, and its sheet has to
   * reach the end.
   */
  private static double evenly(
      double length, int count, double most, double sheetMm, double overlapMm, double repeatMm) {
    double least = repeatMm * up((length - sheetMm) / (count - 1) / repeatMm);
    double equal = repeatMm * Math.rint((length - overlapMm) / count / repeatMm);
    return Math.clamp(equal, Math.min(least, most), most);
  }

  /** The place on the same steps that lies at the start or as little as possible before it. */
  private static double backTo(double start, double on, double step) {
    return on - step * up((on - start) / step);
  }

  private static int up(double figure) {
    return (int) Math.ceil(figure - Tolerance.EXACT.lengthMm());
  }

  public double startMm(int i) {
    return firstMm + i * pitchMm;
  }

  /** Where a part ends: as far over the next one as they overlap, the last with its sheet. */
  double endMm(int i) {
    double sheetEnds = startMm(i) + partMm;
    return i < count - 1 ? Math.min(sheetEnds, startMm(i + 1) + overlapMm) : sheetEnds;
  }
}
