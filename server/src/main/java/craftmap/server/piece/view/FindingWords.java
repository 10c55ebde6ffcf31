package craftmap.server.piece.view;

import craftmap.core.finding.Finding;
import craftmap.core.finding.Mends;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Says what was found: the words of its rule with its figures, as the studio's tape shows them. */
final class FindingWords {
  private final FigureWords words;

  FindingWords(TapeDivision tape) {
    this.words = new FigureWords(tape);
  }

  List<ReadingView.NoteView> notes(List<Finding> findings) {
    return findings.stream().map(this::note).toList();
  }

  ReadingView.NoteView note(Finding finding) {
    boolean mendable = finding.level() != Level.FINE && Mends.mayBeMended(finding.rule());
    return new ReadingView.NoteView(
        ReadingView.NoteLevel.of(finding.level()), finding.rule().id(), text(finding), mendable);
  }

  /** What a note says that no rule found, but the answer to laying something out. */
  static ReadingView.NoteView stop(String rule, String text) {
    return new ReadingView.NoteView(ReadingView.NoteLevel.STOP, rule, text, false);
  }

  String text(Finding finding) {
    List<Object> said = new ArrayList<>();
    String key = key(finding);
    for (Figure figure : finding.figures()) {
      // one that chose the sentence is not said in it again
      if (!(figure instanceof Figure.One one && key.endsWith("." + one.of().name()))) {
        said.add(words.argument(figure));
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
      case RUNS_OFF, HANGS_OVER -> finding.figures().size() == 1 ? key + ".corner" : key;
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
}
