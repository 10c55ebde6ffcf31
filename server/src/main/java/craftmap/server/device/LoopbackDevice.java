package craftmap.server.device;

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

/** A simulated device: listens on a loopback socket for as long as the server runs. */
public abstract class LoopbackDevice implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(LoopbackDevice.class);
  private static final int LONGEST_LINE = 64;
  private static final int PATIENCE_MS = 10_000;

  private final String name;
  private ServerSocket socket;

  /**
   * @param name of its thread, and in the log
   */
  protected LoopbackDevice(String name) {
    this.name = name;
  }

  /** Answers one caller. */
  protected abstract void answer(String line, InputStream in, BufferedWriter out)
      throws IOException;

  @Override
  public synchronized void start() {
    try {
      socket = new ServerSocket();
      socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    ServerSocket listening = socket;
    Thread.ofVirtual().name(name).start(() -> listen(listening));
  }

  @Override
  public synchronized void stop() {
    try {
      socket.close();
    } catch (IOException e) {
      LOG.warn("the {} did not close its socket", name, e);
    }
    socket = null;
  }

  @Override
  public synchronized boolean isRunning() {
    return socket != null;
  }

  /** Where it listens. */
  public synchronized InetSocketAddress address() {
    if (socket == null) {
      throw new IllegalStateException("impossible state: the " + name + " is not started");
    }
    return (InetSocketAddress) socket.getLocalSocketAddress();
  }

  private void listen(ServerSocket listening) {
    while (!listening.isClosed()) {
      try {
        Socket caller = listening.accept();
        Thread.ofVirtual().start(() -> serve(caller));
      } catch (IOException closed) {
        if (!listening.isClosed()) {
          LOG.warn("the {} could not be reached", name, closed);
        }
      }
    }
  }

  private void serve(Socket caller) {
    try (caller;
        InputStream in = new BufferedInputStream(caller.getInputStream());
        BufferedWriter out =
            new BufferedWriter(
                new OutputStreamWriter(caller.getOutputStream(), StandardCharsets.UTF_8))) {
      caller.setSoTimeout(PATIENCE_MS);
      answer(line(in), in, out);
    } catch (IOException gone) {
      LOG.debug("whoever spoke with the {} left", name, gone);
    }
  }

  private static String line(InputStream in) throws IOException {
    StringBuilder line = new StringBuilder();
    for (int c = in.read(); c >= 0 && c != '\n' && line.length() < LONGEST_LINE; c = in.read()) {
      line.append((char) c);
    }
    return line.toString();
  }

  protected static void say(BufferedWriter out, String format, Object... with) throws IOException {
    out.write(String.format(Locale.ROOT, format, with).strip());
    out.write('\n');
    out.flush();
  }
}
