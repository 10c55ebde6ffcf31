package craftmap.server.cutter;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.cut.cutter.CutterMat;
import craftmap.core.cut.cutter.CutterPath;
import craftmap.core.cut.cutter.CutterPlan;
import craftmap.core.cut.cutter.CutterSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.cutting.CutterLines;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** What a blade cuts for the lays of a piece, laid on mats. */
@Service
class CutterSheets {
  /** Where the artist did not say: a sheet of A3. */
  private static final double USUAL_WIDTH_MM = 297;

  private static final double USUAL_LENGTH_MM = 420;

  private final PlanReadings readings;

  CutterSheets(PlanReadings readings) {
    this.readings = readings;
  }

  /**
   * How it is laid on mats.
   *
   * @param weeding with lines by which the rest is pulled off in pieces
   */
  record MatWish(Double matWidthMm, Double matLengthMm, Boolean weeding) {
    CutterMat mat() {
      return new CutterMat(
          matWidthMm == null ? USUAL_WIDTH_MM : matWidthMm,
          matLengthMm == null ? USUAL_LENGTH_MM : matLengthMm);
    }

    boolean isWeeding() {
      return weeding != null && weeding;
    }
  }

  /** A lay with lines to cut. */
  record Cuttable(LayReading.Laid laid, String faceName, List<CutterSheet> sheets) {
    /** Where only the letters stay and the rest is pulled off. */
    boolean isWeeded() {
      return sheets.stream().allMatch(s -> s.edge().isEmpty());
    }
  }

  List<Cuttable> of(Studio studio, SavedPlan piece) {
    PlanReading reading = readings.read(studio, piece.plan());
    List<Cuttable> all = new ArrayList<>();
    for (LayReading lay : reading.lays()) {
      if (lay instanceof LayReading.Laid laid && laid.lead()) {
        List<CutterSheet> sheets = CutterLines.of(laid);
        if (!sheets.isEmpty()) {
          String face = reading.find(laid.lay().faceId()).map(f -> f.face().name()).orElse("");
          all.add(new Cuttable(laid, face, sheets));
        }
      }
    }
    return List.copyOf(all);
  }

  Cuttable of(Studio studio, SavedPlan piece, String layId) {
    return of(studio, piece).stream()
        .filter(c -> c.laid().lay().id().equals(layId))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    "lay",
                    given(layId),
                    said("has-nothing-to-cut"),
                    said("lettering-a-custom-cut-design-or-sheets")));
  }

  CutterPlan plan(Cuttable lay, MatWish wish) {
    return CutterPlan.of(lay.sheets(), wish.mat(), wish.isWeeding());
  }

  /** The lines of one mat, from 1. */
  List<CutterPath> paths(CutterPlan plan, int mat) {
    if (mat < 1 || mat > plan.mats().size()) {
      throw new RefusedInput(
          "mat",
          given(mat),
          said("is-not-one-of-those-cut"),
          said("1-to", given(plan.mats().size())));
    }
    return plan.mats().get(mat - 1).paths();
  }
}
