package craftmap.server.piece;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.measure.TapeDivision;
import craftmap.core.trial.Trial;
import craftmap.server.piece.TrialController.Fit;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;

/** What a trial comes to, in words. */
record TrialWords(Fit fit, String text) {
  static TrialWords of(Trial trial, TapeDivision tape) {
    return switch (trial.verdict()) {
      case Trial.Row row -> row(row);
      case Trial.CutFrom _ -> new TrialWords(Fit.DOES_NOT_FIT, Words.say("trial.cutFrom"));
      case Trial.NoRow none ->
          switch (none.why()) {
            case LayAnswer.TooLong t -> no("trial.tooLong", tape.show(t.byMm()));
            case LayAnswer.Refused refused ->
                new TrialWords(
                    Fit.DOES_NOT_FIT,
                    Words.say("fit.refused", new FigureWords(tape).refusal(refused.why())));
            case LayAnswer.NoRoom n ->
                new TrialWords(Fit.DOES_NOT_FIT, Words.say("fit.noRoom", n.reason()));
            case LayAnswer.Options options ->
                throw new IllegalStateException("impossible state: a row that is none");
          };
      case Trial.Fits fits ->
          yes(
              fits.centred() ? "trial.centred" : "trial.aside",
              fits.turned() ? Words.say("trial.turned") : "");
      case Trial.TooLarge large -> tooLarge(large, tape);
      case Trial.InTheWay way ->
          new TrialWords(Fit.DOES_NOT_FIT, Words.say("trial.inTheWay", way.keepOut()));
      case Trial.Covers covers ->
          yes(covers.sheets() == 1 ? "trial.coversOne" : "trial.covers", covers.sheets());
      case Trial.Strips strips ->
          strips.layers() == 1
              ? yes(strips.strips() == 1 ? "trial.stripsOne" : "trial.strips", strips.strips())
              : yes("trial.stripsInLayers", strips.strips(), strips.layers());
      case Trial.AllRound round -> yes("trial.allRound", tape.show(round.lengthMm()));
      case Trial.Casting casting ->
          yes(
              "trial.casting",
              Words.millilitres(casting.fillingMl()),
              Words.minutes(casting.minutes()));
      case Trial.Pasted pasted ->
          yes("trial.pasted", pasted.strips(), Words.millilitres(pasted.pasteMl()));
      case Trial.Enlarged enlarged ->
          yes("trial.enlarged", Words.percent(enlarged.scale()), enlarged.pages());
      case Trial.Dotted dotted -> yes("trial.dots", dotted.dots());
      case Trial.Zone zone -> yes("trial.zone", Words.squareMetres(zone.areaMm2()));
    };
  }

  /** What the tape does not show is not told as too much. */
  private static TrialWords tooLarge(Trial.TooLarge large, TapeDivision tape) {
    boolean wide = tape.divisionsIn(large.tooWideMm()) > 0;
    boolean tall = tape.divisionsIn(large.tooTallMm()) > 0;
    if (wide && tall) {
      return no("trial.tooLarge", tape.show(large.tooWideMm()), tape.show(large.tooTallMm()));
    }
    if (wide || tall) {
      return wide
          ? no("trial.tooLong", tape.show(large.tooWideMm()))
          : no("trial.tooTall", tape.show(large.tooTallMm()));
    }
    return large.tooWideMm() >= large.tooTallMm()
        ? no("trial.tooLong", Measure.fineText(large.tooWideMm(), tape))
        : no("trial.tooTall", Measure.fineText(large.tooTallMm(), tape));
  }

  private static TrialWords row(Trial.Row row) {
    LayAnswer.Options options = (LayAnswer.Options) row.proposal().answer();
    LayOption best = options.best();
    if (best.itemsOnKeepOuts() > 0) {
      return new TrialWords(Fit.FITS_PARTLY, Words.say("trial.onKeepOut", row.whole()));
    }
    return row.part() == 0
        ? yes("trial.fits", row.whole())
        : new TrialWords(
            Fit.FITS_PARTLY,
            row.whole() == 0
                ? Words.say("trial.onlyParts", row.part())
                : Words.say("trial.fitsPart", row.whole(), row.part()));
  }

  private static TrialWords yes(String key, Object... args) {
    return new TrialWords(Fit.FITS, Words.say(key, args));
  }

  private static TrialWords no(String key, Object... args) {
    return new TrialWords(Fit.DOES_NOT_FIT, Words.say(key, args));
  }
}
