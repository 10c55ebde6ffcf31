package craftmap.server.live;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * A window that is told. What it is told is sent by a thread of its own, so that one whose network
 * is slow keeps nobody else waiting; one that is too far behind is let go, and asks again.
 */
final class Listener {
  private static final int MOST_WAITING = 64;

  /** What is silent for longer is taken for dead by whatever stands in between. */
  private static final Duration SIGN_OF_LIFE = Duration.ofSeconds(15);

  /** Then the page asks again, and is looked at again whether it may. */
  private static final Duration AT_MOST = Duration.ofMinutes(2);

  private final String studioId;
  private final String window;
  private final SseEmitter emitter = new SseEmitter(0L);
  private final BlockingQueue<SseEmitter.SseEventBuilder> waiting =
      new ArrayBlockingQueue<>(MOST_WAITING);
  private final AtomicBoolean over = new AtomicBoolean();
  private final AtomicBoolean last = new AtomicBoolean();

  Listener(String studioId, String window) {
    this.studioId = studioId;
    this.window = window;
  }

  String studioId() {
    return studioId;
  }

  String window() {
    return window;
  }

  SseEmitter emitter() {
    return emitter;
  }

  boolean isOver() {
    return over.get();
  }

  void tell(String what, Object told) {
    boolean taken =
        waiting.offer(SseEmitter.event().name(what).data(told, MediaType.APPLICATION_JSON));
    if (!taken) {
      end();
    }
  }

  void end() {
    over.set(true);
  }

  /** Once it was told what there is to tell. */
  void endSoon() {
    last.set(true);
  }

  /**
   * Sends what there is to tell until it is over.
   *
   * @param stillThere told from time to time while the window listens
   */
  void listen(Runnable stillThere) {
    emitter.onCompletion(this::end);
    emitter.onError(failed -> end());
    long until = System.nanoTime() + AT_MOST.toNanos();
    long sign = System.nanoTime() + SIGN_OF_LIFE.toNanos();
    try {
      while (!over.get() && System.nanoTime() < until) {
        SseEmitter.SseEventBuilder next = waiting.poll(200, TimeUnit.MILLISECONDS);
        if (next != null) {
          emitter.send(next);
        } else if (last.get()) {
          end();
        } else if (System.nanoTime() > sign) {
          emitter.send(SseEmitter.event().comment("still here"));
          stillThere.run();
          sign = System.nanoTime() + SIGN_OF_LIFE.toNanos();
        }
      }
      emitter.complete();
    } catch (IOException | RuntimeException gone) {
      // whoever has closed the window does not want to be told of it, and asks again otherwise
      emitter.complete();
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      emitter.complete();
    } finally {
      end();
    }
  }
}
