package craftmap.server.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.log.Learned;
import craftmap.core.log.Observation;
import craftmap.core.log.Skill;
import craftmap.core.log.Topic;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a plan goes by follows from what was seen and decided before it was begun, and no more. */
class LessonsTest {
  private static final Instant MORNING = Instant.parse("2027-02-01T08:00:00Z");
  private static final List<Topic> TOPICS =
      List.of(
          Skill.of(Skill.Craft.SAND).topic(),
          Skill.of(Skill.Craft.CLEAN).topic(),
          Topic.spread("teal", "BRUSH"),
          Topic.hides("teal"));

  private static Instant at(int minute) {
    return MORNING.plusSeconds(60L * minute);
  }

  private static Seen seen(Topic topic, double value, int minute) {
    return new Seen(
        topic.about().isBracketed()
            ? new Observation(topic, Math.min(value, 0.7), 0.9, true)
            : new Observation(topic, value, value, true),
        at(minute),
        "Tray",
        "Sand",
        "Wren");
  }

  private static Lessons any(Random dice) {
    List<Seen> seen = new ArrayList<>();
    List<Lessons.Decided> decided = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      Topic topic = TOPICS.get(dice.nextInt(TOPICS.size()));
      seen.add(seen(topic, 0.2 + 20 * dice.nextDouble(), dice.nextInt(500)));
      if (dice.nextInt(3) == 0) {
        decided.add(
            new Lessons.Decided(
                topic,
                Choice.values()[dice.nextInt(Choice.values().length)],
                at(dice.nextInt(500))));
      }
    }
    seen.sort(Comparator.comparing(Seen::happened));
    decided.sort(Comparator.comparing(Lessons.Decided::at));
    return new Lessons(seen, decided);
  }

  /** By going through all that happened in turn, and forgetting what a reset forgets. */
  private static Learned byHand(Lessons all, Instant begun) {
    List<Observation> counted = new ArrayList<>();
    Set<Topic> off = new HashSet<>();
    for (Topic topic : TOPICS) {
      Instant since = Instant.EPOCH;
      for (Lessons.Decided d : all.decided()) {
        if (d.topic().equals(topic) && d.at().isBefore(begun)) {
          switch (d.choice()) {
            case ON -> off.remove(topic);
            case OFF -> off.add(topic);
            case RESET -> since = d.at();
            case RESTORED -> since = Instant.EPOCH;
          }
        }
      }
      for (Seen s : all.seen()) {
        if (s.what().topic().equals(topic)
            && s.happened().isBefore(begun)
            && s.happened().isAfter(since)) {
          counted.add(s.what());
        }
      }
    }
    return Learned.from(counted).without(off);
  }

  @Test
  void aPlanGoesByWhatWasSeenAndDecidedBeforeItWasBegun() {
    Random dice = new Random(6_113);
    for (int i = 0; i < 300; i++) {
      Lessons all = any(dice);
      Instant begun = at(dice.nextInt(520));
      Learned is = all.learned(Optional.of(begun));
      Learned should = byHand(all, begun);
      for (Topic topic : TOPICS) {
        assertThat(is.count(topic)).as("%s in case %d", topic, i).isEqualTo(should.count(topic));
        assertThat(is.estimate(topic, 0.8).value())
            .isCloseTo(should.estimate(topic, 0.8).value(), within(1e-9));
      }
    }
  }

  /** What happens after it was begun changes nothing for it. */
  @Test
  void whatComesLaterChangesNothingForWhatIsBegun() {
    Random dice = new Random(90_001);
    for (int i = 0; i < 100; i++) {
      Lessons before = any(dice);
      Instant begun = at(501);
      List<Seen> more = new ArrayList<>(before.seen());
      List<Lessons.Decided> decided = new ArrayList<>(before.decided());
      for (int n = 0; n < 10; n++) {
        Topic topic = TOPICS.get(dice.nextInt(TOPICS.size()));
        more.add(seen(topic, 20 * dice.nextDouble() + 0.1, 501 + dice.nextInt(90)));
        decided.add(new Lessons.Decided(topic, Choice.RESET, at(501 + dice.nextInt(90))));
      }
      more.sort(Comparator.comparing(Seen::happened));
      decided.sort(Comparator.comparing(Lessons.Decided::at));

      assertThat(new Lessons(more, decided).learned(Optional.of(begun)))
          .isEqualTo(before.learned(Optional.of(begun)));
    }
  }

  @Test
  void aFigureThatIsOffIsToldAllTheSame() {
    Topic sanding = TOPICS.getFirst();
    Lessons off =
        new Lessons(
            List.of(seen(sanding, 20, 1), seen(sanding, 22, 2)),
            List.of(new Lessons.Decided(sanding, Choice.OFF, at(3))));

    assertThat(off.learned(Optional.empty()).count(sanding)).isZero();
    assertThat(off.all().count(sanding)).isEqualTo(2);
    assertThat(off.learned(Optional.of(at(3))).count(sanding))
        .as("begun before it was switched off")
        .isEqualTo(2);
  }
}
