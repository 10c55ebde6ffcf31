package craftmap.server.route;

import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.Provision;
import craftmap.server.fields.FieldType;
import craftmap.server.fields.FieldView;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.LayView;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.ReadingView;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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

  enum Stop {
    SURVEY,
    CHOOSE,
    LAY_OUT,
    CUT,
    GATHER
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
    return Standing.of(gathering.gather(studio, piece), views.view(studio, piece));
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
          Words.say("piece.cannot", cannot.getMessage()));
    }
    return new PieceCard(
        piece.id(),
        piece.name(),
        reading,
        piece.savedAt(),
        Standing.of(gathering.gather(studio, piece), reading),
        null);
  }

  /** Reads off a plan how far it has come. */
  private static final class Standing {
    private static final int MAIN_SIZES = 2;

    private Standing() {}

    static RouteView of(Gathering gathered, ReadingView reading) {
      if (!gathered.notLaid().isEmpty()) {
        String id = gathered.notLaid().getFirst().lay().id();
        return new RouteView(
            List.of(Stop.SURVEY, Stop.CHOOSE),
            Stop.LAY_OUT,
            Words.say("next.layOut", lay(reading, id).designName()));
      }
      if (gathered.uses().isEmpty() && gathered.designs().isEmpty()) {
        return isMeasured(reading)
            ? new RouteView(List.of(Stop.SURVEY), Stop.CHOOSE, Words.say("next.choose"))
            : new RouteView(List.of(), Stop.SURVEY, Words.say("next.survey"));
      }
      List<Stop> laidOut = new ArrayList<>(List.of(Stop.SURVEY, Stop.CHOOSE, Stop.LAY_OUT));
      Optional<Gathering.DesignNeed> uncut =
          gathered.designs().stream().filter(d -> d.isCutFromSheets() && !d.isUsed()).findFirst();
      if (uncut.isEmpty()) {
        laidOut.add(Stop.CUT);
      }
      for (Gathering.Need need : gathered.needs()) {
        if (need.provision() instanceof Provision.Short missing) {
          return new RouteView(
              laidOut,
              Stop.GATHER,
              Words.say("next.gather", need.pot().paint().name(), Words.millilitres(missing.by())));
        }
      }
      for (Gathering.DesignNeed need : gathered.designs()) {
        if (!need.isUsed() && need.provision() instanceof Provision.Short) {
          return new RouteView(
              laidOut, Stop.GATHER, Words.say("next.gatherDesign", need.design().name()));
        }
      }
      return gathered.uses().stream()
          .filter(u -> !u.isDone())
          .findFirst()
          .map(
              u -> {
                LayView lay = lay(reading, u.laid().lay().id());
                return new RouteView(
                    laidOut,
                    Stop.GATHER,
                    Words.say(
                        "next.work",
                        lay.designName(),
                        lay.laid().positionsText(),
                        lay.paintName()));
              })
          .orElseGet(
              () ->
                  uncut
                      .map(
                          d ->
                              new RouteView(
                                  laidOut, Stop.CUT, Words.say("next.cut", d.design().name())))
                      .orElseGet(
                          () ->
                              new RouteView(
                                  List.of(Stop.values()), Stop.GATHER, Words.say("next.done"))));
    }

    /** Its main sizes were taken; what follows from them may stay as it follows. */
    private static boolean isMeasured(ReadingView reading) {
      return reading.form().fields().stream()
          .filter(f -> f.type() == FieldType.LENGTH)
          .limit(MAIN_SIZES)
          .allMatch(FieldView::taken);
    }

    private static LayView lay(ReadingView reading, String id) {
      return reading.faces().stream()
          .flatMap(f -> f.lays().stream())
          .filter(l -> l.id().equals(id))
          .findFirst()
          .orElseThrow();
    }
  }
}
