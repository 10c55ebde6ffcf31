package craftmap.server.truesize;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.Jobs;
import craftmap.server.paper.Paper;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Prints at true size, as jobs. */
@RestController
@RequestMapping("/api/pieces/{id}/prints")
class TrueSizeController {
  private final Pieces pieces;
  private final TrueSizePrints prints;
  private final TrueSizePrinter printer;
  private final Jobs jobs;

  TrueSizeController(Pieces pieces, TrueSizePrints prints, TrueSizePrinter printer, Jobs jobs) {
    this.pieces = pieces;
    this.prints = prints;
    this.printer = printer;
    this.jobs = jobs;
  }

  /** Something of the piece that can be printed. */
  record PrintView(TrueSizePrints.What what, String name, String about, int pages, String text) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<PrintView> possible(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "A4") Paper paper) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    List<PrintView> possible = new ArrayList<>();
    for (TrueSizePrints.What what : TrueSizePrints.What.values()) {
      int pages =
          TrueSizePages.pages(
              prints.spreads(studio, piece, new TrueSizePrints.PrintWish(what, paper, null, null)));
      if (pages > 0) {
        possible.add(
            new PrintView(
                what,
                Words.say("trueSize.what", what),
                Words.say("trueSize.about", what),
                pages,
                Words.say("trueSize.pages", pages)));
      }
    }
    return possible;
  }

  /** The job's file is the print. */
  @Allowed(StudioRole.GUEST)
  @PostMapping
  ResponseEntity<Job> print(
      Asker asker, @PathVariable String id, @RequestBody TrueSizePrints.PrintWish wish) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    prints.mustHave(studio, piece, wish);
    String title =
        Words.say("trueSize.title", piece.name(), Words.say("trueSize.what", wish.what()));
    Job job = jobs.begin(asker, printer, title, new TrueSizePrinter.Order(id, wish));
    return ResponseEntity.status(HttpStatus.ACCEPTED).body(job);
  }
}
