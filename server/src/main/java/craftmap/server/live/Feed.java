package craftmap.server.live;

import craftmap.server.changes.Changes;
import craftmap.server.changes.Tag;
import craftmap.server.changes.Thing;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Looks a few times each second what was changed in the studios that somebody looks at here, and
 * tells those who look. Which server made a change is the same to it: it knows of all from the
 * database.
 */
@Component
class Feed implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(Feed.class);
  private static final Duration BETWEEN = Duration.ofMillis(250);
  private static final int ROUNDS_TO_TIDY = 2_400;

  /** What says who is let in. */
  private static final Set<Thing> LET_IN = EnumSet.of(Thing.PEOPLE, Thing.DEVICE);

  static final String CHANGED = "changed";
  static final String HERE = "here";

  private final Changes changes;
  private final Presence presence;
  private final Queue<Listener> arriving = new ConcurrentLinkedQueue<>();

  /** Known to the thread that looks, and to no other. */
  private final List<Listener> listeners = new ArrayList<>();

  private final Map<String, Known> known = new HashMap<>();
  private volatile boolean running;
  private volatile Thread looking;

  Feed(Changes changes, Presence presence) {
    this.changes = changes;
    this.presence = presence;
  }

  /**
   * What was changed.
   *
   * @param tags how often things were changed by now, by what answers follow from
   * @param changes what was changed since the last time, but for what was changed in the window
   *     that is told; nothing at first
   */
  record ToldChanges(List<ToldTimes> tags, List<ToldChange> changes) {}

  record ToldTimes(Tag tag, long times) {}

  /**
   * A thing that was changed.
   *
   * @param id such as the piece's; of many at once it is none that is known elsewhere
   */
  record ToldChange(Tag tag, String id) {}

  /** Who else is there. */
  record ToldPresence(List<ToldWindow> windows) {}

  /**
   * Another window.
   *
   * @param person who sits at it; empty where nobody said
   * @param pieceId the piece that is looked at; absent where it is none
   * @param faceId the face that is looked at; absent where it is none
   */
  record ToldWindow(
      String window,
      String person,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId) {}

  private record Of(Thing thing, String id) {}

  /** What those who look at a studio have been told. */
  private record Known(Map<Thing, Long> times, Map<Of, Long> counts, List<Presence.Here> here) {}

  /** What is otherwise than it was told. */
  private record News(Known now, List<Changes.Count> changed, boolean isOtherwise) {}

  /** From now on tells a window. */
  void add(Listener listener) {
    arriving.add(listener);
    Thread.ofVirtual()
        .name("tells " + listener.window())
        .start(() -> listener.listen(() -> presence.seen(listener.studioId(), listener.window())));
  }

  // ---- looking

  private void look() {
    long rounds = 0;
    boolean failing = false;
    while (running) {
      try {
        Thread.sleep(BETWEEN);
        round();
        if (++rounds % ROUNDS_TO_TIDY == 0) {
          presence.forgetTheAway();
        }
        failing = false;
      } catch (InterruptedException stopped) {
        return;
      } catch (RuntimeException away) {
        // the database is away for a moment, or a later version has written what this one does not
        // know: whatever it is, the next round looks again
        if (!failing) {
          LOG.warn("What was changed cannot be told for now: {}", away.getMessage());
        }
        failing = true;
      }
    }
  }

  private void round() {
    List<Listener> fresh = new ArrayList<>();
    for (Listener one = arriving.poll(); one != null; one = arriving.poll()) {
      fresh.add(one);
    }
    listeners.removeIf(Listener::isOver);
    listeners.addAll(fresh);
    Set<String> studios = listeners.stream().map(Listener::studioId).collect(Collectors.toSet());
    known.keySet().retainAll(studios);
    if (studios.isEmpty()) {
      return;
    }
    Map<String, Map<Thing, Long>> times = changes.times(studios);
    Map<String, List<Presence.Here>> here =
        presence.now(studios).stream().collect(Collectors.groupingBy(Presence.Here::studioId));
    for (String studio : studios) {
      News news = news(studio, times.get(studio), here.getOrDefault(studio, List.of()));
      Known before = known.put(studio, news.now());
      for (Listener one : listeners) {
        if (one.studioId().equals(studio)) {
          tell(one, news, before, fresh.contains(one));
        }
      }
      endIfOthersBelong(studio, news, fresh);
    }
  }

  private News news(String studio, Map<Thing, Long> times, List<Presence.Here> here) {
    Known before = known.get(studio);
    if (before == null) {
      Map<Of, Long> counts = new HashMap<>();
      changes
          .counts(studio, EnumSet.allOf(Thing.class))
          .forEach(c -> counts.put(new Of(c.thing(), c.id()), c.times()));
      return new News(new Known(times, counts, here), List.of(), false);
    }
    Set<Thing> kinds = EnumSet.noneOf(Thing.class);
    times.forEach(
        (thing, n) -> {
          if (!n.equals(before.times().get(thing))) {
            kinds.add(thing);
          }
        });
    List<Changes.Count> changed = new ArrayList<>();
    if (!kinds.isEmpty()) {
      for (Changes.Count c : changes.counts(studio, kinds)) {
        Long was = before.counts().put(new Of(c.thing(), c.id()), c.times());
        if (was == null || was != c.times()) {
          // of several changes the last one's window says nothing of the others
          boolean once = c.times() == (was == null ? 0 : was) + 1;
          changed.add(once ? c : new Changes.Count(c.thing(), c.id(), c.times(), ""));
        }
      }
    }
    return new News(new Known(times, before.counts(), here), changed, !kinds.isEmpty());
  }

  // ---- telling

  private void tell(Listener one, News news, Known before, boolean isFresh) {
    if (isFresh || news.isOtherwise()) {
      one.tell(
          CHANGED,
          new ToldChanges(
              byTag(news.now().times()),
              isFresh
                  ? List.of()
                  : news.changed().stream()
                      .filter(c -> c.window().isEmpty() || !c.window().equals(one.window()))
                      .map(c -> new ToldChange(c.thing().tag(), c.id()))
                      .distinct()
                      .toList()));
    }
    List<ToldWindow> others = others(one, news.now());
    if (isFresh || before == null || !others.equals(others(one, before))) {
      one.tell(HERE, new ToldPresence(others));
    }
  }

  private static List<ToldTimes> byTag(Map<Thing, Long> times) {
    return Changes.byTag(times).entrySet().stream()
        .map(e -> new ToldTimes(e.getKey(), e.getValue()))
        .toList();
  }

  private static List<ToldWindow> others(Listener one, Known of) {
    return of.here().stream()
        .filter(h -> !h.window().equals(one.window()))
        .map(
            h ->
                new ToldWindow(
                    h.window(), h.person(), h.pieceId().orElse(null), h.faceId().orElse(null)))
        .toList();
  }

  /**
   * Who belongs to the studio, or what is paired with it, has changed: whoever still is asks again,
   * and is let in again.
   */
  private void endIfOthersBelong(String studio, News news, List<Listener> fresh) {
    if (news.changed().stream().anyMatch(c -> LET_IN.contains(c.thing()))) {
      listeners.stream()
          .filter(l -> l.studioId().equals(studio) && !fresh.contains(l))
          .forEach(Listener::endSoon);
    }
  }

  // ---- with the server

  @Override
  public void start() {
    running = true;
    looking = Thread.ofVirtual().name("looks what was changed").start(this::look);
  }

  /** Before the server waits for what is still being answered: this would be answered for ever. */
  @Override
  public void stop() {
    running = false;
    looking.interrupt();
    listeners.forEach(Listener::end);
    arriving.forEach(Listener::end);
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  @Override
  public int getPhase() {
    return Integer.MAX_VALUE;
  }
}
