package craftmap.server.piece;

import craftmap.core.plan.edit.Subject;
import craftmap.core.plan.edit.Touched;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;

/** What a change had to do with, as it is written down. */
final class TouchedJson {
  /** Whoever changes more than this at once has changed all of it. */
  private static final int MOST = 1_000;

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Set<String> KINDS =
      Arrays.stream(Subject.Kind.values()).map(Enum::name).collect(Collectors.toSet());

  private TouchedJson() {}

  /** Each subject is its kind and its names. */
  private record Written(
      List<List<String>> changed, List<List<String>> gone, List<List<String>> needed) {
    boolean isKnown() {
      return Stream.of(changed, gone, needed)
          .flatMap(List::stream)
          .allMatch(s -> KINDS.contains(s.getFirst()));
    }
  }

  /** Nothing where it is too much to be told apart. */
  static Optional<String> write(Touched touched) {
    int count = touched.changed().size() + touched.gone().size() + touched.needed().size();
    return count > MOST
        ? Optional.empty()
        : Optional.of(
            JSON.writeValueAsString(
                new Written(
                    written(touched.changed()),
                    written(touched.gone()),
                    written(touched.needed()))));
  }

  /** Nothing where a later version of the application wrote what this one does not know. */
  static Optional<Touched> read(String text) {
    return Optional.of(JSON.readValue(text, Written.class))
        .filter(Written::isKnown)
        .map(w -> new Touched(read(w.changed()), read(w.gone()), read(w.needed())));
  }

  private static List<List<String>> written(Set<Subject> subjects) {
    return subjects.stream()
        .map(s -> Stream.concat(Stream.of(s.kind().name()), s.names().stream()).toList())
        .toList();
  }

  private static Set<Subject> read(List<List<String>> written) {
    Set<Subject> subjects = new HashSet<>();
    for (List<String> s : written) {
      subjects.add(new Subject(Subject.Kind.valueOf(s.getFirst()), s.subList(1, s.size())));
    }
    return subjects;
  }
}
