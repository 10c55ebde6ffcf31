package craftmap.server.logbook;

import craftmap.core.log.Topic;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** What the bench has taught, by what it is about. */
record LearnedView(List<LearnedAboutView> about) {

  /** Figures of one kind. */
  record LearnedAboutView(Topic.About about, String title, List<LearnedFigureView> figures) {}

  /**
   * One figure.
   *
   * @param topic what it is called when something is decided about it
   * @param valueText as plans go by it, where they do
   * @param rangeText where it is in 95 of 100 cases
   * @param typicalText what plans would go by otherwise
   * @param count how many observations stand behind it
   * @param on whether plans go by it
   * @param resetText since when what was seen counts; absent where all of it does
   * @param people how it goes by the hand of each, where more than one was seen
   * @param seen the youngest first
   * @param olderText how many more there are; absent where these are all
   */
  record LearnedFigureView(
      String topic,
      String title,
      String valueText,
      String rangeText,
      String typicalText,
      int count,
      String countText,
      boolean on,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String resetText,
      List<String> people,
      List<SeenView> seen,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String olderText) {}

  /** Something that was seen, and whether it counts. */
  record SeenView(String text, String whereText, String dayText, boolean counts) {}
}
