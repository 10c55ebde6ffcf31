package craftmap.server.writing;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.words.Words;
import java.time.Instant;
import java.util.List;

/**
 * How often a thing was changed: what a person looked at before changing it. It goes out as the
 * ETag and comes back as If-Match.
 */
public record Version(long number) {

  /** From the If-Match header. */
  public static Version of(String ifMatch) {
    String plain = ifMatch.replaceFirst("^W/", "").replace("\"", "");
    if (!plain.matches("\\d{1,18}")) {
      throw new RefusedInput(
          "if-match", given(ifMatch), said("is-no-version"), said("the-etag-of-what-is-changed"));
    }
    return new Version(Long.parseLong(plain));
  }

  public String etag() {
    return "\"" + number + "\"";
  }

  /**
   * Goes on only where nobody else changed it.
   *
   * @param now as which it stands
   * @param name what it is called now
   * @throws Clash where somebody did
   */
  public void check(long now, Instant changedAt, String name) {
    if (now != number) {
      throw new Clash(
          Words.say("clash.thing", name),
          new Clash.Theirs(now, changedAt, List.of(Words.say("clash.thing.changed", name))));
    }
  }
}
