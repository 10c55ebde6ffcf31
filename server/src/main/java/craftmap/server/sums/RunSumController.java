package craftmap.server.sums;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.run.RunSums;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.LengthReader;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.OptionWords;
import craftmap.server.piece.view.SetOutViews;
import craftmap.server.studio.Asker;
import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How many of a motif go along a line, and where to tick. */
@RestController
@RequestMapping("/api/sums")
class RunSumController {

  RunSumController() {}

  /**
   * The question, each length in any notation of the tape.
   *
   * @param allowedChangePercent by how much the gap may change, 0 to 90
   */
  record RunQuestion(
      String length, String motif, String gap, String endMargin, double allowedChangePercent) {}

  record RunAnswer(
      Measure length,
      Measure motif,
      Measure gap,
      Measure endMargin,
      List<RunOption> options,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String noneText) {}

  /** One option with the places to tick, from the start of the line to each motif's middle. */
  record RunOption(
      LayView.OptionView option, List<LayView.MarkView> marks, Measure gap, Measure largestError) {}

  @Allowed(StudioRole.GUEST)
  @PostMapping("/run")
  RunAnswer run(Asker asker, @RequestBody RunQuestion question) {
    TapeDivision tape = asker.studio().tape();
    double length = read(said("length"), question.length(), LengthRange.SIZE, tape);
    double motif = read(said("motif"), question.motif(), LengthRange.SIZE, tape);
    double gap = read(said("gap"), question.gap(), LengthRange.DISTANCE, tape);
    double margin = read(said("end-margin"), question.endMargin(), LengthRange.DISTANCE, tape);
    RunWish wish = new RunWish(gap, margin, question.allowedChangePercent() / 100);
    OptionWords views = OptionWords.ofRun(tape, wish, "motif", true);
    List<RunOption> options =
        RunSums.ranked(length, motif, wish).stream().map(o -> option(o, views, tape)).toList();
    return new RunAnswer(
        Measure.of(length, tape),
        Measure.of(motif, tape),
        Measure.of(gap, tape),
        Measure.of(margin, tape),
        options,
        options.isEmpty() ? views.tooLong(motif + 2 * margin - length) : null);
  }

  private static RunOption option(LayOption option, OptionWords views, TapeDivision tape) {
    LayView.OptionView view = views.view(option);
    RunRow row = (RunRow) option.arrangement();
    List<Double> centres = new ArrayList<>();
    for (int i = 0; i < row.count(); i++) {
      double centre = row.centreMm(i);
      if (centre >= 0 && centre <= row.lineMm()) {
        centres.add(centre);
      }
    }
    SetOut setOut = SetOut.fromDatum(centres, tape);
    return new RunOption(
        view,
        setOut.marks().stream().map(m -> SetOutViews.mark(m, tape)).toList(),
        Measure.of(row.gapMm(), tape),
        new Measure(setOut.largestErrorMm(), SetOutViews.rounding(setOut.largestErrorMm(), tape)));
  }

  private static double read(Figure field, String text, LengthRange range, TapeDivision tape) {
    if (text == null) {
      throw new RefusedInput(field, said("empty"), said("is-missing"), said("a-length"));
    }
    return LengthReader.read(field, text, tape.unit(), range).mm();
  }
}
