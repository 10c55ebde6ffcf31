package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Length;
import craftmap.core.measure.LengthReader;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.supply.StockUnit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;

/** Reads quantities as they are typed: comma or point, with or without their unit. */
public final class Quantities {
  private Quantities() {}

  public static BigDecimal read(Figure field, String text, StockUnit unit, TapeDivision tape) {
    String given = text == null ? "" : text.strip();
    if (unit == StockUnit.MM) {
      Length length = LengthReader.read(field, given, tape.unit());
      return BigDecimal.valueOf(length.mm()).setScale(1, RoundingMode.HALF_UP);
    }
    String sign = unit.show(BigDecimal.TEN).substring(3);
    String plain =
        given
            .toLowerCase(Locale.ENGLISH)
            .replaceFirst("\\s*(" + sign + "|" + sign.replaceFirst("s$", "") + ")$", "")
            .replace(',', '.');
    if (!plain.matches("\\d{1,7}(\\.\\d{1,3})?")) {
      throw new RefusedInput(
          field,
          given.isEmpty() ? said("empty") : given(given.substring(0, Math.min(40, given.length()))),
          switch (unit) {
            case ML -> said("is-not-a-volume");
            case G -> said("is-not-a-weight");
            case SHEETS, PIECES, MM -> said("is-not-a-number");
          },
          unit.isCounted()
              ? said("a-whole-number-such-as-3")
              : said("a-figure-such-as-38-5", given(sign)));
    }
    return new BigDecimal(plain);
  }

  /** A plain decimal figure. */
  public static BigDecimal figure(Figure field, String text, String example) {
    String plain = text == null ? "" : text.strip().replace(',', '.');
    if (!plain.matches("\\d{1,7}(\\.\\d{1,3})?")) {
      throw new RefusedInput(
          field,
          plain.isEmpty() ? said("empty") : given(text),
          said("is-not-a-figure"),
          said("a-figure-such-as", given(example)));
    }
    return new BigDecimal(plain);
  }
}
