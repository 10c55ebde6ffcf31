package craftmap.server.shelf;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Tool;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.fields.Answers;
import craftmap.server.fields.FieldView;
import craftmap.server.fields.FieldViews;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tools, with what they cover in a minute and what stays in them. */
@RestController
@RequestMapping("/api/tools")
class ToolController {
  private final Tools tools;

  ToolController(Tools tools) {
    this.tools = tools;
  }

  record ToolGiven(String name, Answers answers) {}

  record ToolView(
      String id,
      long version,
      String name,
      String kindText,
      String text,
      Answers answers,
      List<FieldView> fields) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<ToolView> tools(Asker asker) {
    Studio studio = asker.studio();
    return tools.all(studio.id()).stream().map(t -> view(t, studio)).toList();
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/reading")
  List<FieldView> read(Asker asker, @RequestBody ToolGiven given) {
    Answers answers = given.answers() == null ? Answers.NONE : given.answers();
    MeasureSheet sheet = answers.sheet();
    Tool.read("new", given.name(), sheet);
    return FieldViews.of(sheet, asker.studio().tape());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping
  ResponseEntity<ToolView> add(Asker asker, @RequestBody ToolGiven given) {
    Studio studio = asker.studio();
    return ResponseEntity.status(HttpStatus.CREATED)
        .body(view(tools.add(studio.id(), given.name(), given.answers()), studio));
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/{id}")
  ToolView change(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody ToolGiven given) {
    Studio studio = asker.studio();
    return view(
        tools.change(studio.id(), id, Version.of(ifMatch), given.name(), given.answers()), studio);
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}")
  ResponseEntity<Void> takeAway(Asker asker, @PathVariable String id) {
    tools.takeAway(asker.studio().id(), id);
    return ResponseEntity.noContent().build();
  }

  private static ToolView view(Tools.OwnedTool t, Studio studio) {
    return new ToolView(
        t.tool().id(),
        t.version(),
        t.tool().name(),
        Words.say("choice." + t.tool().kind().name()),
        Words.say(
            "tool.text",
            Words.squareCentimetres(t.tool().coversM2PerMin() * 1e6),
            Words.percent(t.tool().loss())),
        t.answers(),
        FieldViews.of(t.sheet(), studio.tape()));
  }
}
