package craftmap.core.measure;

/** What rows, cuts and joints are called, so that each has a name of its own. */
public final class Letters {
  private static final int IN_THE_ALPHABET = 26;

  private Letters() {}

  /**
   * A to Z, then AA, AB and so on.
   *
   * @param number from 0
   */
  public static String of(int number) {
    String last = Character.toString('A' + number % IN_THE_ALPHABET);
    return number < IN_THE_ALPHABET ? last : of(number / IN_THE_ALPHABET - 1) + last;
  }
}
