package craftmap.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Something that is told once and never kept: only what it hashes to is. It is drawn by lot and too
 * long to be tried, so that a plain hash gives nothing away.
 */
public record Secret(String text) {
  /** Without those that are mistaken for another when they are read from paper. */
  private static final String LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

  private static final int BYTES_OF_A_LINK = 32;
  private static final int GROUPS = 4;
  private static final int LETTERS_OF_A_GROUP = 4;

  /** Those that make no words. */
  private static final String CONSONANTS = "BCDFGHJKLMNPQRSTVWXZ";

  private static final int LETTERS_TO_TYPE = 6;
  private static final SecureRandom LOTS = new SecureRandom();

  /** For a link: 256 bits. */
  public static Secret forLink() {
    byte[] bytes = new byte[BYTES_OF_A_LINK];
    LOTS.nextBytes(bytes);
    return new Secret(Base64.getUrlEncoder().withoutPadding().encodeToString(bytes));
  }

  /** To be written down on paper: 79 bits, in groups. */
  public static Secret forPaper() {
    return new Secret(
        IntStream.range(0, GROUPS).mapToObj(_ -> group()).collect(Collectors.joining("-")));
  }

  /**
   * To be typed within minutes: 26 bits, six letters. What it opens has to count how often it is
   * tried.
   */
  public static Secret forTyping() {
    return new Secret(drawn(CONSONANTS, LETTERS_TO_TYPE));
  }

  /** As it was typed, with or without spaces, large or small. */
  public static Secret fromTyping(String typed) {
    return new Secret(typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z]", ""));
  }

  private static String group() {
    return drawn(LETTERS, LETTERS_OF_A_GROUP);
  }

  private static String drawn(String among, int letters) {
    return LOTS.ints(letters, 0, among.length())
        .mapToObj(i -> "" + among.charAt(i))
        .collect(Collectors.joining());
  }

  /** From paper, however it was typed. */
  public static Secret fromPaper(String typed) {
    String bare = typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    return new Secret(bare.replaceAll("(.{4})(?=.)", "$1-"));
  }

  public String hash() {
    try {
      byte[] hash =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(hash);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("impossible state: every Java has SHA-256", e);
    }
  }

  /** Never in a log. */
  @Override
  public String toString() {
    return "a secret";
  }
}
