package craftmap.server.piece;

import craftmap.core.design.CustomCut;
import craftmap.core.design.Moulding;
import craftmap.core.lay.BreakCrossing;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.rule.FrameSides;
import craftmap.core.lay.rule.RollStrips;
import craftmap.core.lay.rule.SheetWork;
import craftmap.core.lay.rule.Wording;
import craftmap.core.lay.rule.ZoneArea;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.surface.Face;
import craftmap.server.shelf.Available;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says what to look out for on a lay. */
final class LayNotes {
  private static final double TOUCHES_MM = 0.5;

  private final TapeDivision tape;
  private final FreeStock stock;
  private final Optional<Pool> pool;

  /** With what the lay shares with others of its piece, where that is known. */
  LayNotes(TapeDivision tape, FreeStock stock, Optional<Pool> pool) {
    this.tape = tape;
    this.stock = stock;
    this.pool = pool;
  }

  List<ReadingView.NoteView> of(Face face, LayReading.Laid laid) {
    List<ReadingView.NoteView> notes = new ArrayList<>();
    boolean cut =
        laid.chosen().arrangement() instanceof SheetWork
            || laid.chosen().arrangement() instanceof RollStrips
            || laid.chosen().arrangement() instanceof ZoneArea;
    laid.clearances().forEach(c -> notes.add(cut ? cutRound(c) : clearance(c)));
    laid.crossings().forEach(c -> notes.add(crossing(c)));
    int lost = laid.chosen().items().size() - laid.items().size();
    if (lost > 0) {
      notes.add(look(Words.say("eye.lost", lost)));
    }
    if (laid.chosen().arrangement() instanceof Wording words) {
      words(words, laid).forEach(notes::add);
    }
    if (laid.chosen().arrangement() instanceof FrameSides frame
        && laid.design() instanceof Moulding moulding) {
      frame(frame, moulding).ifPresent(notes::add);
    }
    notes.addAll(new SheetNotes(tape).of(face, laid));
    againstTheShelf(laid).ifPresent(notes::add);
    if (laid.design() instanceof Moulding m) {
      notes.add(fine(Words.say("glue", m.flexibility().glue())));
    }
    return notes;
  }

  /** What is used up is set against what lies free on the shelf. */
  private Optional<ReadingView.NoteView> againstTheShelf(LayReading.Laid laid) {
    double wanted = laid.takes().offTheShelf(laid.design());
    if (wanted == 0) {
      return Optional.empty();
    }
    Optional<Available> free = stock.of(laid.design().id());
    double there = free.map(Available::quantity).orElse(0.0);
    String owned = free.map(Available::text).orElse(Words.say("stock.none"));
    boolean covers =
        pool.map(p -> free.map(f -> f.covers(p)).orElse(false))
            .orElse(wanted <= there + Tolerance.EXACT.lengthMm());
    boolean handed = pool.map(Pool::isHanded).orElse(false);
    if (!covers && handed) {
      return Optional.of(
          look(
              Words.say(
                  "stock.shortOfHand",
                  pool.get().left(),
                  pool.get().right(),
                  free.map(f -> (int) f.left()).orElse(0),
                  free.map(f -> (int) f.right()).orElse(0))));
    }
    String together = pool.map(Pool::isShared).orElse(false) ? ".together" : "";
    return Optional.of(
        covers
            ? fine(Words.say("stock.enough" + together, owned))
            : look(Words.say("stock.short" + together, owned)));
  }

  private List<ReadingView.NoteView> words(Wording words, LayReading.Laid laid) {
    List<ReadingView.NoteView> notes = new ArrayList<>();
    if (words.islands() > 0) {
      notes.add(
          fine(
              Words.say(
                  words.islands() == 1 ? "words.island" : "words.islands",
                  words.islands(),
                  words.bridges().size())));
    }
    if (!words.thin().isEmpty()) {
      double least = ((CustomCut) laid.design()).leastBridgeMm();
      notes.add(
          look(
              Words.say(
                  words.thin().size() == 1 ? "words.thinOne" : "words.thin",
                  words.thin().size(),
                  Words.fineMm(least))));
    }
    return notes;
  }

  private Optional<ReadingView.NoteView> frame(FrameSides frame, Moulding moulding) {
    if (frame.bendRadiusMm() > 0) {
      String needs = moulding.leastBendRadiusMm().map(tape::show).orElse(Words.say("frame.never"));
      return Optional.of(
          !frame.bends()
              ? stop(Words.say("frame.tooTight", tape.show(frame.bendRadiusMm()), needs))
              : moulding.flexibility() == Moulding.Flexibility.BENDS_WITH_HEAT
                  ? look(Words.say("frame.heat", tape.show(frame.bendRadiusMm())))
                  : fine(Words.say("frame.bends", tape.show(frame.bendRadiusMm()))));
    }
    return frame.cutting().joined() > 0
        ? Optional.of(look(Words.say("frame.joined", frame.cutting().joined())))
        : Optional.empty();
  }

  /** Sheets are cut round what they meet. */
  private ReadingView.NoteView cutRound(Clearance clearance) {
    boolean touches =
        clearance instanceof Clearance.Lands
            || clearance instanceof Clearance.Clear c && c.byMm() < TOUCHES_MM;
    return touches
        ? fine(Words.say("note.cutRound", Words.lower(clearance.keepOut().name())))
        : clearance(clearance);
  }

  private ReadingView.NoteView clearance(Clearance clearance) {
    String name = Words.lower(clearance.keepOut().name());
    return switch (clearance) {
      case Clearance.Clear clear ->
          Double.isFinite(clear.byMm())
              ? tape.divisionsIn(clear.byMm()) == 0
                  ? look(Words.say("clear.touches", name))
                  : fine(Words.say("clear.by", name, tape.show(clear.byMm())))
              : fine(Words.say("clear.far", name));
      case Clearance.Lands lands ->
          stop(
              lands.items() == 1
                  ? Words.say("clear.lands.one", name)
                  : Words.say("clear.lands.many", name, lands.items()));
    };
  }

  /** What falls into a gap, or has to go round a step. */
  private ReadingView.NoteView crossing(BreakCrossing crossing) {
    String name = Words.lower(crossing.broken().name());
    boolean one = crossing.items().size() == 1;
    String which = one ? "" + crossing.items().getFirst() : "" + crossing.items().size();
    String key = one ? "crossing.one" : "crossing.many";
    String said = Words.say(key, which, name);
    if (Tolerance.EXACT.greater(crossing.lostMm2(), 0)) {
      said += " " + Words.say("crossing.gap", Words.smallArea(crossing.lostMm2()));
    }
    if (crossing.broken().stepMm() > 0) {
      said += " " + Words.say("crossing.step", tape.show(crossing.broken().stepMm()));
    }
    return look(said);
  }

  static ReadingView.NoteView fine(String text) {
    return new ReadingView.NoteView(ReadingView.NoteLevel.FINE, text);
  }

  static ReadingView.NoteView look(String text) {
    return new ReadingView.NoteView(ReadingView.NoteLevel.LOOK, text);
  }

  static ReadingView.NoteView stop(String text) {
    return new ReadingView.NoteView(ReadingView.NoteLevel.STOP, text);
  }
}
