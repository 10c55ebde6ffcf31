package craftmap.core.cut.nest;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.NoOverlap2dConstraint;
import craftmap.core.plane.Box;
import craftmap.core.solver.Solvers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Asks a solver whether all parts go onto so many new sheets, in whole thousandths of a millimetre.
 * Asked with every part rounded down and every sheet rounded up, a no is a proof; asked the other
 * way round, a yes is a plan that can be cut. It works alone and for a measured amount of work, so
 * that its answer is the same on any machine.
 */
final class ExactNest {
  private static final double UNITS_PER_MM = 1000;

  private final NestTask task;
  private final NestSearch search;
  private final List<Bin> bins = new ArrayList<>();

  /** Of each model, by the number of the parts that meet and the way. */
  private final Map<List<Integer>, IntVar> further = new HashMap<>();

  /** A sheet or a leftover that may be cut. */
  private record Bin(int stock, int copy) {}

  /** What came of it. */
  record Answer(boolean impossible, Optional<List<NestTask.Locked>> plan) {
    static final Answer UNKNOWN = new Answer(false, Optional.empty());
  }

  private ExactNest(NestTask task, NestSearch search, int newSheets) {
    this.task = task;
    this.search = search;
    for (int s = 0; s < task.stock().size(); s++) {
      NestStock stock = task.stock().get(s);
      int copies = stock.isNew() ? Math.min(newSheets, stock.count()) : stock.count();
      for (int copy = 1; copy <= copies; copy++) {
        bins.add(new Bin(s, copy));
      }
    }
  }

  /** Whether so few new sheets do. Sheets of several sizes are not asked about. */
  static Answer asks(NestTask task, NestSearch search, int newSheets) {
    if (task.sheets().size() > 1 || !Solvers.areThere()) {
      return Answer.UNKNOWN;
    }
    ExactNest nest = new ExactNest(task, search, newSheets);
    Answer loose = nest.solve(true);
    return loose.plan().isEmpty() ? loose : nest.solve(false);
  }

  /** Where a part may go: on a bin, either way round. */
  private record Choice(int part, Bin bin, boolean turned, BoolVar there, IntVar x, IntVar y) {}

  private Answer solve(boolean loose) {
    CpModel model = new CpModel();
    further.clear();
    List<Choice> choices = new ArrayList<>();
    List<NoOverlap2dConstraint> apart = new ArrayList<>();
    bins.forEach(b -> apart.add(model.addNoOverlap2D()));
    for (int part = 0; part < task.parts().size(); part++) {
      List<BoolVar> ways = new ArrayList<>();
      for (int b = 0; b < bins.size(); b++) {
        // the first part on one of the first new sheets, and so on: sheets are all alike
        if (isNew(bins.get(b)) && bins.get(b).copy() > part + 1 && task.locked().isEmpty()) {
          continue;
        }
        for (int turn = 0; turn <= (task.parts().get(part).turns() ? 1 : 0); turn++) {
          choice(model, part, bins.get(b), turn == 1, loose, apart.get(b))
              .ifPresent(
                  c -> {
                    choices.add(c);
                    ways.add(c.there());
                  });
        }
      }
      if (ways.isEmpty()) {
        return new Answer(loose, Optional.empty());
      }
      model.addExactlyOne(ways.toArray(BoolVar[]::new));
    }
    return answer(model, choices, loose);
  }

  private boolean isNew(Bin bin) {
    return task.stock().get(bin.stock()).isNew();
  }

  private Optional<Choice> choice(
      CpModel model, int part, Bin bin, boolean turned, boolean loose, NoOverlap2dConstraint on) {
    NestPart p = task.parts().get(part);
    NestStock stock = task.stock().get(bin.stock());
    Box usable = stock.usable();
    double knife = task.knifeMm();
    long w = size((turned ? p.heightMm() : p.widthMm()) + knife, loose);
    long h = size((turned ? p.widthMm() : p.heightMm()) + knife, loose);
    long wide = size(usable.widthMm() + knife, !loose);
    long tall = size(usable.heightMm() + knife, !loose);
    if (w > wide || h > tall) {
      return Optional.empty();
    }
    String name = part + "/" + bin.stock() + "/" + bin.copy() + "/" + turned;
    BoolVar there = model.newBoolVar(name);
    IntVar x = model.newIntVar(0, wide - w, "x" + name);
    IntVar y = model.newIntVar(0, tall - h, "y" + name);
    begins(model, there, x, p, stock, true, wide, loose);
    begins(model, there, y, p, stock, false, tall, loose);
    task.locked().stream()
        .filter(l -> l.part() == part)
        .forEach(
            l -> {
              if (l.stock() == bin.stock() && l.copy() == bin.copy() && l.turned() == turned) {
                near(model, there, x, l.at().leftMm() - usable.leftMm(), wide - w);
                near(model, there, y, l.at().topMm() - usable.topMm(), tall - h);
              } else {
                model.addEquality(there, 0);
              }
            });
    on.addRectangle(
        model.newOptionalFixedSizeIntervalVar(x, w, there, "w" + name),
        model.newOptionalFixedSizeIntervalVar(y, h, there, "h" + name));
    return Optional.of(new Choice(part, bin, turned, there, x, y));
  }

  private static double phase(NestStock stock, NestPart part, boolean across) {
    return across
        ? stock.originAcrossMm() + part.acrossMm() - stock.usable().leftMm()
        : stock.originDownMm() + part.downMm() - stock.usable().topMm();
  }

  private static long size(double mm, boolean down) {
    double units = mm * UNITS_PER_MM;
    return Math.round(down ? Math.floor(units + 1e-6) : Math.ceil(units - 1e-6));
  }

  /** Where the repeat lets a part lie: as told, or as the parts do that it has to meet. */
  private void begins(
      CpModel model,
      BoolVar there,
      IntVar at,
      NestPart part,
      NestStock stock,
      boolean across,
      long room,
      boolean loose) {
    double step = across ? stock.stepAcrossMm() : stock.stepDownMm();
    if (part.meets() == NestPart.AS_TOLD) {
      repeat(model, there, at, room, phase(stock, part, across), step, loose);
      return;
    }
    if (step <= 0 || task.isAlone(part)) {
      return;
    }
    IntVar further = further(model, part.meets(), across, step);
    long repeat = Math.round(step * UNITS_PER_MM);
    long most = room / repeat + 2;
    IntVar times = model.newIntVar(-most, most, "times");
    double phase = phase(stock, part, across);
    long told = Math.round((phase - step * Math.floor(phase / step)) * UNITS_PER_MM);
    // each repeat, the beginning and what is told may be half a unit off
    long by = loose ? most + 2 : 0;
    model
        .addLinearConstraint(
            LinearExpr.newBuilder().add(at).addTerm(further, -1).addTerm(times, -repeat).build(),
            told - by,
            told + by)
        .onlyEnforceIf(there);
  }

  /** How much further on than told the parts begin that meet each other. */
  private IntVar further(CpModel model, int meets, boolean across, double step) {
    return further.computeIfAbsent(
        List.of(meets, across ? 1 : 0),
        key -> model.newIntVar(0, Math.round(step * UNITS_PER_MM), "further" + meets + across));
  }

  /** Within a unit of one of the places where the repeat begins anew. */
  private static void repeat(
      CpModel model,
      BoolVar there,
      IntVar at,
      long room,
      double phase,
      double step,
      boolean slack) {
    if (step <= 0) {
      return;
    }
    List<Long> places = new ArrayList<>();
    for (double p = phase - step * Math.floor(phase / step); p * UNITS_PER_MM <= room; p += step) {
      places.add(Math.round(p * UNITS_PER_MM));
    }
    List<long[]> near = new ArrayList<>();
    long by = slack ? 1 : 0;
    places.forEach(p -> near.add(new long[] {Math.max(0, p - by), p + by}));
    if (near.isEmpty()) {
      model.addEquality(there, 0);
      return;
    }
    model
        .addLinearExpressionInDomain(
            at, com.google.ortools.util.Domain.fromIntervals(near.toArray(long[][]::new)))
        .onlyEnforceIf(there);
  }

  private static void near(CpModel model, BoolVar there, IntVar at, double mm, long most) {
    long place = Math.min(most, Math.max(0, Math.round(mm * UNITS_PER_MM)));
    model.addEquality(at, LinearExpr.constant(place)).onlyEnforceIf(there);
  }

  private Answer answer(CpModel model, List<Choice> choices, boolean loose) {
    CpSolver solver = Solvers.solver(search.seed(), search.exactWork());
    CpSolverStatus status = Solvers.solve(solver, model);
    if (status == CpSolverStatus.INFEASIBLE) {
      return new Answer(loose, Optional.empty());
    }
    if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
      return Answer.UNKNOWN;
    }
    List<NestTask.Locked> plan = new ArrayList<>();
    for (Choice c : choices) {
      if (solver.booleanValue(c.there())) {
        NestPart p = task.parts().get(c.part());
        Box usable = task.stock().get(c.bin().stock()).usable();
        plan.add(
            new NestTask.Locked(
                c.part(),
                c.bin().stock(),
                c.bin().copy(),
                new Box(
                    usable.leftMm() + solver.value(c.x()) / UNITS_PER_MM,
                    usable.topMm() + solver.value(c.y()) / UNITS_PER_MM,
                    c.turned() ? p.heightMm() : p.widthMm(),
                    c.turned() ? p.widthMm() : p.heightMm()),
                c.turned()));
      }
    }
    return new Answer(false, Optional.of(plan));
  }
}
