package craftmap.server.coats;

import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.GroupReading;
import craftmap.core.measure.Level;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.edit.CoatEdit;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The coats of a group beside what it could have: as proposed, as another group, as a scheme. */
@RestController
@RequestMapping("/api/pieces/{id}/coats/{groupId}")
class ComparedController {
  private static final int MOST_SCHEMES = 6;
  private static final int MOST_GROUPS = 4;

  private final Pieces pieces;
  private final Schemes schemes;

  ComparedController(Pieces pieces, Schemes schemes) {
    this.pieces = pieces;
    this.schemes = schemes;
  }

  /**
   * One build-up that a group could have.
   *
   * @param key {@code now}, {@code anew}, {@code scheme:} or {@code group:} with an id
   * @param found how much was found in it that is not fine, beside cautions to whoever works
   * @param buyText what it takes that is not owned; empty where all is
   */
  record ComparedView(
      String key,
      String title,
      List<String> swatches,
      int coats,
      String totalText,
      String handsOnText,
      String waitingText,
      String buyText,
      int found,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Level worst) {}

  @GetMapping("/compared")
  List<ComparedView> compared(Asker asker, @PathVariable String id, @PathVariable String groupId) {
    Studio studio = asker.studio();
    Plan plan = pieces.get(studio, id).plan();
    CoatsReading coats = pieces.coats(studio, plan);
    GroupReading now =
        coats
            .group(groupId)
            .orElseThrow(() -> new NoSuchElementException("There is no group " + groupId + "."));
    GroupNames names = new GroupNames(pieces.read(studio, plan));
    List<ComparedView> all = new ArrayList<>();
    all.add(view("now", Words.say("compared.now"), now));
    if (!now.group().wishes().isNone()) {
      all.add(
          view(
              "anew",
              Words.say("compared.anew"),
              would(studio, plan, groupId, new CoatEdit.StartAnew(groupId))));
    }
    coats.groups().stream()
        .filter(g -> !g.group().id().equals(groupId) && !g.bands().isEmpty())
        .limit(MOST_GROUPS)
        .forEach(
            g ->
                all.add(
                    view(
                        "group:" + g.group().id(),
                        Words.say("compared.group", Words.lower(names.name(g.group()))),
                        would(
                            studio,
                            plan,
                            groupId,
                            new CoatEdit.CopyCoats(g.group().id(), groupId)))));
    schemes.all(studio.id()).stream()
        .limit(MOST_SCHEMES)
        .forEach(
            s ->
                all.add(
                    view(
                        "scheme:" + s.id(),
                        s.name(),
                        would(
                            studio,
                            plan,
                            groupId,
                            new CoatEdit.UseScheme(
                                groupId, s.name(), CoatsMapper.toWishes(s.wishes()))))));
    return all;
  }

  private GroupReading would(Studio studio, Plan plan, String groupId, CoatEdit edit) {
    return pieces
        .coats(studio, pieces.edited(studio, plan, List.of(edit)).plan())
        .group(groupId)
        .orElseThrow(() -> new NoSuchElementException("There is no group " + groupId + "."));
  }

  private static ComparedView view(String key, String title, GroupReading group) {
    List<CoatFinding> open =
        group.open().stream().filter(f -> f.level() != Level.FINE && !f.safety()).toList();
    return new ComparedView(
        key,
        title,
        CoatViews.swatches(group),
        group.coats(),
        CoatViews.total(group),
        Words.time(group.handsOn()),
        Words.time(group.waiting()),
        String.join(", ", group.toBuy().stream().map(p -> p.medium().name()).distinct().toList()),
        open.size(),
        open.stream().map(CoatFinding::level).max(Comparator.naturalOrder()).orElse(null));
  }
}
