package craftmap.server.piece;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.finding.FindingRule;
import craftmap.core.finding.Mend;
import craftmap.core.lay.rule.Pick;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.document.PickDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.edit.LayEditDoc;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What would mend what was found on a lay: each way worked out as if it were taken. */
@RestController
@RequestMapping("/api/pieces/{id}/faces/{faceId}/lays/{layId}/mends")
class MendController {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;

  MendController(Pieces pieces, PlanReadings readings, PlanViews views) {
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
  }

  /**
   * A way to mend it.
   *
   * @param edits what taking it does to the plan
   */
  record MendView(String text, List<EditDoc> edits) {}

  /**
   * The ways to be rid of all that a rule found; none where nothing at hand mends it.
   *
   * @param rule as a note of the lay names it
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/{rule}")
  List<MendView> mends(
      Asker asker,
      @PathVariable String id,
      @PathVariable String faceId,
      @PathVariable String layId,
      @PathVariable String rule) {
    Studio studio = asker.studio();
    FindingRule found =
        FindingRule.of(rule)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "rule", given(rule), said("is-not-known"), said("one-that-a-note-names")));
    Plan plan = pieces.plan(studio, id);
    PlanReadings.ReadLay read = readings.readLay(studio, plan, layId, Optional.of(faceId));
    return readings.mends(studio, plan, read, found).stream()
        .map(m -> view(studio, read, m))
        .toList();
  }

  private MendView view(Studio studio, PlanReadings.ReadLay read, Mend mend) {
    return switch (mend) {
      case Mend.OtherOption other -> {
        Pick pick = other.option().asPick();
        PickDoc doc = new PickDoc(pick.way().name(), pick.count(), pick.across());
        String title = views.title(studio, read, (LayReading.Laid) read.reading(), other.option());
        yield new MendView(
            Words.say("mend.option", title), List.of(new LayEditDoc.PickOption(mend.layId(), doc)));
      }
      case Mend.MoveLine move ->
          new MendView(
              Words.say("mend.line", studio.tape().show(move.distanceMm())),
              List.of(
                  new LayEditDoc.MeasureLay(
                      mend.layId(), Map.of("distance", move.distanceMm()), Map.of()),
                  new LayEditDoc.PickOption(mend.layId(), null)));
      case Mend.LetterSize letters ->
          new MendView(
              Words.say("mend.letters", studio.tape().show(letters.sizeMm())),
              List.of(
                  new LayEditDoc.MeasureLay(
                      mend.layId(), Map.of("size", letters.sizeMm()), Map.of())));
      case Mend.MeasuredPlaces places ->
          new MendView(
              Words.say("mend.places"), List.of(new LayEditDoc.ByEye(places.layId(), null)));
    };
  }
}
