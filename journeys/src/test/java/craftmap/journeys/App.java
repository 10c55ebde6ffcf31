package craftmap.journeys;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.BindException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The application as a person starts it: bin/start on a data folder of its own. */
final class App implements AutoCloseable {
  private final Process process;
  private final Path data;
  private final int port;
  private static final Path WORK = work(System.getenv("CRAFTMAP_TEST_DIR"));
  private static final int MOST_TRIES = 400;
  private static final long TRY_AGAIN_NS = 50_000_000;

  private final List<String> said = new CopyOnWriteArrayList<>();

  private App(Process process, Path data, int port) {
    this.process = process;
    this.data = data;
    this.port = port;
  }

  /** On an empty folder, so that a studio is founded first. */
  static App start(String... options) {
    try {
      return start(folder(), options);
    } catch (IOException noRoom) {
      throw new IllegalStateException(noRoom);
    }
  }

  /** With the demo's studio, one of its own, without founding it anew. */
  static App ofStudio(String... options) {
    try {
      return start(FoundedStudio.copiedTo(folder()), options);
    } catch (IOException noRoom) {
      throw new IllegalStateException(noRoom);
    }
  }

  /** An empty one that is thrown away after the tests. */
  static Path folder() throws IOException {
    return Files.createTempDirectory(work(), "app");
  }

  /** Where all that run side by side keep what is theirs; thrown away after the tests. */
  static Path work() {
    return WORK;
  }

  static App start(Path data, String... options) {
    return start(data, Map.of(), options);
  }

  /** The same with some of its surroundings changed. */
  static App start(Path data, Map<String, String> surroundings, String... options) {
    try {
      int named = List.of(options).indexOf("--port");
      int port = named < 0 ? freePort() : Integer.parseInt(options[named + 1]);
      List<String> command = new ArrayList<>();
      command.add(home().resolve("bin/start").toString());
      command.addAll(List.of("--data", data.toString()));
      if (named < 0) {
        command.addAll(List.of("--port", "" + port));
      }
      command.addAll(List.of(options));
      ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
      builder.environment().putAll(surroundings);
      Process process = builder.start();
      App app = new App(process, data, port);
      Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
      app.awaitAddress();
      return app;
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Reads what bin/start says until it has told the address; then keeps reading aside. */
  private void awaitAddress() throws IOException {
    BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream()));
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      said.add(line);
      if (line.startsWith("Craft Map is at ")) {
        Thread.ofVirtual().start(() -> out.lines().forEach(said::add));
        return;
      }
    }
    throw new IllegalStateException("bin/start ended: " + said);
  }

  /** Runs bin/start to its end and gives what it said; for starts that are refused. */
  static String refusal(String... options) {
    return refusal(Map.of(), options);
  }

  /** The same with some of its surroundings changed. */
  static String refusal(Map<String, String> surroundings, String... options) {
    try {
      List<String> command = new ArrayList<>();
      command.add(home().resolve("bin/start").toString());
      command.addAll(List.of(options));
      ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
      builder.environment().putAll(surroundings);
      Process process = builder.start();
      String said = new String(process.getInputStream().readAllBytes());
      return process.waitFor() + ": " + said.strip();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** What bin/start has said so far. */
  List<String> said() {
    return List.copyOf(said);
  }

  /** Ends the database alone, the hard way. */
  void killDatabase() {
    try {
      kill("db/pid");
    } catch (IOException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Ends the server alone, the hard way; bin/start then ends too. */
  void killServer() {
    try {
      kill("server.pid");
      process.waitFor();
      awaitFreePort();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private void kill(String pidFile) throws IOException {
    long pid = Long.parseLong(Files.readString(data.resolve(pidFile)).strip());
    ProcessHandle.of(pid).ifPresent(ProcessHandle::destroyForcibly);
  }

  private static Path work(String given) {
    try {
      return given == null ? Files.createTempDirectory("craftmap-journeys") : Path.of(given);
    } catch (IOException noRoom) {
      throw new IllegalStateException(noRoom);
    }
  }

  /** What is killed lets go of its port a moment later; a person takes longer to start it again. */
  private void awaitFreePort() throws IOException {
    for (int tries = 0; ; tries++) {
      try {
        new ServerSocket(port).close();
        return;
      } catch (BindException taken) {
        if (tries > MOST_TRIES) {
          throw taken;
        }
        LockSupport.parkNanos(TRY_AGAIN_NS);
      }
    }
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  int port() {
    return port;
  }

  Path data() {
    return data;
  }

  /** Ends server and database the hard way, as a power cut would. */
  void killHard() {
    try {
      for (String pidFile : List.of("server.pid", "db/pid")) {
        kill(pidFile);
      }
      process.destroyForcibly();
      process.waitFor();
      awaitFreePort();
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  @Override
  public void close() {
    try {
      process.destroy();
      if (!process.waitFor(60, TimeUnit.SECONDS)) {
        throw new IllegalStateException("bin/start did not stop within a minute");
      }
    } catch (InterruptedException stopped) {
      throw new IllegalStateException(stopped);
    }
  }

  static Path home() {
    Path here = Path.of("").toAbsolutePath();
    return Files.exists(here.resolve("bin/start")) ? here : here.getParent();
  }

  static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
