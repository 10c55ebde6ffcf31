package craftmap.core.medium;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.StockUnit;

/**
 * A wet product as its label describes it, in the parts a label has. What the label has not been
 * read for takes the value that is typical of its kind.
 */
public record Medium(
    String id, String name, Kind kind, Coverage coverage, Drying drying, Mixing mixing, Wear wear) {
  private static final int LONGEST_NAME = 80;

  public Medium {
    name = name == null ? "" : name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          name.isEmpty() ? said("empty") : said("characters", count(name.length())),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
  }

  /** The medium that its label makes, over what is typical of its kind. */
  public static Medium read(String id, String name, GenericMedium typical, MeasureSheet label) {
    Medium t = typical.medium();
    return label.make(
        () ->
            new Medium(
                id,
                name,
                Kind.read(label, t.kind),
                Coverage.read(label, t.coverage),
                Drying.read(label, t.drying),
                Mixing.read(label, t.mixing),
                Wear.read(label, t.wear)));
  }

  /** The same in another colour. */
  public Medium in(Colour colour) {
    return new Medium(id, name, kind, coverage.in(colour), drying, mixing, wear);
  }

  /** The same where one coat hides another share. */
  public Medium hiding(double share) {
    return new Medium(id, name, kind, coverage.hiding(share), drying, mixing, wear);
  }

  /** The same where it dries otherwise. */
  public Medium drying(Drying other) {
    return new Medium(id, name, kind, coverage, other, mixing, wear);
  }

  /** What pots of it are counted in. */
  public StockUnit unit() {
    return kind.soldBy() == SoldBy.WEIGHT ? StockUnit.G : StockUnit.ML;
  }

  /** A volume in what pots of it are counted in. */
  public double inItsUnit(double ml) {
    return unit() == StockUnit.G ? ml * mixing.densityGPerMl() : ml;
  }

  /** What a plan that draws on a pot of it has to know. */
  public PotLabel label(String potId) {
    return new PotLabel(
        potId,
        id,
        name,
        kind.role(),
        kind.alsoRole(),
        kind.base(),
        coverage.colour(),
        coverage.spreadM2PerLitre());
  }
}
