package craftmap.server.sums;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Point;
import craftmap.core.sum.Sketch;
import craftmap.core.sum.SumAnswer;
import craftmap.core.sum.SumKind;
import craftmap.server.fields.FieldViews;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.OptionWords;
import craftmap.server.piece.view.SetOutViews;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Puts sums and their answers into words. */
final class SumViews {
  /** A field's place in a line of words. */
  private static final Pattern FIELD = Pattern.compile("\\[(\\w+)]");

  private final TapeDivision tape;
  private final FigureWords words;

  SumViews(TapeDivision tape) {
    this.tape = tape;
    this.words = new FigureWords(tape);
  }

  SumView view(SumKind kind, List<MeasureSheet.Entry> entries, SumAnswer answer, int way) {
    List<LayView.OptionView> ways = ways(kind, answer);
    int chosen = ways.isEmpty() ? 0 : Math.clamp(way, 0, ways.size() - 1);
    SetOut ticks =
        SetOut.fromDatum(answer.ways().map(w -> w.ticks().get(chosen)).orElse(List.of()), tape);
    boolean ticked = !ticks.marks().isEmpty();
    String says =
        answer
            .says()
            .map(words::text)
            .orElseGet(() -> ways.get(chosen).title() + " · " + ways.get(chosen).detail());
    List<SumView.SumLineView> lines =
        Stream.concat(
                answer.lines().stream(),
                answer.ways().map(w -> w.further().get(chosen)).orElse(List.of()).stream())
            .map(
                l ->
                    new SumView.SumLineView(
                        Words.capital(words.text(l.label())), words.text(l.figure())))
            .toList();
    List<String> why = answer.why().stream().map(words::text).toList();
    List<String> mind = answer.mind().stream().map(words::text).toList();
    List<LayView.MarkView> marks =
        ticks.marks().stream().map(m -> SetOutViews.mark(m, tape)).toList();
    return new SumView(
        kind,
        kind.chapter(),
        Words.say("sum.chapter", kind.chapter()),
        Words.say("sum", kind),
        line(kind),
        FieldViews.of(entries, tape),
        says,
        lines,
        ways,
        chosen,
        marks,
        ticked ? SetOutViews.rounding(ticks.largestErrorMm(), tape) : null,
        ticked ? Measure.of(answer.ways().orElseThrow().lineMm(), tape) : null,
        answer.sketches().isEmpty()
            ? null
            : sketch(answer.sketches().get(Math.min(chosen, answer.sketches().size() - 1))),
        why,
        mind,
        text(kind, entries, says, lines, marks, Stream.concat(why.stream(), mind.stream())));
  }

  private List<LayView.OptionView> ways(SumKind kind, SumAnswer answer) {
    return answer.ways().stream()
        .flatMap(
            ways -> {
              OptionWords said =
                  OptionWords.bare(tape, ways.wish(), Words.say("sum.motif"), kind == SumKind.RING);
              return ways.ranked().stream()
                  .map((Function<LayOption, LayView.OptionView>) said::view);
            })
        .toList();
  }

  // ---- the question

  private static List<SumView.LinePartView> line(SumKind kind) {
    String line = line(kind, key -> "[" + key + "]");
    List<SumView.LinePartView> parts = new ArrayList<>();
    Matcher field = FIELD.matcher(line);
    int from = 0;
    while (field.find()) {
      if (field.start() > from) {
        parts.add(new SumView.LinePartView(line.substring(from, field.start()), null));
      }
      parts.add(new SumView.LinePartView(null, field.group(1)));
      from = field.end();
    }
    if (from < line.length()) {
      parts.add(new SumView.LinePartView(line.substring(from), null));
    }
    return parts;
  }

  private static String line(SumKind kind, Function<String, String> filled) {
    return FIELD
        .matcher(Words.say("sum." + kind.name() + ".line"))
        .replaceAll(m -> Matcher.quoteReplacement(filled.apply(m.group(1))));
  }

  /** As one would write it down. */
  private String text(
      SumKind kind,
      List<MeasureSheet.Entry> entries,
      String says,
      List<SumView.SumLineView> lines,
      List<LayView.MarkView> marks,
      Stream<String> notes) {
    Map<String, String> filled =
        entries.stream()
            .collect(Collectors.toMap(MeasureSheet.Entry::key, e -> FieldViews.text(e, tape)));
    String question = line(kind, key -> filled.getOrDefault(key, ""));
    List<String> all = new ArrayList<>(List.of(Words.say("sum", kind), question));
    entries.stream()
        .filter(e -> !Words.say("sum." + kind.name() + ".line").contains("[" + e.key() + "]"))
        .forEach(e -> all.add(FieldViews.label(e, tape) + ": " + FieldViews.text(e, tape)));
    all.add("= " + says);
    lines.forEach(l -> all.add(l.label() + ": " + l.text()));
    if (!marks.isEmpty()) {
      all.add(
          Words.say("sum.ticks")
              + ": "
              + marks.stream().map(LayView.MarkView::text).collect(Collectors.joining(", ")));
    }
    notes.forEach(all::add);
    return String.join("\n", all);
  }

  // ---- the drawing

  private SumView.SketchView sketch(Sketch sketch) {
    List<Point> points =
        Stream.concat(
                sketch.shapes().stream().flatMap(s -> s.points().stream()),
                sketch.notes().stream().map(Sketch.Note::at))
            .toList();
    double left = points.stream().mapToDouble(Point::xMm).min().orElse(0);
    double top = points.stream().mapToDouble(Point::yMm).min().orElse(0);
    double right = points.stream().mapToDouble(Point::xMm).max().orElse(1);
    double bottom = points.stream().mapToDouble(Point::yMm).max().orElse(1);
    return new SumView.SketchView(
        left,
        top,
        Math.max(1, right - left),
        Math.max(1, bottom - top),
        sketch.shapes().stream().map(SumViews::shape).toList(),
        sketch.notes().stream().map(this::note).toList());
  }

  private static SumView.SketchShapeView shape(Sketch.Shape shape) {
    StringBuilder path = new StringBuilder();
    for (Point p : shape.points()) {
      path.append(path.isEmpty() ? "M" : "L")
          .append(Decimals.show(p.xMm(), 2))
          .append(' ')
          .append(Decimals.show(p.yMm(), 2));
    }
    return new SumView.SketchShapeView(
        shape.role(),
        shape.points().size() > 2 ? path.append('Z').toString() : path.toString(),
        shape.colour().map(c -> c.hex()).orElse(null));
  }

  private SumView.SketchNoteView note(Sketch.Note note) {
    Figure text = note.text();
    return new SumView.SketchNoteView(note.at().xMm(), note.at().yMm(), words.text(text));
  }
}
