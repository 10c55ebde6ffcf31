package craftmap.server.logbook;

import static craftmap.core.measure.Figure.said;

import craftmap.core.log.Learned;
import craftmap.core.log.Topic;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Medium;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.learning.Choice;
import craftmap.server.learning.Learning;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import java.util.HashMap;
import java.util.Map;
import java.util.NoSuchElementException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the bench has taught, and what somebody decides about it. */
@RestController
@RequestMapping("/api/learned")
class LearnedController {
  private final Learning learning;
  private final ShelfService shelf;
  private final Benches benches;

  LearnedController(Learning learning, ShelfService shelf, Benches benches) {
    this.learning = learning;
    this.shelf = shelf;
    this.benches = benches;
  }

  /**
   * What is decided about a figure.
   *
   * @param topic as the figure tells it
   */
  record Decision(String topic, Choice choice) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  LearnedView learned(Asker asker) {
    Studio studio = asker.studio();
    Map<String, Medium> media = new HashMap<>();
    shelf.media(studio.id()).forEach(m -> media.put(m.id(), m));
    return new LearnedViews(
            learning.all(studio.id()),
            shelf.coatShelf(studio.id(), Learned.NONE),
            media,
            benches.of(studio).zone())
        .view(learning.figures(studio.id()));
  }

  /** Has plans that are not begun go by a figure or not, and what was seen count or not. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/decisions")
  LearnedView decide(Asker asker, @RequestBody Decision decision) {
    if (decision.topic() == null) {
      throw new RefusedInput(
          "topic", said("empty"), said("is-missing"), said("what-something-is-learned-about"));
    }
    if (decision.choice() == null) {
      throw new RefusedInput("choice", said("empty"), said("is-missing"), said("a-choice"));
    }
    Topic topic = Topic.read(decision.topic());
    if (learning.figures(asker.studio().id()).stream().noneMatch(f -> f.topic().equals(topic))) {
      throw new NoSuchElementException("Nothing was seen of " + decision.topic() + " yet.");
    }
    learning.decide(asker.studio().id(), topic, decision.choice(), asker.person());
    return learned(asker);
  }
}
