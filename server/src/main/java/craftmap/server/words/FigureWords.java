package craftmap.server.words;

import craftmap.core.design.Rights;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Role;
import craftmap.core.money.Money;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.outline.Edge;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Puts figures into words, as the studio's tape shows them. */
public record FigureWords(TapeDivision tape) {
  private static final double MM_PER_FOOT = 304.8;

  /** Smaller areas are told in square centimetres. */
  private static final double SMALL_MM2 = 10_000;

  /** From here on metres and feet are told. */
  private static final double LONG_MM = 3000;

  /** A figure as an argument of a message. */
  public Object argument(Figure figure) {
    return figure instanceof Figure.Count(int count) ? count : text(figure);
  }

  public String text(Figure figure) {
    return switch (figure) {
      case Figure.Length l -> tape.show(l.mm());
      case Figure.ExactLength l -> exact(l.mm(), RoundingMode.HALF_UP);
      case Figure.LengthBound b ->
          exact(b.mm(), b.most() ? RoundingMode.FLOOR : RoundingMode.CEILING);
      case Figure.FineLength l -> Words.fineMm(l.mm());
      case Figure.Difference d -> (d.mm() > 0 ? "+" : "") + fine(d.mm());
      case Figure.Departs d -> fine(Math.abs(d.mm()));
      case Figure.Slope s -> perLength(Math.abs(s.mmPerMetre()));
      case Figure.LongLength l -> Measure.longText(l.mm(), tape);
      case Figure.Lengths l -> l.mm().stream().map(tape::show).collect(Collectors.joining(", "));
      case Figure.Volume v -> Words.millilitres(v.ml());
      case Figure.Area a -> Words.smallArea(a.mm2());
      case Figure.WideArea a ->
          a.mm2() < SMALL_MM2 ? Words.smallArea(a.mm2()) : Words.squareMetres(a.mm2());
      case Figure.Angle a -> Decimals.show(a.deg(), 2) + "°";
      case Figure.Time t -> Words.time(t.time());
      case Figure.Times t -> Decimals.show(t.times(), 2);
      case Figure.Worth w -> new Money(w.minor(), w.currency()).show();
      case Figure.Amount a ->
          Decimals.show(a.amount(), a.places()) + (a.unit().isEmpty() ? "" : " " + a.unit());
      case Figure.Share s -> Words.percent(s.share());
      case Figure.Count c -> "" + c.count();
      case Figure.Shift s -> Decimals.show(s.deltaE(), 1);
      case Figure.Shade s -> s.hex();
      case Figure.Named n -> Words.lower(n.name());
      case Figure.Names n -> n.names().stream().distinct().collect(Collectors.joining(", "));
      case Figure.One o -> one(o.of());
      case Figure.Among a ->
          a.choices().stream()
              .map(c -> Words.orElse("choice." + c, plain(c)))
              .collect(Collectors.joining(", "));
      case Figure.Given g -> g.text();
      case Figure.Said s -> said(s);
    };
  }

  private String said(Figure.Said said) {
    return Words.say("said." + said.code(), arguments(said.figures()));
  }

  /** Everything that is wrong, a sentence for each. */
  public String refusal(RefusedInput refused) {
    return refused.faults().stream().map(this::sentence).collect(Collectors.joining(" "));
  }

  public String sentence(RefusedInput.Fault fault) {
    return Words.say(
        "refused",
        text(fault.field()),
        text(fault.value()),
        text(fault.fault()),
        text(fault.accepted()));
  }

  private static String one(Enum<?> of) {
    return switch (of) {
      case Edge edge -> Words.say("edge", edge);
      case Role role -> Words.say("choice", role);
      case Rights rights -> Words.say("rights", rights);
      case MakeUp makeUp -> Words.lower(Words.say("makeUp", makeUp));
      case Exposure exposure -> Words.say("exposure", exposure);
      default -> of.name();
    };
  }

  private static String plain(String constant) {
    return constant.replace('_', ' ').toLowerCase(Locale.ENGLISH);
  }

  /** By decimals of the tape's unit: what is said to be accepted is accepted as it is said. */
  private String exact(double mm, RoundingMode rounding) {
    if (mm == 0) {
      return "0";
    }
    boolean isLong = Math.abs(mm) >= LONG_MM;
    return switch (tape.unit()) {
      case INCH ->
          isLong
              ? Decimals.show(mm / MM_PER_FOOT, 2, rounding) + " ft"
              : Decimals.show(mm / LengthUnit.INCH.mm(), 3, rounding) + "\"";
      case CM ->
          isLong
              ? Decimals.show(mm / 1000, 3, rounding) + " m"
              : Decimals.show(mm / 10, 3, rounding) + " cm";
      case MM ->
          isLong
              ? Decimals.show(mm / 1000, 3, rounding) + " m"
              : Decimals.show(mm, 2, rounding) + " mm";
    };
  }

  /** Differences are smaller than what a tape shows well: an inch tape reads them in 32nds. */
  public String fine(double mm) {
    return switch (tape.unit()) {
      case INCH -> TapeDivision.INCH_32.show(mm);
      case MM -> TapeDivision.MM_HALF.show(mm);
      case CM -> TapeDivision.CM_TENTH.show(mm);
    };
  }

  /** A run-out for each foot, or for each metre. */
  private String perLength(double mmPerMetre) {
    return tape.unit() == LengthUnit.INCH
        ? Words.say("square.perFoot", fine(mmPerMetre * MM_PER_FOOT / 1000))
        : Words.say("square.perMetre", Decimals.show(mmPerMetre, 1));
  }

  /** Several as arguments. */
  private Object[] arguments(List<Figure> figures) {
    return figures.stream().map(this::argument).toArray();
  }
}
