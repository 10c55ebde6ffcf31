package craftmap.server.piece;

import craftmap.core.finding.Figure;
import craftmap.core.finding.Finding;
import craftmap.core.finding.Level;
import craftmap.core.finding.Mends;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.TapeDivision;
import craftmap.core.surface.Edge;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Says what was found: the words of its rule with its figures, as the studio's tape shows them. */
final class FindingWords {
  private static final double MM_PER_FOOT = 304.8;

  private final TapeDivision tape;

  FindingWords(TapeDivision tape) {
    this.tape = tape;
  }

  List<ReadingView.NoteView> notes(List<Finding> findings) {
    return findings.stream().map(this::note).toList();
  }

  ReadingView.NoteView note(Finding finding) {
    boolean mendable = finding.level() != Level.FINE && Mends.mayBeMended(finding.rule());
    return new ReadingView.NoteView(
        level(finding.level()), finding.rule().id(), text(finding), mendable);
  }

  /** What a note says that no rule found, but the answer to laying something out. */
  static ReadingView.NoteView stop(String rule, String text) {
    return new ReadingView.NoteView(ReadingView.NoteLevel.STOP, rule, text, false);
  }

  private static ReadingView.NoteLevel level(Level level) {
    return switch (level) {
      case FINE -> ReadingView.NoteLevel.FINE;
      case TIP, RISK -> ReadingView.NoteLevel.LOOK;
      case STOP -> ReadingView.NoteLevel.STOP;
    };
  }

  String text(Finding finding) {
    List<Object> said = new ArrayList<>();
    String key = key(finding);
    for (Figure figure : finding.figures()) {
      // one that chose the sentence is not said in it again
      if (!(figure instanceof Figure.One one && key.endsWith("." + one.of().name()))) {
        said.add(said(figure));
      }
    }
    String text = Words.say(key, said.toArray());
    // a sentence may begin with what an artist called something
    return text.substring(0, 1).toUpperCase(Locale.ENGLISH) + text.substring(1);
  }

  /** A rule has one sentence, but where one of its figures is missing or chooses among a few. */
  private static String key(Finding finding) {
    String key = "finding." + finding.rule().id();
    return switch (finding.rule()) {
      case BEND_TOO_TIGHT -> finding.figures().size() == 1 ? key + ".never" : key;
      case SEAM_JOIN, MOULDING_GLUE ->
          finding.figures().getFirst() instanceof Figure.One one ? key + "." + one.of() : key;
      case DATUM_DEPARTS ->
          finding.figures().get(1) instanceof Figure.Departs d && d.mm() < 0
              ? key + ".towards"
              : key + ".away";
      default -> key;
    };
  }

  private Object said(Figure figure) {
    return switch (figure) {
      case Figure.Length l -> tape.show(l.mm());
      case Figure.FineLength l -> Words.fineMm(l.mm());
      case Figure.Difference d -> (d.mm() > 0 ? "+" : "") + fine(tape, d.mm());
      case Figure.Departs d -> fine(tape, Math.abs(d.mm()));
      case Figure.Slope s -> perLength(Math.abs(s.mmPerMetre()));
      case Figure.Lengths l -> l.mm().stream().map(tape::show).collect(Collectors.joining(", "));
      case Figure.Area a -> Words.smallArea(a.mm2());
      case Figure.Share s -> Words.percent(s.share());
      case Figure.Count c -> c.count();
      case Figure.Shift s -> Decimals.show(s.deltaE(), 1);
      case Figure.Shade s -> s.colour().hex();
      case Figure.Named n -> Words.lower(n.name());
      case Figure.Names n -> n.names().stream().distinct().collect(Collectors.joining(", "));
      case Figure.One o -> one(o.of());
    };
  }

  private static String one(Enum<?> of) {
    return of instanceof Edge edge ? Words.say("edge", edge) : of.name();
  }

  /** A run-out for each foot, or for each metre. */
  private String perLength(double mmPerMetre) {
    return tape.unit() == LengthUnit.INCH
        ? Words.say("square.perFoot", fine(tape, mmPerMetre * MM_PER_FOOT / 1000))
        : Words.say("square.perMetre", Decimals.show(mmPerMetre, 1));
  }

  /** Differences are smaller than what a tape shows well: an inch tape reads them in 32nds. */
  static String fine(TapeDivision tape, double mm) {
    return switch (tape.unit()) {
      case INCH -> TapeDivision.INCH_32.show(mm);
      case MM -> TapeDivision.MM_HALF.show(mm);
      case CM -> TapeDivision.CM_TENTH.show(mm);
    };
  }
}
