package org.evenlobe.server.problem;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/**
 * A wire to a server on this machine that can be cut, and blocked so that nothing comes through.
 */
final class Wire implements AutoCloseable {
  private final ServerSocket listening;
  private final int to;
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final List<Socket> open = new CopyOnWriteArrayList<>();
  private volatile boolean cut;
  private volatile boolean blocked;

  Wire(int to) throws IOException {
    this.to = to;
    this.listening = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    threads.execute(this::accept);
  }

  int port() {
    return listening.getLocalPort();
  }

  void cut() throws IOException {
    cut = true;
    for (Socket socket : open) {
      socket.close();
    }
    open.clear();
  }

  /** What is sent neither arrives nor fails. */
  void block() {
    blocked = true;
  }

  void mend() {
    cut = false;
    blocked = false;
  }

  private void accept() {
    while (!listening.isClosed()) {
      try {
        Socket from = listening.accept();
        if (cut) {
          from.close();
          continue;
        }
        Socket there = new Socket(InetAddress.getLoopbackAddress(), to);
        open.add(from);
        open.add(there);
        threads.execute(() -> carry(from, there));
        threads.execute(() -> carry(there, from));
      } catch (IOException closed) {
        // closed while it waited
      }
    }
  }

  private void carry(Socket from, Socket there) {
    byte[] buffer = new byte[8192];
    try (from;
        there;
        InputStream in = from.getInputStream();
        OutputStream out = there.getOutputStream()) {
      for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
        while (blocked) {
          Thread.sleep(20);
        }
        out.write(buffer, 0, read);
        out.flush();
      }
    } catch (IOException closed) {
      // either end went away
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() throws IOException {
    listening.close();
    cut();
    threads.shutdownNow();
  }
}
