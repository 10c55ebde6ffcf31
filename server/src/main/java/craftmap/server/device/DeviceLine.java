package craftmap.server.device;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** A connection to a device that is spoken with in lines of UTF-8 text. */
public final class DeviceLine implements Closeable {
  private static final int PATIENCE_MS = 10_000;

  private final Socket socket;
  private final BufferedReader in;
  private final OutputStream out;

  private DeviceLine(Socket socket) throws IOException {
    this.socket = socket;
    this.in =
        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
    this.out = socket.getOutputStream();
  }

  public static DeviceLine to(InetSocketAddress address) throws IOException {
    Socket socket = new Socket();
    try {
      socket.setSoTimeout(PATIENCE_MS);
      socket.connect(address, PATIENCE_MS);
      return new DeviceLine(socket);
    } catch (IOException e) {
      socket.close();
      throw e;
    }
  }

  public void say(String line) throws IOException {
    send((line + "\n").getBytes(StandardCharsets.UTF_8));
  }

  public void send(byte[] bytes) throws IOException {
    out.write(bytes);
    out.flush();
  }

  /** The next line it says. */
  public String answer() throws IOException {
    String line = in.readLine();
    if (line == null) {
      throw new IOException("the device hung up");
    }
    return line;
  }

  @Override
  public void close() throws IOException {
    socket.close();
  }
}
