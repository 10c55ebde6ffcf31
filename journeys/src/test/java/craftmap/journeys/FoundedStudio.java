package craftmap.journeys;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.stream.Stream;

/**
 * Saltmarsh Studio, founded once and stopped. Whoever needs a studio of their own to kill or to
 * pair with gets a copy of its folder: founding it takes several times as long as a start.
 */
final class FoundedStudio {
  private static Path kept;

  private FoundedStudio() {}

  /** Fills a folder that is empty or not there yet. */
  static synchronized Path copiedTo(Path folder) throws IOException {
    if (kept == null) {
      Path founded = App.folder();
      App.start(founded).close();
      kept = founded;
    }
    copy(kept, folder);
    return folder;
  }

  private static void copy(Path from, Path to) throws IOException {
    try (Stream<Path> all = Files.walk(from)) {
      // a folder comes before what is in it
      for (Path each : (Iterable<Path>) all::iterator) {
        Path at = to.resolve(from.relativize(each));
        if (!Files.isDirectory(at)) {
          // the password of the database stays its owner's alone
          Files.copy(each, at, StandardCopyOption.COPY_ATTRIBUTES);
        }
      }
    }
  }
}
