package craftmap.server.shelf;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;

/** Who does it, as the page says; nobody signs in yet. */
public final class Person {
  /** Percent-encoded, as names have letters that headers have not. */
  public static final String HEADER = "X-Person";

  private Person() {}

  public static String of(String header) {
    if (header == null) {
      return "";
    }
    try {
      return URLDecoder.decode(header, StandardCharsets.UTF_8).replaceAll("\\p{Cntrl}", "").strip();
    } catch (IllegalArgumentException notEncoded) {
      return "";
    }
  }
}
