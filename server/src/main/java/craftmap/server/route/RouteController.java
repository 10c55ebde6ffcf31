package craftmap.server.route;

import craftmap.core.measure.RefusedInput;
import craftmap.core.route.Standing;
import craftmap.core.route.Stop;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RouteController {
  private final Pieces pieces;
  private final PlanViews views;
  private final GatherService gathering;

  RouteController(Pieces pieces, PlanViews views, GatherService gathering) {
    this.pieces = pieces;
    this.views = views;
    this.gathering = gathering;
  }

  /** What is settled on a piece, and what comes next. */
  record RouteView(List<Stop> settled, Stop next, String nextText) {}

  /**
   * A piece as the home page shows it.
   *
   * @param reading absent where its plan cannot be worked out
   * @param problem why it cannot be worked out
   */
  record PieceCard(
      String id,
      String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ReadingView reading,
      Instant savedAt,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) RouteView route,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String problem) {}

  /**
   * The pieces.
   *
   * @param archived those that were put away
   * @param find only those whose name, form or a face's name has all these words
   */
  @GetMapping("/pieces")
  List<PieceCard> pieces(
      Asker asker,
      @RequestParam(defaultValue = "false") boolean archived,
      @RequestParam(defaultValue = "") String find) {
    Studio studio = asker.studio();
    List<String> words =
        Arrays.stream(find.toLowerCase(Locale.ENGLISH).strip().split("\\s+"))
            .filter(w -> !w.isEmpty())
            .toList();
    return pieces.all(studio, archived).stream()
        .map(p -> card(studio, p))
        .filter(c -> has(c, words))
        .toList();
  }

  private static boolean has(PieceCard card, List<String> words) {
    if (card.reading() == null) {
      String name = card.name().toLowerCase(Locale.ENGLISH);
      return words.stream().allMatch(name::contains);
    }
    String all =
        (card.name()
                + " "
                + card.reading().form().kindText()
                + " "
                + card.reading().faces().stream()
                    .map(ReadingView.FaceView::name)
                    .collect(Collectors.joining(" ")))
            .toLowerCase(Locale.ENGLISH);
    return words.stream().allMatch(all::contains);
  }

  @GetMapping("/pieces/{id}/route")
  RouteView route(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    return route(studio, piece, views.view(studio, piece));
  }

  private PieceCard card(Studio studio, SavedPlan piece) {
    ReadingView reading;
    try {
      reading = views.view(studio, piece);
    } catch (RefusedInput cannot) {
      // one piece that cannot be worked out must not hide the others
      return new PieceCard(
          piece.id(),
          piece.name(),
          null,
          piece.savedAt(),
          null,
          Words.say("piece.cannot", new FigureWords(studio.tape()).refusal(cannot)));
    }
    return new PieceCard(
        piece.id(), piece.name(), reading, piece.savedAt(), route(studio, piece, reading), null);
  }

  private RouteView route(Studio studio, SavedPlan piece, ReadingView reading) {
    Gathering gathered = gathering.gather(studio, piece);
    Standing standing = Standing.of(piece.plan().form(), gathered.needed());
    return new RouteView(
        standing.settled(),
        standing.next().stop(),
        new NextWords(gathered, reading).say(standing.next()));
  }
}
