package craftmap.server.piece;

import craftmap.core.lay.Criterion;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.RunRow;
import craftmap.core.lay.rule.RunWish;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.server.words.Words;
import java.util.Optional;

/** Says what an option is and why it stands where it stands. */
public final class OptionViews {
  private final TapeDivision tape;
  private final RunWish wish;
  private final String motif;
  private final boolean level;

  /**
   * Makes the views.
   *
   * @param motif what one motif is called
   * @param level whether the line is level: its ends are left and right, not top and bottom
   */
  public OptionViews(TapeDivision tape, RunWish wish, String motif, boolean level) {
    this.tape = tape;
    this.wish = wish;
    this.motif = motif;
    this.level = level;
  }

  public ReadingView.OptionView view(LayOption option) {
    RunRow row = option.row();
    return new ReadingView.OptionView(
        row.kind(),
        row.count(),
        row.wholes(),
        title(row),
        detail(row),
        reason(option),
        option.itemsOnKeepOuts() > 0,
        row.firstStartMm() / row.lineMm(),
        row.pitchMm() / row.lineMm(),
        row.motifMm() / row.lineMm());
  }

  String title(RunRow row) {
    String end = row.kind() == Way.FROM_START ? "start" : "end";
    return Words.say(
        "option",
        row.kind(),
        Counts.motifs(row),
        motif,
        Words.say(end + (level ? ".level" : ".upright")));
  }

  String detail(RunRow row) {
    String gaps = gaps(row);
    if (row.kind() == Way.SPREAD) {
      return Words.say("detail.endsAndGaps", tape.show(row.gapMm())) + changed(row);
    }
    String ends;
    if (row.kind().runsOff()) {
      ends = Words.say("detail.runsOff", Words.percent(row.share(0)));
    } else if (Tolerance.EXACT.sameLength(row.startMarginMm(), row.endMarginMm())) {
      ends = Words.say("detail.ends", tape.show(row.startMarginMm()));
    } else {
      ends =
          Words.say(
              "detail.endsUneven", tape.show(row.startMarginMm()), tape.show(row.endMarginMm()));
    }
    return gaps.isEmpty() ? ends : ends + " · " + gaps;
  }

  private String gaps(RunRow row) {
    if (row.count() < 2) {
      return "";
    }
    if (row.gapMm() == 0) {
      return Words.say("detail.joined");
    }
    String same =
        Tolerance.EXACT.sameLength(row.gapMm(), wish.gapMm())
            ? " " + Words.say("detail.asWished")
            : "";
    return Words.say("detail.gaps", tape.show(row.gapMm())) + same + changed(row);
  }

  private String changed(RunRow row) {
    boolean changed = wish.gapMm() > 0 && !Tolerance.EXACT.sameLength(row.gapMm(), wish.gapMm());
    return changed ? ", " + change(row) : "";
  }

  private String change(RunRow row) {
    return Words.change(row.gapMm() / wish.gapMm() - 1);
  }

  private String reason(LayOption option) {
    Optional<Criterion> behindBy = option.behindBy();
    if (behindBy.isEmpty()) {
      return Words.say(option.itemsOnKeepOuts() > 0 ? "reason.bestOnKeepOut" : "reason.best");
    }
    RunRow row = option.row();
    String argument =
        switch (behindBy.get()) {
          case CLEAR_OF_KEEP_OUTS ->
              option.itemsOnKeepOuts() == 1
                  ? Words.say("times.one")
                  : Words.say("times.many", option.itemsOnKeepOuts());
          case LEAST_GAP_CHANGE -> wish.gapMm() > 0 ? change(row) : tape.show(row.gapMm());
          case END_MARGIN_IN_PROPORTION ->
              tape.show(Math.max(row.startMarginMm(), row.endMarginMm()));
          case NO_SLIVER, SYMMETRICAL, WHOLE_MOTIFS, MORE_MOTIFS, LISTED_EARLIER -> "";
        };
    return Words.say("reason", behindBy.get(), argument);
  }

  /** Says that not even one motif fits. */
  public String tooLong(double byMm) {
    return Words.say("fit.tooLong", tape.show(byMm));
  }

  /** A tick on the tape. */
  public static ReadingView.MarkView mark(SetOut.Mark mark, TapeDivision tape) {
    return new ReadingView.MarkView(
        mark.number(),
        mark.exactMm(),
        mark.tickMm(),
        tape.show(mark.exactMm()),
        tape.figure(mark.exactMm()));
  }
}
