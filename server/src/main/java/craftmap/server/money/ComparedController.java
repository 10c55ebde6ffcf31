package craftmap.server.money;

import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.GroupReading;
import craftmap.core.measure.Level;
import craftmap.core.money.Money;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.edit.CoatEdit;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.coats.CoatViews;
import craftmap.server.coats.GroupNames;
import craftmap.server.coats.Schemes;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.shopping.ToSpend;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.stream.Collectors;
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
  private final PlanReadings readings;
  private final Schemes schemes;
  private final ToSpend toSpend;

  ComparedController(Pieces pieces, PlanReadings readings, Schemes schemes, ToSpend toSpend) {
    this.toSpend = toSpend;
    this.pieces = pieces;
    this.readings = readings;
    this.schemes = schemes;
  }

  /**
   * One build-up that a group could have.
   *
   * @param key {@code now}, {@code anew}, {@code scheme:} or {@code group:} with an id
   * @param cashText what is still to be spent on the whole piece if the group is coated so
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
      String cashText,
      int found,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Level worst) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/compared")
  List<ComparedView> compared(Asker asker, @PathVariable String id, @PathVariable String groupId) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    Plan plan = piece.plan();
    CoatsReading coats = readings.coats(studio, plan);
    GroupReading now = group(coats, groupId);
    GroupNames names = new GroupNames(readings.read(studio, plan));
    Comparing would = new Comparing(studio, piece, groupId);
    List<ComparedView> all = new ArrayList<>();
    all.add(would.be("now", Words.say("compared.now"), plan));
    if (!now.group().wishes().isNone()) {
      all.add(would.be("anew", Words.say("compared.anew"), new CoatEdit.StartAnew(groupId)));
    }
    coats.groups().stream()
        .map(GroupReading::group)
        .filter(g -> !g.id().equals(groupId))
        .filter(g -> !group(coats, g.id()).bands().isEmpty())
        .limit(MOST_GROUPS)
        .forEach(
            g ->
                all.add(
                    would.be(
                        "group:" + g.id(),
                        Words.say("compared.group", Words.lower(names.name(g))),
                        new CoatEdit.CopyCoats(g.id(), groupId))));
    schemes.all(studio.id()).stream()
        .limit(MOST_SCHEMES)
        .forEach(
            s ->
                all.add(
                    would.be(
                        "scheme:" + s.id(),
                        s.name(),
                        new CoatEdit.UseScheme(
                            groupId, s.name(), CoatsMapper.toWishes(s.wishes())))));
    return all;
  }

  private static GroupReading group(CoatsReading coats, String groupId) {
    return coats
        .group(groupId)
        .orElseThrow(() -> new NoSuchElementException("There is no group " + groupId + "."));
  }

  /** What a group of a piece would be. */
  private final class Comparing {
    private final Studio studio;
    private final SavedPlan piece;
    private final String groupId;

    Comparing(Studio studio, SavedPlan piece, String groupId) {
      this.studio = studio;
      this.piece = piece;
      this.groupId = groupId;
    }

    ComparedView be(String key, String title, CoatEdit edit) {
      return be(key, title, readings.edited(studio, piece.plan(), List.of(edit)).plan());
    }

    ComparedView be(String key, String title, Plan other) {
      return view(
          key,
          title,
          group(readings.coats(studio, other), groupId),
          toSpend.of(studio, piece.with(other)));
    }
  }

  private static ComparedView view(
      String key, String title, GroupReading group, ToSpend.Sum toSpend) {
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
        cash(toSpend),
        open.size(),
        open.stream().map(CoatFinding::level).max(Comparator.naturalOrder()).orElse(null));
  }

  private static String cash(ToSpend.Sum toSpend) {
    String sum = toSpend.totals().stream().map(Money::show).collect(Collectors.joining(" + "));
    if (toSpend.unsold().isEmpty()) {
      return sum;
    }
    String without = String.join(", ", toSpend.unsold());
    return sum.isEmpty()
        ? Words.say("compared.unpriced", without)
        : Words.say("compared.cashAndUnpriced", sum, without);
  }
}
