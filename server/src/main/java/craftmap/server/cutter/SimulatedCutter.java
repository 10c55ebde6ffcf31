package craftmap.server.cutter;

import java.io.BufferedInputStream;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * The cutter that ships: listens on a loopback socket, takes plotter files, refuses what a real one
 * would, and tells when it would cut what.
 */
@Component
class SimulatedCutter implements SmartLifecycle {
  static final String NAME = "Simulated cutter";
  static final double MAT_WIDTH_MM = 305;
  static final double MAT_LENGTH_MM = 610;

  private static final Logger LOG = LoggerFactory.getLogger(SimulatedCutter.class);
  private static final int MOST_BYTES = 4_000_000;
  private static final int LONGEST_LINE = 64;
  private static final int PATIENCE_MS = 10_000;

  private ServerSocket socket;

  @Override
  public synchronized void start() {
    try {
      socket = new ServerSocket();
      socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    ServerSocket listening = socket;
    Thread.ofVirtual().name("simulated-cutter").start(() -> listen(listening));
  }

  @Override
  public synchronized void stop() {
    try {
      socket.close();
    } catch (IOException e) {
      LOG.warn("the simulated cutter did not close its socket", e);
    }
    socket = null;
  }

  @Override
  public synchronized boolean isRunning() {
    return socket != null;
  }

  /** Where it listens. */
  synchronized InetSocketAddress address() {
    if (socket == null) {
      throw new IllegalStateException("impossible state: the simulated cutter is not started");
    }
    return (InetSocketAddress) socket.getLocalSocketAddress();
  }

  private static void listen(ServerSocket socket) {
    while (!socket.isClosed()) {
      try {
        Socket caller = socket.accept();
        Thread.ofVirtual().start(() -> serve(caller));
      } catch (IOException closed) {
        if (!socket.isClosed()) {
          LOG.warn("the simulated cutter could not be reached", closed);
        }
      }
    }
  }

  private static void serve(Socket caller) {
    try (caller;
        InputStream in = new BufferedInputStream(caller.getInputStream());
        BufferedWriter out =
            new BufferedWriter(
                new OutputStreamWriter(caller.getOutputStream(), StandardCharsets.UTF_8))) {
      caller.setSoTimeout(PATIENCE_MS);
      String asked = line(in);
      if (asked.equals("STATE")) {
        say(out, "READY %s %s %s", MAT_WIDTH_MM, MAT_LENGTH_MM, NAME);
      } else if (asked.matches("CUT \\d{1,9}")) {
        cut(in, Integer.parseInt(asked.substring(4)), out);
      } else {
        say(out, "REFUSED %s %s", Refusal.Code.UNREADABLE, "line");
      }
    } catch (IOException gone) {
      LOG.debug("whoever sent to the simulated cutter left", gone);
    }
  }

  private static String line(InputStream in) throws IOException {
    StringBuilder line = new StringBuilder();
    for (int c = in.read(); c >= 0 && c != '\n' && line.length() < LONGEST_LINE; c = in.read()) {
      line.append((char) c);
    }
    return line.toString();
  }

  private static void cut(InputStream in, int bytes, BufferedWriter out) throws IOException {
    try {
      if (bytes > MOST_BYTES) {
        throw new Refusal(Refusal.Code.TOO_LONG, "" + MOST_BYTES);
      }
      String file = new String(in.readNBytes(bytes), StandardCharsets.UTF_8);
      BladeRun run = BladeRun.of(PlotterReader.read(file), MAT_WIDTH_MM, MAT_LENGTH_MM);
      say(
          out,
          "ACCEPTED %d %.3f %d %.3f %.3f",
          run.strokes().size(),
          run.seconds(),
          run.lifts(),
          run.cutMm(),
          run.travelMm());
      for (BladeRun.Stroke stroke : run.strokes()) {
        StringBuilder points = new StringBuilder();
        for (PlotterReader.Step s : stroke.steps()) {
          points.append(' ').append(BladeRun.mm(s.x())).append(',').append(BladeRun.mm(s.y()));
        }
        say(out, "STROKE %.3f %.3f%s", stroke.fromSeconds(), stroke.untilSeconds(), points);
      }
      say(out, "DONE");
    } catch (Refusal refusal) {
      say(out, "REFUSED %s %s", refusal.code(), String.join(" ", refusal.details()));
    }
  }

  private static void say(BufferedWriter out, String format, Object... with) throws IOException {
    out.write(String.format(Locale.ROOT, format, with).strip());
    out.write('\n');
    out.flush();
  }
}
