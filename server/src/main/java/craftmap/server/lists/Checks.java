package craftmap.server.lists;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.supply.StockUnit;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.Quantities;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Tries what stands in a row, without keeping anything. */
final class Checks {
  private Checks() {}

  static Design read(DesignGiven given) {
    Card card = new Card("row", given.name(), given.motif(), given.note(), given.rights());
    return given.kind().read(card, given.answers().sheet(), Optional.empty());
  }

  static void pot(MediumGiven given, String holds, String level, TapeDivision tape) {
    GenericMedium generic = GenericMedium.find(given.generic()).orElseThrow();
    Medium medium = Medium.read("row", given.name(), generic, given.label().sheet());
    StockUnit unit = medium.unit();
    BigDecimal full = Quantities.read(given("holds"), holds, unit, tape);
    if (full.signum() <= 0) {
      throw new RefusedInput(
          given("holds"), given(holds), said("is-no-container"), said("above-0"));
    }
    if (!level.isEmpty()) {
      BigDecimal there = Quantities.read(given("quantity"), level, unit, tape);
      if (there.compareTo(full) > 0) {
        throw new RefusedInput(
            given("quantity"),
            given(unit.show(there)),
            said("does-not-fit-the-pot"),
            said("at-most", given(unit.show(full))));
      }
    }
  }

  /**
   * Every question a kind may ask. Some come up only after a certain answer, such as the length of
   * a roll once a paper comes as one, so each choice is tried.
   */
  static List<MeasureSheet.Entry> everyQuestionOf(DesignKind kind) {
    List<MeasureSheet.Entry> all = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    MeasureSheet plain = asked(kind, Map.of(), Map.of());
    List<MeasureSheet> sheets = new ArrayList<>(List.of(plain));
    for (MeasureSheet.Entry entry : plain.entries()) {
      switch (entry) {
        case MeasureSheet.ChoiceEntry e ->
            e.among().forEach(way -> sheets.add(asked(kind, Map.of(), Map.of(e.key(), way))));
        case MeasureSheet.CountEntry e ->
            sheets.add(asked(kind, Map.of(e.key(), (double) e.most()), Map.of()));
        case MeasureSheet.LengthEntry e -> {}
        case MeasureSheet.FigureEntry e -> {}
        case MeasureSheet.ColourEntry e -> {}
      }
    }
    for (MeasureSheet sheet : sheets) {
      for (MeasureSheet.Entry entry : sheet.entries()) {
        if (seen.add(entry.key())) {
          all.add(entry);
        }
      }
    }
    return all;
  }

  private static MeasureSheet asked(
      DesignKind kind, Map<String, Double> numbers, Map<String, String> choices) {
    MeasureSheet sheet = new MeasureSheet(numbers, choices);
    kind.read(new Card("any", "Any", "", "", Rights.ASK_FIRST), sheet, Optional.empty());
    return sheet;
  }
}
