package craftmap.core.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.SatParameters;
import java.util.concurrent.Semaphore;

/** Solvers whose answer is the same on any machine. */
public final class Solvers {
  private static final boolean READY = load();

  /**
   * Each takes room of its own outside of Java's, where nothing else bounds it, and where all cores
   * are busy none is done sooner for having begun. Twice as many as there are cores, so that a
   * short question has its turn beside long searches.
   */
  static final int AT_ONCE = 2 * Runtime.getRuntime().availableProcessors();

  /**
   * How often what is asked about minutes is read over before it is searched: twice more finds
   * hardly anything, and takes a quarter of all the time.
   */
  private static final int READ_OVER = 1;

  /** First come, first served. */
  private static final Semaphore TURNS = new Semaphore(AT_ONCE, true);

  private Solvers() {}

  private static boolean load() {
    try {
      Loader.loadNativeLibraries();
      return true;
    } catch (UnsatisfiedLinkError | RuntimeException e) {
      return false;
    }
  }

  /** There is none for every machine; where there is none, plans are as good as they were found. */
  public static boolean areThere() {
    return READY;
  }

  /**
   * One that works alone.
   *
   * @param work how much it may do, in its own measure
   */
  public static CpSolver solver(long seed, double work) {
    CpSolver solver = new CpSolver();
    SatParameters.Builder how = solver.getParameters();
    how.setNumWorkers(1);
    how.setRandomSeed((int) seed);
    how.setMaxDeterministicTime(work);
    return solver;
  }

  /**
   * One that works alone and relaxes nothing to straight lines: for what hangs on minutes that have
   * to fit together, that is many times quicker, and says little of how far off the best may be.
   */
  public static CpSolver withoutRelaxation(long seed, double work) {
    CpSolver solver = solver(seed, work);
    solver.getParameters().setLinearizationLevel(0).setMaxPresolveIterations(READ_OVER);
    return solver;
  }

  /** One that works alone and takes turns at all the ways of searching it knows. */
  public static CpSolver ofManyWays(long seed, double work) {
    CpSolver solver = solver(seed, work);
    solver.getParameters().setInterleaveSearch(true).setMaxPresolveIterations(READ_OVER);
    return solver;
  }

  /** Lets one do its work, as soon as it is its turn. */
  public static CpSolverStatus solve(CpSolver solver, CpModel model) {
    TURNS.acquireUninterruptibly();
    try {
      return solver.solve(model);
    } finally {
      TURNS.release();
    }
  }

  /** How many wait for their turn. */
  static int waiting() {
    return TURNS.getQueueLength();
  }
}
