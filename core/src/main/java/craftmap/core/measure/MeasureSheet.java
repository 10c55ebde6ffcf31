package craftmap.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

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

    String label();

    /** True when it was measured, false while the typical value stands in. */
    boolean taken();
  }

  public record LengthEntry(String key, String label, double mm, LengthRange range, boolean taken)
      implements Entry {}

  public record CountEntry(String key, String label, int count, int least, int most, boolean taken)
      implements Entry {}

  public record FigureEntry(
      String key, String label, double figure, FigureRange range, boolean taken) implements Entry {}

  public record ColourEntry(String key, String label, String hex, boolean taken) implements Entry {}

  public record ChoiceEntry(
      String key, String label, String choice, List<String> among, boolean taken) implements Entry {
    public ChoiceEntry {
      among = List.copyOf(among);
    }
  }

  private final Map<String, Double> numbers;
  private final Map<String, String> choices;
  private final List<Entry> entries = new ArrayList<>();

  public MeasureSheet(Map<String, Double> numbers, Map<String, String> choices) {
    this.numbers = Map.copyOf(numbers);
    this.choices = Map.copyOf(choices);
  }

  public static MeasureSheet blank() {
    return new MeasureSheet(Map.of(), Map.of());
  }

  /** The size of a thing, above nothing. */
  public double size(String key, String label, double typicalMm) {
    return length(key, label, typicalMm, LengthRange.SIZE);
  }

  /** A distance that may be nothing. */
  public double distance(String key, String label, double typicalMm) {
    return length(key, label, typicalMm, LengthRange.DISTANCE);
  }

  public double length(String key, String label, double typicalMm, LengthRange range) {
    Double given = numbers.get(key);
    double mm = range.check(label, given == null ? typicalMm : given);
    entries.add(new LengthEntry(key, label, mm, range, given != null));
    return mm;
  }

  public int count(String key, String label, int typical, int least, int most) {
    Double given = numbers.get(key);
    double count = given == null ? typical : given;
    if (!(count >= least && count <= most) || count != Math.rint(count)) {
      throw new RefusedInput(
          label,
          Decimals.show(Double.isFinite(count) ? count : 0, 2),
          "is not a number that is possible here",
          "a whole number from " + least + " to " + most);
    }
    entries.add(new CountEntry(key, label, (int) count, least, most, given != null));
    return (int) count;
  }

  /** A figure that is no length: minutes, a share, a volume. */
  public double figure(String key, String label, double typical, FigureRange range) {
    Double given = numbers.get(key);
    double figure = range.check(label, given == null ? typical : given);
    entries.add(new FigureEntry(key, label, figure, range, given != null));
    return figure;
  }

  public boolean yes(String key, String label, boolean typical) {
    return choice(key, label, typical ? YesNo.YES : YesNo.NO) == YesNo.YES;
  }

  /** A colour as six figures behind a hash. */
  public String colour(String key, String label, String typicalHex) {
    String given = choices.get(key);
    String hex = (given == null ? typicalHex : given).strip().toUpperCase(Locale.ENGLISH);
    if (!hex.matches("#[0-9A-F]{6}")) {
      String shown = hex.substring(0, Math.min(20, hex.length()));
      throw new RefusedInput(label, shown, "is not a colour", "a colour such as #1F4650");
    }
    entries.add(new ColourEntry(key, label, hex, given != null));
    return hex;
  }

  /** One of a few ways; the typical one stands in until one is chosen. */
  public <E extends Enum<E>> E choice(String key, String label, E typical) {
    List<E> among = List.of(typical.getDeclaringClass().getEnumConstants());
    String given = choices.get(key);
    E chosen = typical;
    if (given != null) {
      chosen =
          among.stream()
              .filter(e -> e.name().equals(given))
              .findFirst()
              .orElseThrow(
                  () ->
                      new RefusedInput(
                          label,
                          given.substring(0, Math.min(LONGEST_NOTE, given.length())),
                          "is not on offer",
                          String.join(", ", among.stream().map(MeasureSheet::plain).toList())
                              .toLowerCase(Locale.ENGLISH)));
    }
    List<String> names = among.stream().map(Enum::name).toList();
    entries.add(new ChoiceEntry(key, label, chosen.name(), names, given != null));
    return chosen;
  }

  private static String plain(Enum<?> value) {
    return value.name().replace('_', ' ');
  }

  /** Every question that was asked, in its order. */
  public List<Entry> entries() {
    return List.copyOf(entries);
  }
}
