package craftmap.server.jobs;

import craftmap.core.measure.RefusedInput;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import craftmap.server.words.FigureWords;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Begins jobs, does those that this server takes, a few at a time, and says how they stand. */
@Service
public class Jobs implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);

  /** As many as the smallest machine has cores. */
  public static final int AT_ONCE = 2;

  private static final long SAID_EVERY_MS = 250;
  private static final long LOOKED_EVERY_MS = 2000;
  private static final int LONGEST_FAILURE = 400;

  private final JobBook book;
  private final Studios studios;
  private final JsonMapper json;
  private final boolean works;
  private final Map<String, JobWorker<?>> workers = new HashMap<>();
  private final Set<String> onlyOnce;

  /** This server among others; another one every time it starts. */
  private final String server = UUID.randomUUID().toString();

  private final Semaphore hands = new Semaphore(AT_ONCE);
  private final ExecutorService working = Executors.newFixedThreadPool(AT_ONCE);
  private final ScheduledExecutorService pulse = Executors.newSingleThreadScheduledExecutor();
  private final Map<String, Telling> running = new ConcurrentHashMap<>();
  private volatile boolean ending;

  /**
   * @param works whether it does jobs; one that does not leaves all of them to others
   */
  Jobs(
      JobBook book,
      Studios studios,
      JsonMapper json,
      List<JobWorker<?>> all,
      @Value("${craftmap.jobs}") boolean works) {
    this.book = book;
    this.studios = studios;
    this.json = json;
    this.works = works;
    for (JobWorker<?> worker : all) {
      if (workers.put(worker.kind(), worker) != null) {
        throw new IllegalStateException("two workers for jobs of kind " + worker.kind());
      }
    }
    this.onlyOnce =
        all.stream()
            .filter(w -> !w.mayBeginAgain())
            .map(JobWorker::kind)
            .collect(Collectors.toUnmodifiableSet());
    pulse.scheduleWithFixedDelay(
        safely(this::sayAll), SAID_EVERY_MS, SAID_EVERY_MS, TimeUnit.MILLISECONDS);
    // what another server left, and what was begun there while it was busy
    pulse.scheduleWithFixedDelay(
        safely(this::look), LOOKED_EVERY_MS, LOOKED_EVERY_MS, TimeUnit.MILLISECONDS);
  }

  /** A database that does not answer just now must not end the pulse. */
  private Runnable safely(Runnable beat) {
    return () -> {
      try {
        beat.run();
      } catch (RuntimeException e) {
        if (!ending) {
          LOG.warn("jobs cannot be looked after just now: {}", e.toString());
        }
      }
    };
  }

  /** How one job tells: its work says how far it is as often as it likes, the pulse writes it. */
  private final class Telling implements JobWorker.Progress {
    private final String id;
    private volatile double share;
    private volatile boolean stop;
    private volatile boolean ended;

    private Telling(String id) {
      this.id = id;
    }

    @Override
    public boolean at(double done) {
      share = done;
      return !stop;
    }

    @Override
    public void endsWith(JobResult result) {
      if (stop || !book.ends(server, id, JobState.DONE, "", result)) {
        throw new CancellationException("stopped");
      }
      ended = true;
    }

    private void say() {
      if (!ended) {
        stop = !book.goesOn(server, id, share) || stop;
      }
    }

    private void end(JobState state, String failure, JobResult result) {
      if (!book.ends(server, id, state, failure, result)) {
        LOG.info("job {} is no longer this server's", id);
      }
    }
  }

  private void sayAll() {
    running.values().forEach(Telling::say);
  }

  /** Takes jobs for as long as hands are free. */
  private void look() {
    if (!works) {
      return;
    }
    book.cutShort(onlyOnce);
    while (!ending && hands.tryAcquire()) {
      Optional<JobBook.Beginning> taken = Optional.empty();
      try {
        taken = book.take(server, workers.keySet());
      } finally {
        if (taken.isEmpty()) {
          hands.release();
        }
      }
      if (taken.isEmpty()) {
        return;
      }
      JobBook.Beginning job = taken.get();
      Telling telling = new Telling(job.id());
      running.put(job.id(), telling);
      working.execute(() -> run(job, telling));
    }
  }

  /**
   * Begins a job.
   *
   * @param worker who does it, on this server or on another
   */
  public <I> Job begin(Asker asker, JobWorker<I> worker, String title, I input) {
    return begin(asker, UUID.randomUUID().toString(), worker, title, input)
        .orElseThrow(() -> new IllegalStateException("impossible state: an id came twice"));
  }

  /** The same under an id of the caller's; nothing where a job of that id was begun before. */
  public <I> Optional<Job> begin(
      Asker asker, String id, JobWorker<I> worker, String title, I input) {
    JobBook.Beginning job =
        new JobBook.Beginning(
            id,
            asker.studio().id(),
            worker.kind(),
            title,
            asker.person(),
            json.writeValueAsString(input));
    if (!book.begin(job)) {
      return Optional.empty();
    }
    Job begun = get(asker.studio(), id);
    lookSoon();
    return Optional.of(begun);
  }

  private void run(JobBook.Beginning job, Telling telling) {
    try {
      telling.mustGoOn(0);
      JobResult result = work(workers.get(job.kind()), job, telling);
      if (!telling.ended) {
        telling.say();
        telling.end(
            telling.stop ? JobState.STOPPED : JobState.DONE,
            "",
            telling.stop ? JobResult.NONE : result);
      }
    } catch (CancellationException e) {
      if (!ending) {
        telling.end(JobState.STOPPED, "", JobResult.NONE);
      }
    } catch (RefusedInput e) {
      String why = new FigureWords(studios.get(job.studioId()).tape()).refusal(e);
      telling.end(JobState.FAILED, shortened(why), JobResult.NONE);
    } catch (Exception e) {
      if (ending) {
        // nothing is said: another server, or this one when it is back, does it again
        return;
      }
      LOG.error("job {} failed", telling.id, e);
      telling.end(
          JobState.FAILED,
          "Something went wrong on our side. Nothing of yours was changed; it is in the log.",
          JobResult.NONE);
    } finally {
      running.remove(telling.id);
      hands.release();
      lookSoon();
    }
  }

  private void lookSoon() {
    try {
      pulse.execute(safely(this::look));
    } catch (RejectedExecutionException serverEnds) {
      LOG.debug("no more jobs are taken");
    }
  }

  private <I> JobResult work(JobWorker<I> worker, JobBook.Beginning job, Telling telling)
      throws Exception {
    Work<I> work =
        new Work<>(
            job.id(),
            studios.get(job.studioId()),
            job.title(),
            job.person(),
            json.readValue(job.input(), worker.input()));
    return worker.run(work, telling);
  }

  private static String shortened(String text) {
    return text.length() > LONGEST_FAILURE ? text.substring(0, LONGEST_FAILURE) : text;
  }

  public Job get(Studio studio, String id) {
    return find(studio, id)
        .orElseThrow(() -> new NoSuchElementException("There is no job " + id + "."));
  }

  public Optional<Job> find(Studio studio, String id) {
    return book.find(studio.id(), id);
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

  /** What a job of this worker left; a job of another kind left something else. */
  public JobResult result(Studio studio, String id, JobWorker<?> worker) {
    mustBe(get(studio, id), worker);
    return result(studio, id);
  }

  /** What a job of this worker was told. */
  public <I> I input(Studio studio, String id, JobWorker<I> worker) {
    mustBe(get(studio, id), worker);
    return json.readValue(book.input(studio.id(), id).orElseThrow(), worker.input());
  }

  private static void mustBe(Job job, JobWorker<?> worker) {
    if (!job.kind().equals(worker.kind())) {
      throw new NoSuchElementException(
          "Job " + job.id() + " left no such thing: it is " + job.title() + ".");
    }
  }

  /** What is under way here is begun again elsewhere, or when this server is back. */
  @Override
  public void destroy() {
    ending = true;
    pulse.shutdownNow();
    running.values().forEach(t -> t.stop = true);
    working.shutdownNow();
    safely(() -> book.letGo(server)).run();
  }
}
