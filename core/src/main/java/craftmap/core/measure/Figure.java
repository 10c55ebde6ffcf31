package craftmap.core.measure;

import java.time.Duration;
import java.util.List;

/**
 * What something is told by: measures, names, and what is said by a code. The core says what is the
 * case; the words, and the units of the studio, are put to it where it is shown.
 */
public sealed interface Figure {
  /** A length as the tape shows it. */
  record Length(double mm) implements Figure {}

  /** A length as exactly as it has to be: what is refused by a tenth is not told as accepted. */
  record ExactLength(double mm) implements Figure {
    @Override
    public String toString() {
      return mm + " mm";
    }
  }

  /**
   * An end of what is accepted: shown so that what is shown is accepted.
   *
   * @param most the upper end
   */
  record LengthBound(double mm, boolean most) implements Figure {
    @Override
    public String toString() {
      return mm + " mm";
    }
  }

  /** One that is smaller than what a tape shows well. */
  record FineLength(double mm) implements Figure {}

  /** A difference, shown with its sign. */
  record Difference(double mm) implements Figure {}

  /** By how much an edge departs: away above 0, towards below. */
  record Departs(double mm) implements Figure {}

  /** How much something departs over a length. */
  record Slope(double mmPerMetre) implements Figure {}

  /** A length off a roll: beyond an arm's reach it is told as it is bought. */
  record LongLength(double mm) implements Figure {}

  record Lengths(List<Double> mm) implements Figure {
    public Lengths {
      mm = List.copyOf(mm);
    }
  }

  record Volume(double ml) implements Figure {}

  record Area(double mm2) implements Figure {}

  /** The area of something large. */
  record WideArea(double mm2) implements Figure {}

  record Angle(double deg) implements Figure {}

  record Time(Duration time) implements Figure {}

  /** So many times something. */
  record Times(double times) implements Figure {}

  /** A sum of money, in hundredths of its unit. */
  record Worth(long minor, String currency) implements Figure {}

  /** A figure with a unit of its own. */
  record Amount(double amount, int places, String unit) implements Figure {}

  /** From 0 to 1. */
  record Share(double share) implements Figure {}

  record Count(int count) implements Figure {
    @Override
    public String toString() {
      return "" + count;
    }
  }

  /** How far two colours are apart for the eye, by CIEDE2000. */
  record Shift(double deltaE) implements Figure {}

  /** A colour as six figures behind a hash. */
  record Shade(String hex) implements Figure {}

  /** What an artist called it. */
  record Named(String name) implements Figure {}

  record Names(List<String> names) implements Figure {
    public Names {
      names = List.copyOf(names);
    }
  }

  /** One of a few things with words of their own, such as an edge or a glue. */
  record One(Enum<?> of) implements Figure {}

  /** What may be chosen among, by the names of their constants. */
  record Among(List<String> choices) implements Figure {
    public Among {
      choices = List.copyOf(choices);
    }

    @Override
    public String toString() {
      return String.join(", ", choices);
    }
  }

  /** As it was given, or as it stands in a file: not ours to put into words. */
  record Given(String text) implements Figure {
    @Override
    public String toString() {
      return text;
    }
  }

  /**
   * Words that are kept elsewhere under a code.
   *
   * @param code short and stable: words in small letters with hyphens
   * @param figures in the order in which the words take them
   */
  record Said(String code, List<Figure> figures) implements Figure {
    public Said {
      figures = List.copyOf(figures);
    }

    @Override
    public String toString() {
      return figures.isEmpty() ? code : code + " " + figures;
    }
  }

  static Said said(String code, Figure... figures) {
    return new Said(code, List.of(figures));
  }

  static Given given(Object as) {
    return new Given(String.valueOf(as));
  }

  static Count count(int count) {
    return new Count(count);
  }

  static ExactLength mm(double mm) {
    return new ExactLength(mm);
  }
}
