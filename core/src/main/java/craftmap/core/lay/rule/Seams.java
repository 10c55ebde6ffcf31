package craftmap.core.lay.rule;

import craftmap.core.measure.Tolerance;
import java.util.Optional;

/**
 * How sheets follow each other one way over a length.
 *
 * @param firstMm where the first begins
 * @param pitchMm from where one begins to where the next does
 * @param partMm how much of each sheet is used
 */
record Seams(double firstMm, double pitchMm, int count, double partMm) {

  /** Where the sheets line up. */
  enum Line {
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
  record Length(double fromMm, double toMm, double lineFromMm, double lineToMm) {
    static Length alone(double fromMm, double toMm) {
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
  static Optional<Seams> of(
      Line line, Length over, double sheetMm, double overlapMm, double repeatMm) {
    double most = sheetMm - overlapMm;
    if (repeatMm > 0) {
      most = repeatMm * Math.floor(most / repeatMm + Tolerance.EXACT.lengthMm());
    }
    if (!Tolerance.EXACT.greater(most, 0)) {
      return Optional.empty();
    }
    if (line == Line.EVEN) {
      return Optional.of(even(over, most, overlapMm, repeatMm));
    }
    double wanted =
        switch (line) {
          case SHEET_CENTRED -> over.lineMiddleMm() - sheetMm / 2;
          case SEAM_CENTRED -> over.lineMiddleMm() - overlapMm / 2;
          case FROM_START, EVEN -> over.lineFromMm;
        };
    double first = backTo(over.fromMm, wanted, repeatMm > 0 ? repeatMm : most);
    int count = count(over.toMm - first, sheetMm, most);
    return Optional.of(new Seams(first, most, count, sheetMm));
  }

  private static int count(double length, double sheetMm, double pitchMm) {
    return 1 + Math.max(0, up((length - sheetMm) / pitchMm));
  }

  private static Seams even(Length over, double most, double overlapMm, double repeatMm) {
    int count = Math.max(1, up((over.mm() - overlapMm) / most));
    double pitch = (over.mm() - overlapMm) / count;
    double first = over.fromMm;
    if (repeatMm > 0) {
      first = backTo(over.fromMm, over.lineFromMm, repeatMm);
      double length = over.toMm - first - overlapMm;
      count = Math.max(1, up(length / most));
      pitch = repeatMm * Math.max(1, up(length / count / repeatMm));
    }
    return new Seams(first, pitch, count, pitch + overlapMm);
  }

  /** The place on the same steps that lies at the start or as little as possible before it. */
  private static double backTo(double start, double on, double step) {
    return on - step * up((on - start) / step);
  }

  private static int up(double figure) {
    return (int) Math.ceil(figure - Tolerance.EXACT.lengthMm());
  }

  double startMm(int i) {
    return firstMm + i * pitchMm;
  }

  /** Where a part ends: its sheet's end, or as far over the next one as they overlap. */
  double endMm(int i) {
    return startMm(i) + partMm;
  }
}
