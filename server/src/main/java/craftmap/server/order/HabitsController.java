package craftmap.server.order;

import craftmap.core.coats.Habits;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.document.CoatsDoc;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The schools that a studio follows, and what another would change on the pieces there are. */
@RestController
@RequestMapping("/api/habits")
class HabitsController {
  /** Of more pieces, those that were looked after last are looked at. */
  private static final int MOST_LOOKED_AT = 20;

  private final Pieces pieces;
  private final Orders orders;
  private final Studios studios;

  HabitsController(Pieces pieces, Orders orders, Studios studios) {
    this.pieces = pieces;
    this.orders = orders;
    this.studios = studios;
  }

  /**
   * What a studio follows.
   *
   * @param habits that new pieces follow
   * @param ways each way of each matter, with what it changes
   */
  record HabitsView(CoatsDoc.HabitsDoc habits, List<HabitWayView> ways) {}

  /**
   * One way of doing something.
   *
   * @param matter what it is about, as {@code relief}
   * @param way as {@code BEFORE_PAINT}
   * @param follow how many of the pieces that were looked at follow it
   * @param pieces how many were looked at
   * @param text what it would change on those that do not
   */
  record HabitWayView(String matter, String way, int follow, int pieces, String text) {}

  private record Way(
      String matter, Enum<?> way, Predicate<Habits> followed, UnaryOperator<Habits> followedBy) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  HabitsView habits(Asker asker) {
    return view(asker.studio());
  }

  @Allowed(StudioRole.OWNER)
  @PutMapping
  HabitsView follow(Asker asker, @RequestBody CoatsDoc.HabitsDoc habits) {
    return view(studios.follow(asker.studio(), CoatsMapper.toHabits(habits)));
  }

  private HabitsView view(Studio studio) {
    List<Orders.Worked> looked =
        pieces.all(studio, false).stream()
            .limit(MOST_LOOKED_AT)
            .map(p -> orders.worked(studio, p, p.plan()))
            .toList();
    return new HabitsView(
        CoatsMapper.doc(studio.habits()),
        ways().parallelStream().map(w -> view(studio, w, looked)).toList());
  }

  private static List<Way> ways() {
    List<Way> all = new ArrayList<>();
    for (Habits.Primer p : Habits.Primer.values()) {
      all.add(new Way("primer", p, h -> h.primer() == p, h -> h.with(p)));
    }
    for (Habits.Seal s : Habits.Seal.values()) {
      all.add(new Way("seal", s, h -> h.seal() == s, h -> h.with(s)));
    }
    for (Habits.DarkWax d : Habits.DarkWax.values()) {
      all.add(new Way("darkWax", d, h -> h.darkWax() == d, h -> h.with(d)));
    }
    for (Habits.Relief r : Habits.Relief.values()) {
      all.add(new Way("relief", r, h -> h.relief() == r, h -> h.with(r)));
    }
    for (Habits.Lift l : Habits.Lift.values()) {
      all.add(new Way("lift", l, h -> h.lift() == l, h -> h.with(l)));
    }
    return all;
  }

  private HabitWayView view(Studio studio, Way way, List<Orders.Worked> looked) {
    int follow = 0;
    int changed = 0;
    long minutes = 0;
    double ml = 0;
    int failing = 0;
    for (Orders.Worked now : looked) {
      Habits habits = now.plan().coats().habits();
      if (way.followed().test(habits)) {
        follow++;
        continue;
      }
      SavedPlan piece = now.piece();
      Orders.Worked then =
          orders.worked(
              studio,
              piece,
              piece.plan().with(piece.plan().coats().with(way.followedBy().apply(habits))));
      long more = then.asked().work().handsOn().minus(now.asked().work().handsOn()).toMinutes();
      double moreMl = then.ml() - now.ml();
      int moreFailing = then.coats().failing() - now.coats().failing();
      changed += more != 0 || Differences.isMoreThanADrop(moreMl) || moreFailing != 0 ? 1 : 0;
      minutes += more;
      ml += moreMl;
      failing += moreFailing;
    }
    return new HabitWayView(
        way.matter(),
        way.way().name(),
        follow,
        looked.size(),
        text(looked.size() - follow, changed, minutes, ml, failing));
  }

  private static String text(int others, int changed, long minutes, double ml, int failing) {
    if (others == 0) {
      return "";
    }
    if (changed == 0) {
      return Words.say("habits.nothing", others);
    }
    List<String> parts = Differences.all(minutes, ml, failing);
    return Words.say(
        "habits.otherwise",
        changed,
        parts.isEmpty() ? Words.say("habits.evens") : String.join(", ", parts));
  }
}
