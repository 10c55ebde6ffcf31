package craftmap.core.plan;

import craftmap.core.design.CustomCut;
import craftmap.core.design.FilmRoll;
import craftmap.core.lay.Item;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What is cut to size for a lay, and the roll it is cut from: of those of its film that are wide
 * enough the one that it takes the least length of; of as good ones the narrowest.
 */
final class CutFromFilm {
  private final List<Sheet> sheets;

  private CutFromFilm(List<Sheet> sheets) {
    this.sheets = sheets;
  }

  /** A sheet as large as it is cut. */
  private record Sheet(CustomCut design, double scale) {
    double widthMm() {
      return design.sheetWidthMm() * scale;
    }

    double heightMm() {
      return design.sheetHeightMm() * scale;
    }
  }

  /** A stencil of film is cut once, however often it is laid; vinyl is cut for every place. */
  static CutFromFilm of(List<Item> items) {
    List<Sheet> cut = new ArrayList<>();
    for (Item item : items) {
      if (item.design() instanceof CustomCut c) {
        cut.add(new Sheet(c, item.at().scale()));
      }
    }
    return new CutFromFilm(
        cut.stream().allMatch(c -> c.design().film() == CustomCut.Film.STENCIL_FILM)
            ? cut.stream().distinct().toList()
            : cut);
  }

  /** None where nothing is cut: then nobody has to look what rolls there are. */
  Optional<FilmRoll> roll(Supplier<List<FilmRoll>> rolls) {
    if (sheets.isEmpty()) {
      return Optional.empty();
    }
    return rolls.get().stream()
        .filter(r -> r.film() == sheets.getFirst().design().film())
        .filter(r -> lengthMm(r).isPresent())
        .min(
            Comparator.comparingDouble((FilmRoll r) -> lengthMm(r).orElseThrow())
                .thenComparingDouble(FilmRoll::widthMm)
                .thenComparing(FilmRoll::id));
  }

  /** None where a sheet is too large for the roll. */
  private Optional<Double> lengthMm(FilmRoll roll) {
    double length = 0;
    for (Sheet sheet : sheets) {
      Optional<Double> one = roll.lengthForMm(sheet.widthMm(), sheet.heightMm());
      if (one.isEmpty()) {
        return Optional.empty();
      }
      length += one.get();
    }
    return Optional.of(length);
  }

  /** None where nothing is cut; off a roll as wide as the widest sheet where none is named. */
  Optional<Need.Film> need(Optional<FilmRoll> roll) {
    if (sheets.isEmpty()) {
      return Optional.empty();
    }
    double widest = sheets.stream().mapToDouble(Sheet::widthMm).max().orElseThrow();
    double upright = sheets.stream().mapToDouble(Sheet::heightMm).sum();
    return Optional.of(
        new Need.Film(
            sheets.getFirst().design().film(),
            sheets.size(),
            roll.map(FilmRoll::widthMm).orElse(widest),
            roll.flatMap(this::lengthMm).orElse(upright),
            roll.isPresent()));
  }
}
