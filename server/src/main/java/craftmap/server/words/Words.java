package craftmap.server.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Times;
import java.time.Duration;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/** The catalogue of messages. */
public final class Words {
  private static final ResourceBundle CATALOGUE =
      ResourceBundle.getBundle("craftmap.server.words.words", Locale.ENGLISH);

  /** A full shelf says the same message thousands of times: each is read once. */
  private static final Map<String, MessageFormat> READ = new ConcurrentHashMap<>();

  /** What has no figures in it is always the same. */
  private static final Map<String, String> PLAIN = new ConcurrentHashMap<>();

  private Words() {}

  /** The message under a key; figures among the arguments are already text. */
  public static String say(String key, Object... args) {
    return args.length == 0 ? PLAIN.computeIfAbsent(key, k -> format(k, args)) : format(key, args);
  }

  private static String format(String key, Object... args) {
    for (Object arg : args) {
      if (arg instanceof Figure) {
        throw new IllegalArgumentException(
            key + " is handed a figure that is not in words: " + arg);
      }
    }
    MessageFormat message =
        READ.computeIfAbsent(key, k -> new MessageFormat(CATALOGUE.getString(k), ULocale.ENGLISH));
    // a format remembers what it is at
    synchronized (message) {
      return message.format(args);
    }
  }

  /** The message under a key, or another text where there is none. */
  public static String orElse(String key, String other, Object... args) {
    return CATALOGUE.containsKey(key) ? say(key, args) : other;
  }

  /** The message for one of an enum's values, such as {@code makeUp.BARE_WOOD}. */
  public static String say(String group, Enum<?> value, Object... args) {
    return say(group + "." + value.name(), args);
  }

  /** As it stands within a sentence. */
  public static String lower(String text) {
    return text.toLowerCase(Locale.ENGLISH);
  }

  /** As it begins a sentence. */
  public static String capital(String text) {
    return text.substring(0, 1).toUpperCase(Locale.ENGLISH) + text.substring(1);
  }

  /** A volume: two decimals for drops, none for tins. */
  public static String millilitres(double ml) {
    double size = Math.abs(ml);
    return Decimals.show(ml, size < 10 ? 2 : size < 100 ? 1 : 0) + " ml";
  }

  /** A weight: one decimal below ten grams. */
  public static String grams(double g) {
    return Decimals.show(g, Math.abs(g) < 10 ? 1 : 0) + " g";
  }

  /** What no tape tells: a bridge, a thickness. */
  public static String fineMm(double mm) {
    return Decimals.show(mm, 1) + " mm";
  }

  /** A stretch of time: minutes, then hours, then days. */
  public static String minutes(double min) {
    if (min < 120) {
      return Decimals.show(min, 0) + " min";
    }
    return min < 2880 ? Decimals.show(min / 60, 1) + " h" : Decimals.show(min / 1440, 1) + " days";
  }

  public static String time(Duration time) {
    return minutes(Times.minutes(time));
  }

  public static String percent(double share) {
    double size = Math.abs(share * 100);
    return Decimals.show(share * 100, size < 10 ? 1 : 0) + " %";
  }

  /** A change of something, with its sign: {@code +3.1 %}. */
  public static String change(double share) {
    return (share > 0 ? "+" : "") + percent(share);
  }

  public static String squareMetres(double mm2) {
    return Decimals.show(mm2 / 1e6, 3) + " m²";
  }

  /** Square millimetres where square centimetres would be nothing. */
  public static String smallArea(double mm2) {
    return mm2 < 50 ? Decimals.show(mm2, 1) + " mm²" : squareCentimetres(mm2);
  }

  public static String squareCentimetres(double mm2) {
    return Decimals.show(mm2 / 100, 1) + " cm²";
  }
}
