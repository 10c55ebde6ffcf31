package craftmap.server.studio;

import static craftmap.core.measure.Figure.given;

import craftmap.core.measure.Length;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.LengthReader;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Point;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Habits of the studio, and reading lengths the way the studio writes them. */
@RestController
@RequestMapping("/api")
class StudioController {
  private final Studios studios;

  StudioController(Studios studios) {
    this.studios = studios;
  }

  record StudioView(String name, TapeView tape) {}

  /**
   * The studio's tape.
   *
   * @param divisionMm the smallest division
   * @param unitMm the unit that is numbered on the tape
   */
  record TapeView(TapeDivision division, LengthUnit unit, double divisionMm, double unitMm) {}

  record TapeChoice(TapeDivision division) {}

  /**
   * A length as typed.
   *
   * @param field its name in words, for the sentence that refuses it
   * @param kind a size is above 0; a distance may be 0; a place may lie before its edge
   * @param mostMm the largest accepted, where less than 20 m fits
   */
  record LengthQuestion(
      String field,
      String text,
      LengthKind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double mostMm) {}

  enum LengthKind {
    SIZE(LengthRange.SIZE),
    DISTANCE(LengthRange.DISTANCE),
    PLACE(LengthRange.PLACE);

    private final LengthRange range;

    LengthKind(LengthRange range) {
      this.range = range;
    }
  }

  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/studio")
  StudioView studio(Asker asker) {
    return view(asker.studio());
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/studio/tape")
  StudioView measureWith(Asker asker, @RequestBody TapeChoice choice) {
    return view(studios.measureWith(asker.studio(), choice.division()));
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/lengths")
  Measure read(Asker asker, @RequestBody LengthQuestion question) {
    TapeDivision tape = asker.studio().tape();
    LengthRange range = question.kind().range;
    LengthRange asked = question.mostMm() == null ? range : range.upTo(question.mostMm());
    Length length = LengthReader.read(given(question.field()), question.text(), tape.unit(), asked);
    return Measure.of(length.mm(), tape);
  }

  /** Two places on one face, to measure between. */
  record BetweenQuestion(double fromXMm, double fromYMm, double toXMm, double toYMm) {}

  record BetweenAnswer(Measure distance, Measure across, Measure down) {}

  @Allowed(StudioRole.GUEST)
  @PostMapping("/lengths/between")
  BetweenAnswer between(Asker asker, @RequestBody BetweenQuestion q) {
    TapeDivision tape = asker.studio().tape();
    Point from = new Point(place(q.fromXMm()), place(q.fromYMm()));
    Point to = new Point(place(q.toXMm()), place(q.toYMm()));
    return new BetweenAnswer(
        Measure.of(from.distanceMm(to), tape),
        Measure.of(Math.abs(to.xMm() - from.xMm()), tape),
        Measure.of(Math.abs(to.yMm() - from.yMm()), tape));
  }

  private static double place(double mm) {
    return LengthRange.PLACE.check("place", mm);
  }

  private static StudioView view(Studio studio) {
    TapeDivision tape = studio.tape();
    return new StudioView(
        studio.name(), new TapeView(tape, tape.unit(), tape.mm(), tape.unit().mm()));
  }
}
