package craftmap.server.route;

import craftmap.core.medium.Role;
import craftmap.core.route.Next;
import craftmap.server.coats.CoatViews;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.words.Words;
import java.util.Optional;

/** What comes next on a piece, as a sentence. */
record NextWords(Gathering gathered, ReadingView reading) {
  String say(Next next) {
    return switch (next) {
      case Next.TakeMeasures _ -> Words.say("next.survey");
      case Next.ChooseDesign _ -> Words.say("next.choose");
      case Next.MakeFit(String layId) -> Words.say("next.layOut", lay(layId).designName());
      case Next.NamePot(String layId) ->
          Words.say("next.namePot", lay(layId).designName(), lay(layId).putOn().text());
      case Next.MendCoats(int failing) -> Words.say("next.mendCoats", failing);
      case Next.FillPot(String potId, double missing) ->
          Words.say("next.gather", pot(potId), Words.millilitres(missing));
      case Next.GetDesign(String designId, double _) ->
          Words.say("next.gatherDesign", design(designId));
      case Next.PutOn(String id) when coat(id).isPresent() ->
          Words.say("next.coat", CoatViews.title(coat(id).get().band()));
      case Next.PutOn(String layId) -> {
        LayView lay = lay(layId);
        yield lay.putOn().roles().getFirst() == Role.PAINT
            ? Words.say("next.work", lay.designName(), lay.laid().positionsText(), lay.potName())
            : Words.say("next.putOn", lay.designName(), lay.potName());
      }
      case Next.CutDesign(String designId) -> Words.say("next.cut", design(designId));
      case Next.Nothing _ -> Words.say("next.done");
    };
  }

  /** The coat, or step of preparation, that is put on; none where it is a lay. */
  private Optional<Gathering.What.OfBand> coat(String id) {
    return gathered.uses().stream()
        .map(Gathering.Use::what)
        .filter(Gathering.What.OfBand.class::isInstance)
        .map(Gathering.What.OfBand.class::cast)
        .filter(w -> w.id().equals(id))
        .findFirst();
  }

  private LayView lay(String id) {
    return reading.faces().stream()
        .flatMap(f -> f.lays().stream())
        .filter(l -> l.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private String pot(String potId) {
    return gathered.needs().stream()
        .filter(n -> n.pot().holding().id().equals(potId))
        .findFirst()
        .orElseThrow()
        .pot()
        .label()
        .name();
  }

  private String design(String id) {
    return gathered.designs().stream()
        .filter(d -> d.design().id().equals(id))
        .findFirst()
        .orElseThrow()
        .design()
        .name();
  }
}
