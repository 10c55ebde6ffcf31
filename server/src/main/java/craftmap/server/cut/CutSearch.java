package craftmap.server.cut;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.cutting.CutWish;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.server.jobs.Job;
import craftmap.server.jobs.JobKind;
import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.Jobs;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Looks for a better cutting plan, as long as that takes, and keeps it. */
@Service
class CutSearch {
  private final Cuttings cuttings;
  private final KeptPlans plans;
  private final Jobs jobs;

  CutSearch(Cuttings cuttings, KeptPlans plans, Jobs jobs) {
    this.cuttings = cuttings;
    this.plans = plans;
    this.jobs = jobs;
  }

  /** Begins; where it is stopped, the plan from before stays. */
  Job begin(Studio studio, List<SavedPlan> together, String designId, KeptPlans.WishDoc wish) {
    Cutting now = cuttings.of(studio, together, designId);
    if (now.isCut()) {
      throw new RefusedInput(
          "Design", now.cut().design().name(), "is cut already", "one that is not");
    }
    Cuttings.Question question = cuttings.question(now);
    List<CutWish.Locked> locked = locked(now.cut(), wish.locked());
    CutWish asked = wish.asWish(locked);
    String key = Cuttings.key(now.pieces());
    String madeFrom = Cuttings.madeFrom(question);
    return jobs.begin(
        studio,
        JobKind.NEST,
        Words.say("cut.searching", now.cut().design().name()),
        progress -> {
          DesignCut found =
              question.answer(
                  asked,
                  share -> {
                    progress.mustGoOn(share);
                    return true;
                  });
          progress.mustGoOn(1);
          plans.keep(
              studio.id(),
              designId,
              key,
              madeFrom,
              new KeptPlans.Kept(wish, KeptPlans.PlanDoc.of(found)));
          return JobResult.NONE;
        });
  }

  void forget(Studio studio, List<SavedPlan> together, String designId) {
    Cutting now = cuttings.of(studio, together, designId);
    plans.forget(studio.id(), designId, Cuttings.key(now.pieces()));
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
