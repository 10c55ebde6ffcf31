package craftmap.core.measure;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a length as it is said at the bench: {@code 17 3/8"}, {@code 17-3/8 in}, {@code 1' 5 3/8"},
 * {@code 17.375in}, {@code ⅜"}, {@code 441mm}, {@code 44.1 cm}, {@code 1.2m}, {@code 44,1 cm}; a
 * bare number takes the studio's unit.
 */
public final class LengthReader {
  private static final Figure EXAMPLES = said("a-length-such-as-17-3-8-1-5");
  private static final int LONGEST_TEXT = 40;

  private static final Map<Character, String> VULGAR =
      Map.ofEntries(
          Map.entry('½', "1/2"),
          Map.entry('¼', "1/4"),
          Map.entry('¾', "3/4"),
          Map.entry('⅛', "1/8"),
          Map.entry('⅜', "3/8"),
          Map.entry('⅝', "5/8"),
          Map.entry('⅞', "7/8"),
          Map.entry('⅓', "1/3"),
          Map.entry('⅔', "2/3"));

  private static final String DECIMAL = "\\d+(?:[.,]\\d+)?|[.,]\\d+";

  /** A whole number with a fraction after a space or a hyphen, a fraction alone, or a decimal. */
  private static final String NUMBER =
      "(?:(?<whole>\\d+)(?:\\s+|\\s*-\\s*)(?<over>\\d+)\\s*/\\s*(?<under>\\d+)"
          + "|(?<aloneOver>\\d+)\\s*/\\s*(?<aloneUnder>\\d+)"
          + "|(?<decimal>"
          + DECIMAL
          + "))";

  private static final Pattern FEET =
      Pattern.compile("(?<feet>" + DECIMAL + ")\\s*(?:'|ft|feet|foot)\\s*(?<rest>.*)");
  private static final Pattern SINGLE =
      Pattern.compile("(?<sign>[-+]?)\\s*" + NUMBER + "\\s*(?<unit>\"|''|in|inch|inches|mm|cm|m)?");

  private LengthReader() {}

  /**
   * Reads {@code text}; the result may be zero or negative, which is for a {@link LengthRange} to
   * judge.
   *
   * @throws RefusedInput when it is not a length
   */
  public static Length read(Figure field, String text, LengthUnit bareUnit) {
    String given = text == null ? "" : text.strip();
    if (given.isEmpty()) {
      throw new RefusedInput(field, said("empty"), said("has-no-length-yet"), EXAMPLES);
    }
    if (given.length() > LONGEST_TEXT) {
      throw new RefusedInput(
          field,
          said("shortened", given(given.substring(0, LONGEST_TEXT))),
          said("is-not-a-length"),
          EXAMPLES);
    }
    String plain = plain(given);
    Matcher feet = FEET.matcher(plain);
    double mm;
    if (feet.matches()) {
      double whole = decimal(feet.group("feet")) * 12 * Length.MM_PER_INCH;
      String rest = feet.group("rest");
      mm = rest.isBlank() ? whole : whole + single(field, given, rest, LengthUnit.INCH, true);
    } else {
      mm = single(field, given, plain, bareUnit, false);
    }
    return Length.ofMm(mm);
  }

  /** Reads and checks in one go. */
  public static Length read(Figure field, String text, LengthUnit bareUnit, LengthRange range) {
    Length read = read(field, text, bareUnit);
    range.check(field, read.mm(), given(text.strip()));
    return read;
  }

  private static double single(
      Figure field, String given, String text, LengthUnit bareUnit, boolean inchesOnly) {
    Matcher m = SINGLE.matcher(text);
    if (!m.matches()) {
      throw new RefusedInput(field, given(given), said("is-not-a-length"), EXAMPLES);
    }
    double number;
    if (m.group("whole") != null) {
      number = decimal(m.group("whole")) + ratio(field, given, m.group("over"), m.group("under"));
    } else if (m.group("aloneOver") != null) {
      number = ratio(field, given, m.group("aloneOver"), m.group("aloneUnder"));
    } else {
      number = decimal(m.group("decimal"));
    }
    double unitMm =
        switch (m.group("unit")) {
          case null -> bareUnit.mm();
          case "mm" -> 1;
          case "cm" -> 10;
          case "m" -> 1000;
          default -> Length.MM_PER_INCH;
        };
    if (inchesOnly && (unitMm != Length.MM_PER_INCH || !m.group("sign").isEmpty())) {
      throw new RefusedInput(field, given(given), said("mixes-feet-with-something-else"), EXAMPLES);
    }
    return (m.group("sign").equals("-") ? -number : number) * unitMm;
  }

  private static double ratio(Figure field, String given, String over, String under) {
    double divisor = decimal(under);
    if (divisor == 0) {
      throw new RefusedInput(field, given(given), said("divides-by-nothing"), EXAMPLES);
    }
    return decimal(over) / divisor;
  }

  private static double decimal(String digits) {
    return Double.parseDouble(digits.replace(',', '.'));
  }

  private static String plain(String given) {
    StringBuilder out = new StringBuilder();
    for (char c : given.toLowerCase(Locale.ROOT).toCharArray()) {
      String vulgar = VULGAR.get(c);
      if (vulgar != null) {
        out.append(' ').append(vulgar);
      } else {
        out.append(
            switch (c) {
              case '″', '”', '“' -> '"';
              case '′', '’', '‘' -> '\'';
              case '⁄' -> '/';
              case '−', '–' -> '-';
              case '\u00a0', '\u202f', '\u2009' -> ' ';
              default -> c;
            });
      }
    }
    return out.toString().strip();
  }
}
