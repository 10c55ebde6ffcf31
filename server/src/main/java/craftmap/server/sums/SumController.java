package craftmap.server.sums;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Faults;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.order.bench.Bench;
import craftmap.core.sum.SumAnswer;
import craftmap.core.sum.SumKind;
import craftmap.core.sum.Usual;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.fields.Answers;
import craftmap.server.fields.Typed;
import craftmap.server.money.HourlyRates;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** All the sums people reach for a calculator for. */
@RestController
@RequestMapping("/api/sums")
class SumController {
  private static final int LONGEST_TEXT = 60;
  private static final int MOST_TEXTS = 40;

  private final Benches benches;
  private final HourlyRates rates;
  private final Clock clock;

  SumController(Benches benches, HourlyRates rates, Clock clock) {
    this.benches = benches;
    this.rates = rates;
    this.clock = clock;
  }

  /**
   * What is asked.
   *
   * @param texts by the keys of the sum's fields, each as one writes it: lengths in any notation of
   *     the tape, figures with comma or point, choices by their values; what is missing or empty is
   *     as usual
   * @param way which of several ways is drawn and ticked, from 0 for the best
   */
  record SumAsked(Map<String, String> texts, int way) {}

  /** Every sum with its usual figures. */
  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<SumView> all(Asker asker) {
    Usual usual = usual(asker.studio());
    return Arrays.stream(SumKind.values())
        .map(
            kind ->
                view(
                    kind,
                    read(kind, Map.of(), usual, asker.studio().tape()),
                    usual,
                    asker.studio().tape(),
                    0))
        .toList();
  }

  /** One sum with what somebody typed. */
  @Allowed(StudioRole.GUEST)
  @PostMapping("/{kind}")
  SumView one(Asker asker, @PathVariable SumKind kind, @RequestBody SumAsked asked) {
    TapeDivision tape = asker.studio().tape();
    Usual usual = usual(asker.studio());
    Map<String, String> texts = asked.texts() == null ? Map.of() : asked.texts();
    if (texts.size() > MOST_TEXTS) {
      throw new RefusedInput(
          "sum", given(texts.size()), said("has-more-fields-than-it-asks"), said("its-fields"));
    }
    return view(kind, read(kind, texts, usual, tape), usual, tape, asked.way());
  }

  private static SumView view(
      SumKind kind, Answers answers, Usual usual, TapeDivision tape, int way) {
    MeasureSheet sheet = answers.sheet();
    SumAnswer answer = kind.answer(sheet, usual);
    return new SumViews(tape).view(kind, sheet.entries(), answer, way);
  }

  /**
   * What is asked may hang on what was chosen, so choices are read first; and what usually stands
   * somewhere on what was typed elsewhere, so that comes last.
   */
  private static Answers read(
      SumKind kind, Map<String, String> texts, Usual usual, TapeDivision tape) {
    Answers chosen = read(kind.asks(MeasureSheet.blank(), usual), texts, tape, true).answers();
    Typed typed = read(kind.asks(chosen.sheet(), usual), texts, tape, false);
    kind.asks(typed.answers().sheet(), usual).stream()
        .filter(e -> !e.taken())
        .forEach(typed::asShown);
    return typed.answers();
  }

  private static Typed read(
      List<MeasureSheet.Entry> asked,
      Map<String, String> texts,
      TapeDivision tape,
      boolean choicesOnly) {
    Typed typed = new Typed(tape);
    Faults wrong = new Faults();
    for (MeasureSheet.Entry entry : asked) {
      String text = texts.get(entry.key());
      boolean isChoice = entry instanceof MeasureSheet.ChoiceEntry;
      if (text == null || text.isBlank() || choicesOnly && !isChoice) {
        continue;
      }
      wrong.part(
          () -> {
            if (text.length() > LONGEST_TEXT) {
              throw new RefusedInput(
                  entry.label(),
                  given(text.substring(0, LONGEST_TEXT)),
                  said("is-too-long"),
                  said("at-most-characters", given(LONGEST_TEXT)));
            }
            typed.read(entry, entry.label(), text);
            return text;
          });
    }
    return wrong.whole(() -> typed);
  }

  private Usual usual(Studio studio) {
    Bench bench = benches.of(studio);
    HourlyRates.Charged charged = rates.of(studio);
    int hour = clock.instant().atZone(bench.zone()).getHour();
    return new Usual(bench.climate().at(hour), charged.hourly(), charged.marginPercent());
  }
}
