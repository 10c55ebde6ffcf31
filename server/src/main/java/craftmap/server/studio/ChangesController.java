package craftmap.server.studio;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Tag;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ChangesController {
  private final Changes changes;

  ChangesController(Changes changes) {
    this.changes = changes;
  }

  /**
   * How often things were changed, by what answers follow from. Whoever has asked before sees which
   * of its answers are old.
   */
  record ChangesView(List<TagView> tags) {}

  record TagView(Tag tag, long times) {}

  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/api/changes")
  ChangesView changes(Asker asker) {
    Map<Tag, Long> times = Changes.byTag(changes.times(asker.studio().id()));
    return new ChangesView(
        times.entrySet().stream().map(e -> new TagView(e.getKey(), e.getValue())).toList());
  }
}
