package craftmap.server.order;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.mishap.Trouble;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.PlanReadings;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.words.FigureWords;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * The bench: one step of a piece at a time. That a step is done is an edit of the plan as any
 * other; what ripens is read off what was done, so that no reload, restart or other device loses a
 * timer.
 */
@RestController
@RequestMapping("/api/pieces/{id}/work")
class WorkController {
  private final Orders orders;
  private final Tellings tellings;
  private final Logbook log;
  private final ShelfService shelf;
  private final PlanReadings readings;
  private final RemediesSetApart remedies;

  WorkController(
      Orders orders,
      Tellings tellings,
      Logbook log,
      ShelfService shelf,
      PlanReadings readings,
      RemediesSetApart remedies) {
    this.remedies = remedies;
    this.readings = readings;
    this.log = log;
    this.shelf = shelf;
    this.orders = orders;
    this.tellings = tellings;
  }

  /** What was told at the bench, in the order in which it was tapped. */
  record Told(List<Telling> told) {}

  /**
   * What came of each.
   *
   * @param problem why it was not taken; absent where it was, now or before
   */
  record Taken(
      String id, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String problem) {}

  /** The step that is next, or another that is left, with what ripens in the studio. */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping
  WorkView work(Asker asker, @PathVariable String id, @RequestParam(required = false) String step) {
    Orders.Task task = orders.task(asker.studio(), id);
    Orders.Solved solved = orders.schedule(task).orElseThrow(OrderFiles::nothingGoes);
    List<WorkView.RipeningView> ripening =
        orders.all(asker.studio()).task().map(t -> WorkViews.ripening(t, id)).orElse(List.of());
    return views(asker, id, task, solved).view(Optional.ofNullable(step), ripening);
  }

  /** Everything that is left, in the order in which it is planned: for a bench that is cut off. */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/ahead")
  List<WorkView.BenchStepView> ahead(Asker asker, @PathVariable String id) {
    Orders.Task task = orders.task(asker.studio(), id);
    Orders.Solved solved = orders.schedule(task).orElseThrow(OrderFiles::nothingGoes);
    return views(asker, id, task, solved).ahead();
  }

  /**
   * What each remedy for something that went wrong takes.
   *
   * @param step the key of the step that it is told of
   * @param share how much of it went wrong, or is left to do: 0 to 1
   */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/remedies")
  List<RemediesSetApart.RemedyTakesView> remedies(
      Asker asker,
      @PathVariable String id,
      @RequestParam String step,
      @RequestParam Trouble trouble,
      @RequestParam(defaultValue = "1") double share) {
    return remedies.of(asker.studio(), id, step, trouble, share);
  }

  private WorkViews views(Asker asker, String id, Orders.Task task, Orders.Solved solved) {
    String studioId = asker.studio().id();
    return new WorkViews(
        task,
        solved,
        log.ofPiece(studioId, id),
        pot -> shelf.pot(studioId, pot),
        readings.learned(asker.studio(), task.piece().plan()));
  }

  /**
   * Takes what was told, each by itself and once, however often it is sent. What cannot be taken is
   * said beside the others, which are.
   */
  @Allowed(value = StudioRole.MAKER, atTheBench = true)
  @PostMapping("/told")
  List<Taken> tell(Asker asker, @PathVariable String id, @RequestBody Told told) {
    FigureWords words = new FigureWords(asker.studio().tape());
    List<Taken> taken = new ArrayList<>();
    for (Telling each : told.told()) {
      try {
        tellings.tell(asker, id, each);
        taken.add(new Taken(each.id(), null));
      } catch (RefusedInput refused) {
        taken.add(new Taken(each.id(), words.refusal(refused)));
      }
    }
    return taken;
  }
}
