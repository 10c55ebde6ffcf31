package craftmap.core.finding;

import craftmap.core.colour.Colour;
import java.util.List;

/** What a finding tells by: measures and names, of which words are made elsewhere. */
public sealed interface Figure {
  /** A length as the tape shows it. */
  record Length(double mm) implements Figure {}

  /** One that is smaller than what a tape shows well. */
  record FineLength(double mm) implements Figure {}

  /** A difference, shown with its sign. */
  record Difference(double mm) implements Figure {}

  /** By how much an edge departs: away above 0, towards below. */
  record Departs(double mm) implements Figure {}

  /** How much something departs over a length. */
  record Slope(double mmPerMetre) implements Figure {}

  record Lengths(List<Double> mm) implements Figure {
    public Lengths {
      mm = List.copyOf(mm);
    }
  }

  record Area(double mm2) implements Figure {}

  /** From 0 to 1. */
  record Share(double share) implements Figure {}

  record Count(int count) implements Figure {}

  /** How far two colours are apart for the eye, by CIEDE2000. */
  record Shift(double deltaE) implements Figure {}

  record Shade(Colour colour) implements Figure {}

  /** What an artist called it. */
  record Named(String name) implements Figure {}

  record Names(List<String> names) implements Figure {
    public Names {
      names = List.copyOf(names);
    }
  }

  /** One of a few things with words of their own, such as an edge or a glue. */
  record One(Enum<?> of) implements Figure {}
}
