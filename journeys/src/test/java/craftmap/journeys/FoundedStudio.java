package craftmap.journeys;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;

/**
 * Saltmarsh Studio, founded once in a run and stopped. Whoever needs a studio of their own to kill
 * or to pair with gets a copy of its folder: founding it takes several times as long as a start.
 */
final class FoundedStudio {
  /** What bin/start makes aside after the first start of a build, so that later ones are quick. */
  private static final Path QUICK_STARTS = App.home().resolve("var/build/cache/craftmap.aot");

  private static final int MOST_TRIES = 1800;
  private static final long TRY_AGAIN_NS = 100_000_000;

  private FoundedStudio() {}

  /** Fills a folder that is empty or not there yet. */
  static synchronized Path copiedTo(Path folder) throws IOException {
    copy(founded(), folder);
    return folder;
  }

  /** By whoever of all that run side by side comes first; the others wait for it. */
  private static Path founded() throws IOException {
    Path founded = App.work().resolve("founded");
    // given back when it is closed
    try (FileChannel turn =
        FileChannel.open(
            App.work().resolve("founded.lock"),
            StandardOpenOption.CREATE,
            StandardOpenOption.WRITE)) {
      turn.lock();
      if (!Files.exists(founded)) {
        Path fresh = App.folder();
        App first = App.start(fresh);
        awaitQuickStarts();
        first.close();
        Files.move(fresh, founded);
      }
    }
    return founded;
  }

  /**
   * Made aside while journeys keep both cores busy, it takes minutes, in which some twenty starts
   * are slow. Should it not come, they stay so.
   */
  private static void awaitQuickStarts() {
    for (int tries = 0; tries < MOST_TRIES && !Files.exists(QUICK_STARTS); tries++) {
      LockSupport.parkNanos(TRY_AGAIN_NS);
    }
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
