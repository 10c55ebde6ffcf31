package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.design.Card;
import craftmap.core.design.CustomCut;
import craftmap.core.design.DesignKind;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.Rights;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is cut to size comes off the roll that it takes the least of. */
class CutFromFilmTest {
  private static FilmRoll roll(String id, double width, String film) {
    return (FilmRoll)
        DesignKind.FILM.read(
            new Card(id, id, "", "", Rights.MAY_BE_SOLD),
            new MeasureSheet(Map.of("width", width), Map.of("film", film)),
            Optional.empty());
  }

  private static CustomCut cut(double w, double h, String film) {
    return (CustomCut)
        DesignKind.CUSTOM_CUT.read(
            new Card("c", "C", "", "", Rights.MAY_BE_SOLD),
            new MeasureSheet(Map.of("width", w, "height", h), Map.of("film", film)),
            Optional.empty());
  }

  private static Item item(CustomCut cut, double scale) {
    return Item.whole(cut, Placement.at(new Point(500, 500)).scaledBy(scale), false);
  }

  @Test
  void aStencilIsCutOnceAndVinylForEveryPlace() {
    CustomCut stencil = cut(200, 120, "STENCIL_FILM");
    FilmRoll film = roll("f", 305, "STENCIL_FILM");
    CutFromFilm thrice =
        CutFromFilm.of(List.of(item(stencil, 1), item(stencil, 1), item(stencil, 1)));
    assertThat(thrice.need(Optional.of(film)).orElseThrow().lengthMm()).isEqualTo(120);
    CustomCut vinyl = cut(200, 120, "VINYL");
    CutFromFilm letters = CutFromFilm.of(List.of(item(vinyl, 1), item(vinyl, 1), item(vinyl, 1)));
    assertThat(letters.need(Optional.of(roll("v", 305, "VINYL"))).orElseThrow().lengthMm())
        .isEqualTo(360);
    assertThat(letters.roll(() -> List.of(film))).as("film is no vinyl").isEmpty();
  }

  @Test
  void asLargeAsItIsCut() {
    CutFromFilm half = CutFromFilm.of(List.of(item(cut(200, 120, "STENCIL_FILM"), 0.5)));
    Need.Film need = half.need(Optional.of(roll("f", 305, "STENCIL_FILM"))).orElseThrow();
    assertThat(need.lengthMm()).isCloseTo(60, within(1e-9));
    assertThat(need.offARollOfTheShelf()).isTrue();
    assertThat(half.need(Optional.empty()).orElseThrow().widthMm()).isCloseTo(100, within(1e-9));
  }

  @Test
  void whereNothingIsCutNobodyLooksForRolls() {
    CutFromFilm none = CutFromFilm.of(List.of());
    assertThat(
            none.roll(
                () -> {
                  throw new AssertionError("nothing is cut");
                }))
        .isEmpty();
    assertThat(none.need(Optional.empty())).isEmpty();
  }

  /** Over seeded sheets and rolls: no other roll takes less, and every sheet fits across it. */
  @Test
  void noOtherRollTakesLess() {
    Dice dice = new Dice(17);
    for (int round = 0; round < 60; round++) {
      List<Item> items = new ArrayList<>();
      for (int i = 0; i < 1 + (int) (dice.next() * 4); i++) {
        CustomCut cut = cut(41.3 + dice.next() * 400, 37.9 + dice.next() * 400, "VINYL");
        items.add(item(cut, 0.6 + dice.next()));
      }
      List<FilmRoll> rolls = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        rolls.add(roll("r" + i, 120.7 + dice.next() * 500, "VINYL"));
      }
      CutFromFilm cut = CutFromFilm.of(items);
      Optional<FilmRoll> chosen = cut.roll(() -> rolls);
      double least = Double.POSITIVE_INFINITY;
      for (FilmRoll r : rolls) {
        least = Math.min(least, lengthMm(items, r));
      }
      assertThat(chosen.isPresent()).isEqualTo(Double.isFinite(least));
      if (chosen.isPresent()) {
        assertThat(cut.need(chosen).orElseThrow().lengthMm()).isCloseTo(least, within(1e-6));
      }
    }
  }

  private static double lengthMm(List<Item> items, FilmRoll roll) {
    double length = 0;
    for (Item item : items) {
      CustomCut cut = (CustomCut) item.design();
      double w = cut.sheetWidthMm() * item.at().scale();
      double h = cut.sheetHeightMm() * item.at().scale();
      double upright = w <= roll.widthMm() ? h : Double.POSITIVE_INFINITY;
      double lying = h <= roll.widthMm() ? w : Double.POSITIVE_INFINITY;
      length += Math.min(upright, lying);
    }
    return length;
  }
}
