package craftmap.server.order;

import craftmap.server.studio.Asker;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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

  WorkController(Orders orders) {
    this.orders = orders;
  }

  /** The step that is next, or another that is left, with what ripens in the studio. */
  @GetMapping
  WorkView work(Asker asker, @PathVariable String id, @RequestParam(required = false) String step) {
    Orders.Task task = orders.task(asker.studio(), id);
    Orders.Solved solved = orders.schedule(task).orElseThrow(OrderFiles::nothingGoes);
    List<WorkView.RipeningView> ripening =
        orders.all(asker.studio()).task().map(WorkViews::ripening).orElse(List.of());
    return new WorkViews(task, solved).view(Optional.ofNullable(step), ripening);
  }
}
