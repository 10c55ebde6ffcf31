package craftmap.server.lists;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.server.fields.Answers;
import craftmap.server.fields.Typed;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.Quantities;
import craftmap.server.shelf.Shelving;
import craftmap.server.shelf.StockGiven;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Reads a row of a list as a design or a medium. The columns beyond the common ones are the keys of
 * the questions that the kind asks, so that whatever can be typed on the screen can stand in a
 * list.
 */
final class RowReader {
  static final List<String> COMMON =
      List.of(
          "what",
          "name",
          "motif",
          "note",
          "rights",
          "quantity",
          "holds",
          "place",
          "price",
          "currency",
          "opened",
          "expires",
          "tare");

  private final TapeDivision tape;

  /** What each kind asks, by its column's name in small letters. */
  private final Map<String, Map<String, MeasureSheet.Entry>> questions = new HashMap<>();

  RowReader(TapeDivision tape) {
    this.tape = tape;
  }

  /** What stands in a row. */
  sealed interface Item {
    StockGiven stock();

    String name();
  }

  record DesignItem(DesignGiven given, String quantity, StockGiven stock) implements Item {
    @Override
    public String name() {
      return given.name();
    }
  }

  record MediumItem(MediumGiven given, String holds, String level, StockGiven stock)
      implements Item {
    @Override
    public String name() {
      return given.name();
    }
  }

  /** Every column that any kind knows. */
  static Set<String> known() {
    Set<String> known = new TreeSet<>(COMMON);
    for (DesignKind kind : DesignKind.values()) {
      entries(kind).forEach(e -> known.add(e.key().toLowerCase(Locale.ENGLISH)));
    }
    MeasureSheet label = MeasureSheet.blank();
    GenericMedium any = GenericMedium.all().getFirst();
    Medium.read("any", any.name(), any, label);
    label.entries().forEach(e -> known.add(e.key().toLowerCase(Locale.ENGLISH)));
    return known;
  }

  Item read(CsvTable.Row row) {
    String what = row.get("what");
    if (what.isEmpty()) {
      throw new RefusedInput(
          given("what"),
          said("empty"),
          said("is-missing"),
          said("a-kind-of-design-such-as-napkin-or-of"));
    }
    Optional<DesignKind> kind = kind(what);
    if (kind.isPresent()) {
      return design(row, kind.get());
    }
    GenericMedium generic =
        GenericMedium.find(what.toLowerCase(Locale.ENGLISH).replace(' ', '-'))
            .orElseThrow(
                () ->
                    new RefusedInput(
                        given("what"),
                        given(what),
                        said("is-no-kind-of-design-or-medium"),
                        said("a-kind-of-design-such-as-napkin-or-of")));
    return medium(row, generic);
  }

  private static Optional<DesignKind> kind(String what) {
    String plain = what.toUpperCase(Locale.ENGLISH).replace(' ', '_').replace('-', '_');
    return Arrays.stream(DesignKind.values()).filter(k -> k.name().equals(plain)).findFirst();
  }

  private DesignItem design(CsvTable.Row row, DesignKind kind) {
    Map<String, MeasureSheet.Entry> asked =
        questions.computeIfAbsent(kind.name(), k -> byColumn(entries(kind)));
    DesignGiven given =
        new DesignGiven(
            kind,
            row.get("name"),
            row.get("motif"),
            row.get("note"),
            rights(row.get("rights")),
            answers(row, asked),
            null,
            null,
            List.of());
    var design = Checks.read(given);
    String quantity = row.get("quantity");
    if (!quantity.isEmpty()) {
      var unit = Shelving.unitOf(design.comes());
      if (unit.isEmpty()) {
        throw new RefusedInput(
            given("quantity"),
            given(quantity),
            said("cannot-be-kept-of-what-is-made-by-hand"),
            said("nothing-here"));
      }
      Quantities.read(given("quantity"), quantity, unit.get(), tape);
    }
    return new DesignItem(given, quantity, stock(row));
  }

  private MediumItem medium(CsvTable.Row row, GenericMedium generic) {
    Map<String, MeasureSheet.Entry> asked =
        questions.computeIfAbsent(
            generic.key(),
            k -> {
              MeasureSheet label = MeasureSheet.blank();
              Medium.read("any", generic.name(), generic, label);
              return byColumn(label.entries());
            });
    MediumGiven given =
        new MediumGiven(row.get("name"), generic.key(), answers(row, asked), List.of());
    Checks.pot(given, row.get("holds"), row.get("quantity"), tape);
    return new MediumItem(given, row.get("holds"), row.get("quantity"), stock(row));
  }

  private static List<MeasureSheet.Entry> entries(DesignKind kind) {
    return Checks.everyQuestionOf(kind);
  }

  private static Map<String, MeasureSheet.Entry> byColumn(List<MeasureSheet.Entry> entries) {
    Map<String, MeasureSheet.Entry> byColumn = new HashMap<>();
    entries.forEach(e -> byColumn.put(e.key().toLowerCase(Locale.ENGLISH), e));
    return byColumn;
  }

  private Answers answers(CsvTable.Row row, Map<String, MeasureSheet.Entry> asked) {
    Typed typed = new Typed(tape);
    List<String> strangers = new ArrayList<>();
    row.cells()
        .forEach(
            (column, text) -> {
              MeasureSheet.Entry entry = asked.get(column);
              if (entry == null) {
                if (!COMMON.contains(column)) {
                  strangers.add(column);
                }
                return;
              }
              typed.read(entry, given(column), text);
            });
    if (!strangers.isEmpty()) {
      throw new RefusedInput(
          given(strangers.getFirst()),
          given(row.get(strangers.getFirst())),
          said("is-not-asked-of-this-kind"),
          said("an-empty-cell"));
    }
    return typed.answers();
  }

  private static Rights rights(String text) {
    if (text.isEmpty()) {
      return Rights.ASK_FIRST;
    }
    String plain = text.toUpperCase(Locale.ENGLISH).replace(' ', '_').replace('-', '_');
    return Arrays.stream(Rights.values())
        .filter(r -> r.name().equals(plain))
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    given("rights"),
                    given(text),
                    said("is-not-one-of-the-rights"),
                    said("may-be-sold-own-use-only-or-ask-first")));
  }

  private static StockGiven stock(CsvTable.Row row) {
    StockGiven stock =
        new StockGiven(
            row.get("place"),
            row.get("tare"),
            row.get("price"),
            row.get("currency"),
            date(row, "opened"),
            date(row, "expires"));
    stock.particulars();
    return stock;
  }

  private static LocalDate date(CsvTable.Row row, String column) {
    String text = row.get(column);
    if (text.isEmpty()) {
      return null;
    }
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException notADay) {
      throw new RefusedInput(
          given(column), given(text), said("is-not-a-day"), said("a-day-such-as-2026-09-30"));
    }
  }
}
