package craftmap.server.lists;

import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.Designs;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What each row of a list would do to the shelf. */
final class ListLines {
  /** What a row would do. */
  enum Effect {
    /** Puts something new on the shelf. */
    NEW,
    /** Adds to a design that is there, by its name and kind. */
    ADDS,
    /** Cannot be done. */
    ERROR
  }

  /** One row's outcome. */
  record Line(long line, Effect effect, String name, String text, Optional<RowReader.Item> item) {}

  private final RowReader reader;
  private final FigureWords words;
  private final Map<Designs.Named, String> there;
  private final Set<Designs.Named> onTheList = new HashSet<>();

  /**
   * @param there the designs on the shelf
   */
  ListLines(TapeDivision tape, Map<Designs.Named, String> there) {
    this.reader = new RowReader(tape);
    this.words = new FigureWords(tape);
    this.there = there;
  }

  /** Row after row: what comes twice on a list adds to itself. */
  Line next(CsvTable.Row row) {
    try {
      RowReader.Item item = reader.read(row);
      boolean adds =
          item instanceof RowReader.DesignItem d
              && (there.containsKey(named(d.given())) || !onTheList.add(named(d.given())));
      return new Line(
          row.line(),
          adds ? Effect.ADDS : Effect.NEW,
          item.name(),
          said(item, adds),
          Optional.of(item));
    } catch (RefusedInput refused) {
      return new Line(
          row.line(), Effect.ERROR, row.get("name"), words.refusal(refused), Optional.empty());
    }
  }

  private static String said(RowReader.Item item, boolean adds) {
    return switch (item) {
      case RowReader.DesignItem d when adds && d.quantity().isEmpty() ->
          Words.say("lists.addsNothing");
      case RowReader.DesignItem d when adds -> Words.say("lists.adds", d.quantity());
      case RowReader.DesignItem d ->
          Words.say("lists.newDesign", Words.say("designOne", d.given().kind()), d.quantity());
      case RowReader.MediumItem m -> Words.say("lists.newPot", m.given().generic(), m.holds());
    };
  }

  static Designs.Named named(DesignGiven given) {
    return Designs.Named.of(given.kind(), given.name());
  }
}
