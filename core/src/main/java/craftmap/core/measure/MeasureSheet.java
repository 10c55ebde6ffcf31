package craftmap.core.measure;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Supplier;

/**
 * The sheet on which measures are written down, in the order one takes them. A form or an outline
 * asks it for what it needs; what nobody has measured yet takes a typical value. Whoever asks
 * thereby tells what there is to measure: {@link #entries} has every question in its order.
 */
public final class MeasureSheet {
  private static final int LONGEST_NOTE = 200;

  /** A question that was asked, with what stands on the sheet. */
  public sealed interface Entry
      permits LengthEntry, CountEntry, FigureEntry, ChoiceEntry, ColourEntry {
    String key();

    /** What is asked, by its code. */
    Figure.Said label();

    /** True when it was measured, false while the typical value stands in. */
    boolean taken();
  }

  public record LengthEntry(
      String key, Figure.Said label, double mm, LengthRange range, boolean taken)
      implements Entry {}

  public record CountEntry(
      String key, Figure.Said label, int count, int least, int most, boolean taken)
      implements Entry {}

  public record FigureEntry(
      String key, Figure.Said label, double figure, FigureRange range, boolean taken)
      implements Entry {}

  public record ColourEntry(String key, Figure.Said label, String hex, boolean taken)
      implements Entry {}

  public record ChoiceEntry(
      String key, Figure.Said label, String choice, List<String> among, boolean taken)
      implements Entry {
    public ChoiceEntry {
      among = List.copyOf(among);
    }
  }

  private final Map<String, Double> numbers;
  private final Map<String, String> choices;
  private final List<Entry> entries = new ArrayList<>();

  /** What is wrong with the answers, while something is made of them. */
  private Faults wrong;

  public MeasureSheet(Map<String, Double> numbers, Map<String, String> choices) {
    this.numbers = Map.copyOf(numbers);
    this.choices = Map.copyOf(choices);
  }

  public static MeasureSheet blank() {
    return new MeasureSheet(Map.of(), Map.of());
  }

  /**
   * What is made of the answers. Everything that is wrong with them is told at once: where one is
   * refused the typical one stands in until all were asked for.
   */
  public <T> T make(Supplier<T> made) {
    Faults before = wrong;
    Faults found = new Faults();
    wrong = found;
    try {
      T whole = made.get();
      return found.whole(() -> whole);
    } catch (RefusedInput ofTheWhole) {
      // what is said of something made from stand-ins was never typed
      return found.whole(
          () -> {
            throw ofTheWhole;
          });
    } finally {
      wrong = before;
    }
  }

  private <T> T checked(Supplier<T> answer, T typical) {
    return wrong == null ? answer.get() : wrong.part(answer).orElse(typical);
  }

  /** The size of a thing, above nothing. */
  public double size(String key, String label, double typicalMm) {
    return size(key, said(label), typicalMm);
  }

  public double size(String key, Figure.Said label, double typicalMm) {
    return length(key, label, typicalMm, LengthRange.SIZE);
  }

  /** A distance that may be nothing. */
  public double distance(String key, String label, double typicalMm) {
    return distance(key, said(label), typicalMm);
  }

  public double distance(String key, Figure.Said label, double typicalMm) {
    return length(key, label, typicalMm, LengthRange.DISTANCE);
  }

  public double length(String key, String label, double typicalMm, LengthRange range) {
    return length(key, said(label), typicalMm, range);
  }

  public double length(String key, Figure.Said label, double typicalMm, LengthRange range) {
    Double given = numbers.get(key);
    double mm =
        given == null
            ? range.check(label, typicalMm)
            : checked(() -> range.check(label, given), typicalMm);
    entries.add(new LengthEntry(key, label, mm, range, given != null));
    return mm;
  }

  public int count(String key, String label, int typical, int least, int most) {
    return count(key, said(label), typical, least, most);
  }

  public int count(String key, Figure.Said label, int typical, int least, int most) {
    Double given = numbers.get(key);
    int count = given == null ? typical : checked(() -> whole(label, given, least, most), typical);
    entries.add(new CountEntry(key, label, count, least, most, given != null));
    return count;
  }

  private static int whole(Figure label, double count, int least, int most) {
    if (!(count >= least && count <= most) || count != Math.rint(count)) {
      throw new RefusedInput(
          label,
          given(Decimals.show(Double.isFinite(count) ? count : 0, 2)),
          said("is-not-a-number-that-is-possible-here"),
          said("a-whole-number-from-to", given(least), given(most)));
    }
    return (int) count;
  }

  /** A figure that is no length: minutes, a share, a volume. */
  public double figure(String key, String label, double typical, FigureRange range) {
    return figure(key, said(label), typical, range);
  }

  public double figure(String key, Figure.Said label, double typical, FigureRange range) {
    Double given = numbers.get(key);
    double figure =
        given == null
            ? range.check(label, typical)
            : checked(() -> range.check(label, given), typical);
    entries.add(new FigureEntry(key, label, figure, range, given != null));
    return figure;
  }

  public boolean yes(String key, String label, boolean typical) {
    return yes(key, said(label), typical);
  }

  public boolean yes(String key, Figure.Said label, boolean typical) {
    return choice(key, label, typical ? YesNo.YES : YesNo.NO) == YesNo.YES;
  }

  /** A colour as six figures behind a hash. */
  public String colour(String key, String label, String typicalHex) {
    return colour(key, said(label), typicalHex);
  }

  public String colour(String key, Figure.Said label, String typicalHex) {
    String given = choices.get(key);
    String hex = given == null ? typicalHex : checked(() -> hex(label, given), typicalHex);
    entries.add(new ColourEntry(key, label, hex, given != null));
    return hex;
  }

  private static String hex(Figure label, String given) {
    String hex = given.strip().toUpperCase(Locale.ENGLISH);
    if (!hex.matches("#[0-9A-F]{6}")) {
      String shown = hex.substring(0, Math.min(20, hex.length()));
      throw new RefusedInput(
          label, given(shown), said("is-not-a-colour"), said("a-colour-such-as-1f4650"));
    }
    return hex;
  }

  /** One of a few ways; the typical one stands in until one is chosen. */
  public <E extends Enum<E>> E choice(String key, String label, E typical) {
    return choice(key, said(label), typical);
  }

  public <E extends Enum<E>> E choice(String key, Figure.Said label, E typical) {
    List<E> among = List.of(typical.getDeclaringClass().getEnumConstants());
    String given = choices.get(key);
    E chosen = given == null ? typical : checked(() -> among(label, given, among), typical);
    List<String> names = among.stream().map(Enum::name).toList();
    entries.add(new ChoiceEntry(key, label, chosen.name(), names, given != null));
    return chosen;
  }

  private static <E extends Enum<E>> E among(Figure label, String given, List<E> among) {
    return among.stream()
        .filter(e -> e.name().equals(given))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    label,
                    given(given.substring(0, Math.min(LONGEST_NOTE, given.length()))),
                    said("is-not-on-offer"),
                    new Figure.Among(among.stream().map(Enum::name).toList())));
  }

  /** What was measured already of something that may be asked for later. */
  public OptionalDouble taken(String key) {
    Double given = numbers.get(key);
    return given == null ? OptionalDouble.empty() : OptionalDouble.of(given);
  }

  /** Every question that was asked, in its order. */
  public List<Entry> entries() {
    return List.copyOf(entries);
  }
}
