package craftmap.server.cut;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.cutting.CutWish;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Looks for a better cutting plan, as long as that takes, and keeps it. */
@Component
class PlanSeeker implements JobWorker<PlanSeeker.Sought> {
  private final Cuttings cuttings;
  private final KeptPlans plans;

  PlanSeeker(Cuttings cuttings, KeptPlans plans) {
    this.cuttings = cuttings;
    this.plans = plans;
  }

  /** What is looked for: a plan for a design, for pieces that are cut together. */
  record Sought(List<String> pieceIds, String designId, KeptPlans.WishDoc wish) {}

  @Override
  public String kind() {
    return "NEST";
  }

  @Override
  public Class<Sought> input() {
    return Sought.class;
  }

  /** What is asked, as it stands now; refused where it is cut already, or cannot be wished for. */
  Cutting open(Studio studio, Sought sought) {
    Cutting now = cuttings.of(studio, together(studio, sought), sought.designId());
    if (now.isCut()) {
      throw new RefusedInput(
          "design",
          given(now.cut().design().name()),
          said("is-cut-already"),
          said("one-that-is-not"));
    }
    wish(now, sought);
    return now;
  }

  @Override
  public JobResult run(Work<Sought> work, Progress progress) {
    Sought sought = work.input();
    Cutting now = open(work.studio(), sought);
    Cuttings.Question question = cuttings.question(now);
    DesignCut found =
        question.answer(
            wish(now, sought),
            share -> {
              progress.mustGoOn(share);
              return true;
            });
    progress.mustGoOn(1);
    plans.keep(
        work.studio().id(),
        sought.designId(),
        Cuttings.key(now.pieces()),
        Cuttings.madeFrom(question),
        new KeptPlans.Kept(sought.wish(), KeptPlans.PlanDoc.of(found)));
    return JobResult.NONE;
  }

  /** Back to the plan that is found at once. */
  void forget(Studio studio, Sought sought) {
    Cutting now = cuttings.of(studio, together(studio, sought), sought.designId());
    plans.forget(studio.id(), sought.designId(), Cuttings.key(now.pieces()));
  }

  private List<SavedPlan> together(Studio studio, Sought sought) {
    List<String> ids = sought.pieceIds();
    return cuttings.together(studio, ids.getFirst(), ids.subList(1, ids.size()));
  }

  private static CutWish wish(Cutting now, Sought sought) {
    return sought.wish().asWish(locked(now.cut(), sought.wish().locked()));
  }

  /** Where the parts that stay lie now. */
  private static List<CutWish.Locked> locked(DesignCut cut, List<Integer> numbers) {
    List<CutWish.Locked> locked = new ArrayList<>();
    for (int s = 0; s < cut.sheets().size(); s++) {
      DesignCut.Sheet sheet = cut.sheets().get(s);
      for (DesignCut.Piece p : sheet.pieces()) {
        if (numbers.contains(p.number())) {
          locked.add(
              new CutWish.Locked(p.number(), sheet.leftoverId(), s + 1, p.window(), p.turned()));
        }
      }
    }
    return locked;
  }
}
