package craftmap.server.account;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Faults;
import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.Locale;

/**
 * What somebody gives for an account of their own.
 *
 * @param signIn the name to sign in with
 * @param person the name under which is written down what they do
 */
record Given(String signIn, String person, String password) {
  private static final int SHORTEST_SIGN_IN = 3;
  private static final int LONGEST_SIGN_IN = 60;
  private static final int LONGEST_PERSON = 40;
  private static final int SHORTEST_PASSWORD = 12;

  /** What the hash takes: more of it would not count. */
  private static final int LONGEST_PASSWORD_BYTES = 72;

  private static final int LEAST_LETTERS = 5;

  Given {
    Faults faults = new Faults();
    String name = signIn(signIn);
    String known = stripped(person);
    faults.part(() -> checkSignIn(name));
    faults.part(() -> checkPerson(known));
    faults.part(() -> checkPassword(password, name, known));
    signIn = faults.whole(() -> name);
    person = known;
  }

  /** As it is kept: however it was typed, there is one of it. */
  static String signIn(String typed) {
    return Normalizer.normalize(stripped(typed), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
  }

  private static String stripped(String text) {
    return text == null ? "" : text.strip();
  }

  private static String checkSignIn(String signIn) {
    int length = signIn.length();
    if (length < SHORTEST_SIGN_IN
        || length > LONGEST_SIGN_IN
        || !signIn.matches("[\\p{L}\\p{N}.@_+-]+")) {
      throw new RefusedInput(
          "sign-in-name", given(signIn), said("is-not-accepted"), said("a-sign-in-name"));
    }
    return signIn;
  }

  static String checkPerson(String person) {
    String name = stripped(person);
    if (name.isEmpty() || name.length() > LONGEST_PERSON || name.matches(".*\\p{Cntrl}.*")) {
      throw new RefusedInput(
          "name",
          name.isEmpty() ? said("empty") : given(name),
          said("is-not-accepted"),
          said("a-name-of-1-to-characters", given(LONGEST_PERSON)));
    }
    return name;
  }

  /** Long, and nothing that is tried first. What was typed is never said again. */
  static String checkPassword(String password, String signIn, String person) {
    String typed = password == null ? "" : password;
    if (typed.codePointCount(0, typed.length()) < SHORTEST_PASSWORD) {
      throw refused(said("is-too-short"));
    }
    if (typed.getBytes(StandardCharsets.UTF_8).length > LONGEST_PASSWORD_BYTES) {
      throw refused(said("is-too-long"));
    }
    String plain = typed.toLowerCase(Locale.ROOT);
    boolean ofTheName =
        has(plain, signIn.toLowerCase(Locale.ROOT)) || has(plain, person.toLowerCase(Locale.ROOT));
    if (ofTheName || plain.chars().distinct().count() < LEAST_LETTERS || isCounted(plain)) {
      throw refused(said("is-guessed-soon"));
    }
    return password;
  }

  private static boolean has(String password, String name) {
    return name.length() >= SHORTEST_SIGN_IN && password.contains(name);
  }

  /** Letters or figures one after the other, such as 123456789012 or abcdefghijkl. */
  private static boolean isCounted(String plain) {
    int steps = 0;
    for (int i = 1; i < plain.length(); i++) {
      if (Math.abs(plain.charAt(i) - plain.charAt(i - 1)) <= 1
          || plain.charAt(i - 1) == '9' && plain.charAt(i) == '0') {
        steps++;
      }
    }
    return steps > plain.length() * 3 / 4;
  }

  private static RefusedInput refused(Figure why) {
    return new RefusedInput("password", said("not-shown"), why, said("a-password"));
  }

  /** Never in a log. */
  @Override
  public String toString() {
    return signIn;
  }
}
