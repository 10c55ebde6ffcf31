package craftmap.core.supply;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.Locale;

/**
 * The short code on a label, such as {@code 2KF-7}. Figures and letters that are read for one
 * another are not used, and the last sign checks the others: one wrong sign, or two neighbours
 * swapped, is always noticed.
 */
public record ShelfCode(String text) {
  /** 29 signs, a prime number, so that the check finds every single slip. */
  private static final String SIGNS = "23456789ABCDEFGHJKLMNPQRTUVWX";

  private static final int LEAST_SIGNS = 3;

  /** The code of a running number from 1. */
  public static ShelfCode of(long number) {
    if (number < 1) {
      throw new IllegalArgumentException("impossible state: shelf number " + number);
    }
    StringBuilder out = new StringBuilder();
    for (long n = number; n > 0 || out.length() < LEAST_SIGNS; n /= SIGNS.length()) {
      out.insert(0, SIGNS.charAt((int) (n % SIGNS.length())));
    }
    String body = out.toString();
    return new ShelfCode(body + "-" + check(body));
  }

  /** Whether the text looks like a code, right or wrong. */
  public static boolean looksLike(String text) {
    String plain = plain(text);
    return plain.length() > LEAST_SIGNS
        && plain.length() <= 7
        && plain.chars().allMatch(c -> SIGNS.indexOf(c) >= 0);
  }

  /**
   * Reads a code as it was typed or scanned.
   *
   * @throws RefusedInput when it is none, or was mistyped
   */
  public static ShelfCode read(String text) {
    String plain = plain(text);
    if (!looksLike(text)) {
      throw new RefusedInput(
          "code", given(text), said("is-no-code-from-a-label"), said("a-code-such-as-22k-7"));
    }
    String body = plain.substring(0, plain.length() - 1);
    if (check(body) != plain.charAt(plain.length() - 1)) {
      throw new RefusedInput(
          "code",
          given(text),
          said("has-a-slip-in-it"),
          said("the-code-as-it-stands-on-the-label"));
    }
    return new ShelfCode(body + "-" + check(body));
  }

  /** The running number it stands for. */
  public long number() {
    long number = 0;
    for (char c : text.substring(0, text.indexOf('-')).toCharArray()) {
      number = number * SIGNS.length() + SIGNS.indexOf(c);
    }
    return number;
  }

  private static String plain(String text) {
    return text.strip().toUpperCase(Locale.ENGLISH).replace("-", "").replace(" ", "");
  }

  /** Weights 2, 3, 4… modulo a prime tell apart any single slip and any swap of neighbours. */
  private static char check(String body) {
    int sum = 0;
    for (int i = 0; i < body.length(); i++) {
      sum += (body.length() - i + 1) * SIGNS.indexOf(body.charAt(i));
    }
    return SIGNS.charAt(sum % SIGNS.length());
  }
}
