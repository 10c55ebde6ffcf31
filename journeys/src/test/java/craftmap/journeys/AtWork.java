package craftmap.journeys;

import java.util.List;
import java.util.concurrent.ExecutionException;

/** People who work on, whatever is killed meanwhile. */
interface AtWork extends AutoCloseable {
  /** Until so many more were told that what they did from now on is kept. */
  void untilKept(int more) throws InterruptedException;

  /** They go home. */
  void end() throws InterruptedException, ExecutionException;

  /** What was answered as a fault of ours. */
  List<String> faults();

  @Override
  void close();
}
