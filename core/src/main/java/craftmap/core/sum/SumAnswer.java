package craftmap.core.sum;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The answer to a sum.
 *
 * @param says it in one sentence; none where the best of its ways says it
 * @param lines what else there is to know
 * @param why how it comes about
 * @param mind what to mind
 * @param sketches drawn for each of its ways, or once
 */
public record SumAnswer(
    Optional<Figure.Said> says,
    List<Line> lines,
    List<Figure.Said> why,
    List<Figure.Said> mind,
    Optional<Ways> ways,
    List<Sketch> sketches) {
  public SumAnswer {
    lines = List.copyOf(lines);
    why = List.copyOf(why);
    mind = List.copyOf(mind);
    sketches = List.copyOf(sketches);
  }

  /** A further figure, and what it is. */
  public record Line(Figure.Said label, Figure figure) {}

  /**
   * Several ways to lay something, best first.
   *
   * @param ticks for each way the places to tick along a tape, from its zero; none where there is
   *     no one line to lay it along
   * @param further for each way what else there is to know of it
   * @param lineMm how long the line is that is ticked
   */
  public record Ways(
      List<LayOption> ranked,
      RunWish wish,
      List<List<Double>> ticks,
      List<List<Line>> further,
      double lineMm) {
    public Ways {
      ranked = List.copyOf(ranked);
      ticks = List.copyOf(ticks);
      further = List.copyOf(further);
    }
  }

  static Builder of(Figure.Said says) {
    return new Builder(Optional.of(says));
  }

  static Builder ofWays(Ways ways) {
    Builder builder = new Builder(Optional.empty());
    builder.ways = Optional.of(ways);
    return builder;
  }

  /** Puts an answer together. */
  static final class Builder {
    private final Optional<Figure.Said> says;
    private final List<Line> lines = new ArrayList<>();
    private final List<Figure.Said> why = new ArrayList<>();
    private final List<Figure.Said> mind = new ArrayList<>();
    private Optional<Ways> ways = Optional.empty();

    private Builder(Optional<Figure.Said> says) {
      this.says = says;
    }

    Builder line(Figure.Said label, Figure figure) {
      lines.add(new Line(label, figure));
      return this;
    }

    Builder why(Figure.Said because) {
      why.add(because);
      return this;
    }

    Builder mind(Figure.Said that) {
      mind.add(that);
      return this;
    }

    SumAnswer drawn(Sketch sketch) {
      return drawn(List.of(sketch));
    }

    SumAnswer drawn(List<Sketch> sketches) {
      return new SumAnswer(says, lines, why, mind, ways, sketches);
    }
  }
}
