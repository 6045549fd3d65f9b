package org.evenlobe.server.body;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Set;
import org.evenlobe.server.problem.ProblemWriter;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpHeaders;

/** What of one request's body has arrived. Once all has, the request goes on; or it is refused. */
final class ReceivedBody implements ReadListener, AsyncListener {
  private static final int READ_AT_ONCE = 8192;

  /** A mobile network far out sends more than this. */
  private static final double LEAST_BYTES_A_SECOND = 4_000;

  private static final double MAY_BE_SLOW_SECONDS = 10;

  private final AsyncContext request;
  private final BodyLimit limit;
  private final HeldMemory memory;
  private final Set<String> senders;
  private final long began = System.nanoTime();
  private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
  private final byte[] buffer = new byte[READ_AT_ONCE];
  private boolean over;
  private boolean released;

  ReceivedBody(AsyncContext request, BodyLimit limit, HeldMemory memory, Set<String> senders) {
    this.request = request;
    this.limit = limit;
    this.memory = memory;
    this.senders = senders;
  }

  byte[] bytes() {
    return bytes.toByteArray();
  }

  /** Its memory is held no longer. */
  synchronized void release() {
    if (!released) {
      released = true;
      memory.giveBack(senders, bytes.size());
    }
  }

  @Override
  public synchronized void onDataAvailable() throws IOException {
    ServletInputStream in = request.getRequest().getInputStream();
    while (!over && in.isReady()) {
      int read = in.read(buffer);
      if (read < 0) {
        return;
      }
      if (bytes.size() + read > limit.bytes()) {
        refuse(Refusal.tooLarge(limit.words()));
      } else if (memory.take(senders, read)) {
        bytes.write(buffer, 0, read);
      } else {
        refuse(Refusal.busy());
      }
    }
  }

  /** Refuses what comes so slowly that it only holds memory; true where nothing more is awaited. */
  synchronized boolean isOverOrTooSlow(long now) throws IOException {
    double seconds = (now - began) / 1e9;
    if (!over && seconds > MAY_BE_SLOW_SECONDS) {
      double least = (seconds - MAY_BE_SLOW_SECONDS) * LEAST_BYTES_A_SECOND;
      if (bytes.size() < least) {
        refuse(Refusal.tooSlow());
      }
    }
    return over;
  }

  @Override
  public synchronized void onAllDataRead() {
    if (!over) {
      over = true;
      request.dispatch();
    }
  }

  @Override
  public synchronized void onError(Throwable callerWentAway) {
    release();
    if (!over) {
      over = true;
      request.complete();
    }
  }

  @Override
  public synchronized void onTimeout(AsyncEvent event) throws IOException {
    if (!over) {
      refuse(Refusal.tooSlow());
    }
  }

  private void refuse(Refusal refusal) throws IOException {
    over = true;
    release();
    HttpServletResponse response = (HttpServletResponse) request.getResponse();
    response.setHeader(HttpHeaders.CONNECTION, "close");
    try {
      ProblemWriter.write(response, refusal);
    } finally {
      request.complete();
    }
  }

  @Override
  public void onComplete(AsyncEvent event) {
    release();
  }

  @Override
  public void onError(AsyncEvent event) {
    release();
  }

  @Override
  public void onStartAsync(AsyncEvent event) {
    // it goes on with its body in memory: nothing of this class is needed any more
  }
}
