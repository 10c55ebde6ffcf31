package craftmap.server.logbook;

import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.Pace;
import craftmap.core.log.Estimate;
import craftmap.core.log.Learned;
import craftmap.core.log.Observation;
import craftmap.core.log.Skill;
import craftmap.core.log.Topic;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Medium;
import craftmap.core.medium.ToolKind;
import craftmap.core.plan.Need;
import craftmap.server.learning.LearnedWords;
import craftmap.server.learning.Learning;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Tells every learned figure with what stands behind it. */
final class LearnedViews {
  private static final int MOST_SEEN = 40;

  private final Learned learned;
  private final CoatShelf shelf;
  private final Map<String, Medium> media;
  private final Clockwork clock;

  /**
   * @param shelf by its labels, and tools as they were measured
   * @param media those of the studio, by id
   */
  LearnedViews(Learned learned, CoatShelf shelf, Map<String, Medium> media, ZoneId zone) {
    this.learned = learned;
    this.shelf = shelf;
    this.media = media;
    this.clock = new Clockwork(zone);
  }

  LearnedView view(List<Learning.Figure> figures) {
    return new LearnedView(
        Arrays.stream(Topic.About.values())
            .map(
                about ->
                    new LearnedView.LearnedAboutView(
                        about,
                        Words.say("learned.about." + about),
                        figures.stream()
                            .filter(f -> f.topic().about() == about)
                            .map(this::view)
                            .sorted(Comparator.comparing(LearnedView.LearnedFigureView::title))
                            .toList()))
            .filter(a -> !a.figures().isEmpty())
            .toList());
  }

  private LearnedView.LearnedFigureView view(Learning.Figure figure) {
    Topic topic = figure.topic();
    double typical = typical(topic);
    Estimate estimate = learned.estimate(topic, typical);
    return new LearnedView.LearnedFigureView(
        topic.key(),
        Words.capital(LearnedWords.title(topic, mediumName(topic))),
        LearnedWords.value(topic, estimate.value()),
        Words.say(
            "learned.between",
            LearnedWords.figure(topic, estimate.low()),
            LearnedWords.figure(topic, estimate.high())),
        Words.say(
            isOnLabel(topic) ? "learned.label" : "learned.typical",
            LearnedWords.figure(topic, typical)),
        estimate.count(),
        LearnedWords.count(estimate.count()),
        figure.on(),
        figure.reset().map(clock::date).orElse(null),
        people(figure, typical),
        figure.seen().stream().limit(MOST_SEEN).map(this::seen).toList(),
        figure.seen().size() > MOST_SEEN
            ? Words.say("learned.older", figure.seen().size() - MOST_SEEN)
            : null);
  }

  private static boolean isOnLabel(Topic topic) {
    return switch (topic.about()) {
      case SPREAD, HIDES, DRIES -> true;
      case PACE, TAKES -> false;
    };
  }

  private String mediumName(Topic topic) {
    return Optional.ofNullable(media.get(topic.of()))
        .map(Medium::name)
        .orElseGet(() -> Words.say("learned.gone"));
  }

  /** What plans go by where nothing is learned. */
  private double typical(Topic topic) {
    return switch (topic.about()) {
      case PACE -> pace(topic);
      case SPREAD ->
          Optional.ofNullable(media.get(topic.of()))
              .map(m -> m.coverage().spreadM2PerLitre() / (1 + loss(topic.with())))
              .orElse(1.0);
      case TAKES -> 1 + (topic.of().equals(Topic.PASTE) ? Need.PASTE_LOSS : Need.CASTING_LOSS);
      case HIDES ->
          Optional.ofNullable(media.get(topic.of())).map(m -> m.coverage().hides()).orElse(0.5);
      case DRIES -> 1;
    };
  }

  private double pace(Topic topic) {
    return switch (Skill.Craft.valueOf(topic.of())) {
      case COAT -> 1 / shelf.untaught(ToolKind.valueOf(topic.with())).coversM2PerMin();
      case WAX_OFF, CLEAN -> 1 / Pace.WASH_M2_PER_MIN;
      case STRIP -> 1 / Pace.STRIP_M2_PER_MIN;
      case FILL -> Pace.FILL_MINUTES;
      case SAND -> 1 / Pace.SAND_M2_PER_MIN;
      case DUST_OFF -> 1 / Pace.DUST_M2_PER_MIN;
      case MASK -> 1000 / Pace.TAPE_MM_PER_MIN;
      case LAY, AHEAD -> 1;
    };
  }

  private double loss(String with) {
    return switch (with) {
      case Topic.THROUGH_OPENINGS -> Coating.LOSS_THROUGH_A_STENCIL;
      case Topic.WIPED_BACK -> shelf.untaught(ToolKind.CLOTH).loss();
      default -> shelf.untaught(ToolKind.valueOf(with)).loss();
    };
  }

  /** Each starts from what all of them are like together. */
  private List<String> people(Learning.Figure figure, double typical) {
    Map<String, List<Observation>> byHand = new TreeMap<>();
    for (Learning.Looked each : figure.seen()) {
      if (each.counts() && !each.what().by().isEmpty()) {
        byHand.computeIfAbsent(each.what().by(), _ -> new ArrayList<>()).add(each.what().what());
      }
    }
    if (byHand.size() < 2 || figure.topic().about() != Topic.About.PACE) {
      return List.of();
    }
    double all = learned.estimate(figure.topic(), typical).value();
    List<String> told = new ArrayList<>();
    byHand.forEach(
        (person, seen) ->
            told.add(
                Words.say(
                    "learned.person",
                    person,
                    LearnedWords.value(
                        figure.topic(), Learned.from(seen).estimate(figure.topic(), all).value()),
                    LearnedWords.count(seen.size()))));
    return told;
  }

  private LearnedView.SeenView seen(Learning.Looked each) {
    return new LearnedView.SeenView(
        LearnedWords.seen(each.what().what()),
        each.what().by().isEmpty()
            ? Words.say("learned.where", each.what().title(), each.what().pieceName())
            : Words.say(
                "learned.where.by", each.what().title(), each.what().pieceName(), each.what().by()),
        clock.date(each.what().happened()),
        each.counts());
  }
}
