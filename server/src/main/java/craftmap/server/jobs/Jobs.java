package craftmap.server.jobs;

import craftmap.core.measure.RefusedInput;
import craftmap.server.studio.Studio;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;

/** Begins jobs, a few at a time, and says how they stand. */
@Service
public class Jobs implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);

  /** As many as the smallest machine has cores. */
  public static final int AT_ONCE = 2;

  private static final long TOLD_EVERY_NS = 100_000_000;
  private static final int LONGEST_FAILURE = 400;

  private final JobBook book;
  private final ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE);
  private final ScheduledExecutorService pulse = Executors.newSingleThreadScheduledExecutor();
  private final Map<String, Telling> running = new ConcurrentHashMap<>();

  Jobs(JobBook book) {
    this.book = book;
    // a job that waits its turn or is deep in a solver says nothing by itself
    long every = JobBook.SILENT.toSeconds() / 4;
    pulse.scheduleAtFixedRate(this::sayAll, every, every, TimeUnit.SECONDS);
  }

  /** How one job tells, no more often than anybody looks. */
  private final class Telling implements JobWork.Progress {
    private final String id;
    private volatile double share;
    private volatile boolean stop;
    private long told;

    private Telling(String id) {
      this.id = id;
    }

    @Override
    public boolean at(double done) {
      share = done;
      long now = System.nanoTime();
      if (now - told >= TOLD_EVERY_NS) {
        told = now;
        say();
      }
      return !stop;
    }

    private void say() {
      stop = !book.goesOn(id, share) || stop;
    }
  }

  private void sayAll() {
    try {
      running.values().forEach(Telling::say);
    } catch (RuntimeException e) {
      LOG.warn("a job could not say how far it is", e);
    }
  }

  public Job begin(Studio studio, JobKind kind, String title, JobWork work) {
    String id = UUID.randomUUID().toString();
    book.begin(id, studio.id(), kind, title);
    Telling telling = new Telling(id);
    running.put(id, telling);
    workers.execute(() -> run(telling, work));
    return get(studio, id);
  }

  private void run(Telling telling, JobWork work) {
    try {
      telling.mustGoOn(0);
      JobResult result = work.run(telling);
      telling.say();
      if (telling.stop) {
        book.ends(telling.id, JobState.STOPPED, "", JobResult.NONE);
      } else {
        book.ends(telling.id, JobState.DONE, "", result);
      }
    } catch (CancellationException e) {
      book.ends(telling.id, JobState.STOPPED, "", JobResult.NONE);
    } catch (RefusedInput e) {
      book.ends(telling.id, JobState.FAILED, shortened(e.getMessage()), JobResult.NONE);
    } catch (Exception e) {
      LOG.error("job {} failed", telling.id, e);
      book.ends(
          telling.id,
          JobState.FAILED,
          "Something went wrong on our side. Nothing of yours was changed; it is in the log.",
          JobResult.NONE);
    } finally {
      running.remove(telling.id);
    }
  }

  private static String shortened(String text) {
    return text.length() > LONGEST_FAILURE ? text.substring(0, LONGEST_FAILURE) : text;
  }

  public Job get(Studio studio, String id) {
    return book.find(studio.id(), id)
        .orElseThrow(() -> new NoSuchElementException("There is no job " + id + "."));
  }

  /** Asks it to stop; one that is over stays as it is. */
  Job stop(Studio studio, String id) {
    book.askToStop(studio.id(), id);
    Telling telling = running.get(id);
    if (telling != null) {
      telling.stop = true;
    }
    return get(studio, id);
  }

  public JobResult result(Studio studio, String id) {
    return book.result(studio.id(), id)
        .orElseThrow(() -> new NoSuchElementException("Job " + id + " left no file."));
  }

  /** What a job of this kind left; a job of another kind left something else. */
  public JobResult result(Studio studio, String id, JobKind kind) {
    Job job = get(studio, id);
    if (job.kind() != kind) {
      throw new NoSuchElementException(
          "Job " + id + " left no such thing: it is " + job.title() + ".");
    }
    return result(studio, id);
  }

  @Override
  public void destroy() {
    pulse.shutdownNow();
    running.values().forEach(t -> t.stop = true);
    workers.shutdownNow();
  }
}
