package craftmap.core.medium;

import craftmap.core.colour.Colour;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.util.Optional;

/**
 * A wet product as its label describes it. What the label has not been read for takes the value
 * that is typical of its kind.
 *
 * @param alsoRole a second thing it is used as
 * @param spreadM2PerLitre area that a litre covers once
 * @param recoatToMin the end of the recoat window; none where it stays open
 * @param potLifeMin how long a mix can be used; none where nothing is mixed
 * @param dilutionPercent most water or thinner that may be added
 */
public record Medium(
    String id,
    String name,
    Role role,
    Optional<Role> alsoRole,
    Base base,
    Sheen sheen,
    SoldBy soldBy,
    double spreadM2PerLitre,
    int coats,
    double touchDryMin,
    double recoatFromMin,
    Optional<Double> recoatToMin,
    double cureMin,
    Optional<Double> openTimeMin,
    Optional<Double> potLifeMin,
    Optional<Mix> mix,
    double dilutionPercent,
    double densityGPerMl,
    double minimumCelsius,
    boolean sandable,
    boolean needsSeal,
    WaterResistance water,
    Hiding hiding,
    Colour colour) {
  private static final FigureRange PARTS = new FigureRange("parts", 0, 100, 2);
  private static final int LONGEST_NAME = 80;
  private static final double MINUTES_PER_HOUR = 60;
  private static final FigureRange HOURS = new FigureRange("h", 0, 24 * 90, 1);

  public Medium {
    name = name == null ? "" : name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "Name",
          name.isEmpty() ? "empty" : name.length() + " characters",
          "cannot be used",
          "a name of 1 to " + LONGEST_NAME + " characters");
    }
    if (recoatToMin.isPresent() && recoatToMin.get() < recoatFromMin) {
      throw new RefusedInput(
          "Recoat until",
          FigureRange.MINUTES.show(recoatToMin.get()),
          "is before the coat may be gone over",
          "0 for no end, or at least " + FigureRange.MINUTES.show(recoatFromMin));
    }
  }

  /** The medium that its label makes, over what is typical of its kind. */
  public static Medium read(String id, String name, GenericMedium typical, MeasureSheet label) {
    return label.make(() -> made(id, name, typical, label));
  }

  private static Medium made(String id, String name, GenericMedium typical, MeasureSheet label) {
    Medium t = typical.medium();
    Role role = label.choice("role", "Used as", t.role);
    Base base = label.choice("base", "Base", t.base);
    Sheen sheen = label.choice("sheen", "Sheen", t.sheen);
    SoldBy soldBy = label.choice("soldBy", "Sold by", t.soldBy);
    Colour colour = new Colour(label.colour("colour", "Colour when dry", t.colour.hex()));
    double spread = label.figure("spread", "Spread", t.spreadM2PerLitre, FigureRange.SPREAD);
    int coats = label.count("coats", "Coats, usually", t.coats, 1, 12);
    double touch = label.figure("touchDry", "Touch-dry after", t.touchDryMin, FigureRange.MINUTES);
    double from =
        label.figure("recoatFrom", "Next coat after", t.recoatFromMin, FigureRange.MINUTES);
    Optional<Double> to =
        maybe(
            label.figure(
                "recoatTo",
                "Next coat no later than; 0 for no end",
                t.recoatToMin.orElse(0.0),
                FigureRange.MINUTES));
    double cure =
        label.figure("cure", "Cured after", t.cureMin / MINUTES_PER_HOUR, HOURS) * MINUTES_PER_HOUR;
    Optional<Double> open =
        maybe(
            label.figure(
                "openTime",
                "Open time; 0 for none",
                t.openTimeMin.orElse(0.0),
                FigureRange.MINUTES));
    double partB =
        label.figure("partB", "Second part; 0 for none", t.mix.map(Mix::partB).orElse(0.0), PARTS);
    double partA = label.figure("partA", "First part", t.mix.map(Mix::partA).orElse(1.0), PARTS);
    SoldBy mixedBy = label.choice("mixedBy", "Parts by", t.mix.map(Mix::by).orElse(SoldBy.VOLUME));
    if (partB > 0 && partA == 0) {
      throw new RefusedInput("First part", "0 parts", "is no mix", "above 0 parts");
    }
    Optional<Double> potLife =
        maybe(
            label.figure(
                "potLife", "Pot life; 0 for none", t.potLifeMin.orElse(0.0), FigureRange.MINUTES));
    return new Medium(
        id,
        name,
        role,
        t.alsoRole.filter(r -> r != role),
        base,
        sheen,
        soldBy,
        spread,
        coats,
        touch,
        from,
        to,
        cure,
        open,
        potLife,
        partB > 0 ? Optional.of(new Mix(partA, partB, mixedBy)) : Optional.empty(),
        label.figure("dilution", "Thinned by at most", t.dilutionPercent, FigureRange.PERCENT),
        label.figure("density", "Density", t.densityGPerMl, FigureRange.DENSITY),
        label.figure("minimum", "No colder than", t.minimumCelsius, FigureRange.CELSIUS),
        label.yes("sandable", "May be sanded", t.sandable),
        label.yes("needsSeal", "Needs a seal", t.needsSeal),
        label.choice("water", "Bears water", t.water),
        label.choice("hiding", "Hides", t.hiding),
        colour);
  }

  private static Optional<Double> maybe(double minutes) {
    return minutes == 0 ? Optional.empty() : Optional.of(minutes);
  }

  /** What a litre or its weight covers, as a paint on a plan needs it. */
  public Paint asPaint(String id) {
    return new Paint(id, name, colour, spreadM2PerLitre);
  }
}
