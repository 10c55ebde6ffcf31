package craftmap.server.coats;

import craftmap.core.coats.Recipe;
import craftmap.core.measure.Decimals;
import craftmap.core.medium.SoldBy;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;

/** How something is made ready, in the order it is done. */
public final class RecipeWords {
  private RecipeWords() {}

  public static List<String> of(Recipe of) {
    List<String> lines = new ArrayList<>();
    String each = Words.millilitres(of.eachMl());
    of.potLife()
        .ifPresentOrElse(
            life ->
                lines.add(
                    of.batches() > 1
                        ? Words.say("recipe.batches", of.batches(), each, Clockwork.span(life))
                        : Words.say("recipe.once", Clockwork.span(life))),
            () -> lines.add(Words.say("recipe.stays")));
    of.parts().ifPresent(p -> lines.add(parts(p)));
    of.spoons()
        .ifPresent(
            s ->
                lines.add(
                    Words.say(
                        "recipe.spoons",
                        s.first(),
                        s.second(),
                        Words.millilitres(s.spoonMl()),
                        Words.millilitres(s.madeMl()))));
    if (of.drops() > 0) {
      lines.add(Words.say("recipe.drops", of.drops()));
    }
    if (of.waterMl() > 0) {
      lines.add(Words.say("recipe.water", Words.millilitres(of.waterMl())));
    }
    if (of.isForTodayOnly()) {
      lines.add(Words.say("recipe.today"));
    }
    return lines;
  }

  private static String parts(Recipe.Parts parts) {
    boolean weighed = parts.by() == SoldBy.WEIGHT;
    return Words.say(
        "recipe.parts." + parts.by().name(),
        weighed ? Words.grams(parts.first()) : Words.millilitres(parts.first()),
        weighed ? Words.grams(parts.second()) : Words.millilitres(parts.second()),
        Decimals.show(parts.ratio().partA(), 2),
        Decimals.show(parts.ratio().partB(), 2));
  }
}
