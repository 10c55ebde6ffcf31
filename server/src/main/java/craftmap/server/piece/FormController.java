package craftmap.server.piece;

import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.plan.Plan;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The forms a piece can start from, each as its typical net, and the kinds of outline. */
@RestController
@RequestMapping("/api")
class FormController {
  private final PlanViews views;

  FormController(PlanViews views) {
    this.views = views;
  }

  /** A form with what it looks like before anything is measured. */
  record FormChoice(FormKind kind, String name, String about, ReadingView reading) {}

  record OutlineChoice(OutlineKind kind, String name) {}

  record Choices(List<FormChoice> forms, List<OutlineChoice> outlines) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/forms")
  Choices forms(Asker asker) {
    Studio studio = asker.studio();
    return new Choices(
        Arrays.stream(FormKind.values()).map(k -> choice(studio, k)).toList(),
        Arrays.stream(OutlineKind.values())
            .map(k -> new OutlineChoice(k, Words.say("outline", k)))
            .toList());
  }

  private FormChoice choice(Studio studio, FormKind kind) {
    String name = Words.say("form", kind);
    Plan blank = Plan.begun(name, FormNote.typical(kind));
    return new FormChoice(kind, name, Words.say("form.about", kind), views.view(studio, blank));
  }
}
