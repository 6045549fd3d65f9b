package org.evenlobe.server.archive;

import static java.nio.file.StandardOpenOption.DELETE_ON_CLOSE;
import static java.nio.file.StandardOpenOption.READ;
import static java.nio.file.StandardOpenOption.WRITE;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A household, or one dog, out as an archive and in again. */
@RestController
@RequestMapping("/api/households/{household}")
class ArchiveController {
  private static final String ZIP = "application/zip";

  /** To whom one is being written or sent: one at a time each. */
  private static final Set<UUID> RECEIVING = ConcurrentHashMap.newKeySet();

  /** Each holds a connection to the database while it is written, or two while it is taken in. */
  private static final Semaphore TWO_AT_A_TIME = new Semaphore(2);

  private final ArchiveWriter writer;
  private final Uploads uploads;
  private final Restoring restoring;
  private final HouseholdDay day;
  private final FreshPassword password;

  ArchiveController(
      ArchiveWriter writer,
      Uploads uploads,
      Restoring restoring,
      HouseholdDay day,
      FreshPassword password) {
    this.password = password;
    this.writer = writer;
    this.uploads = uploads;
    this.restoring = restoring;
    this.day = day;
  }

  /**
   * What is to be taken in.
   *
   * @param parts how many parts were sent
   * @param settings whether how that household likes things is taken over as well
   */
  record RestoreRequest(
      @NotNull @Min(1) @Max(Uploads.MOST_PARTS) Integer parts, @NotNull Boolean settings) {}

  /** The whole household. */
  @Needs(Role.OWNER)
  @GetMapping(value = "/archive", produces = ZIP)
  void household(
      @PathVariable UUID household, HttpServletRequest http, HttpServletResponse response) {
    password.require(http);
    AuditLog.note(Event.ARCHIVE_TAKEN);
    send(response, "household", writer::all);
  }

  /** One dog, with what was said of it and what that names. */
  @Needs(Role.OWNER)
  @GetMapping(value = "/dogs/{dog}/archive", produces = ZIP)
  void dog(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      HttpServletRequest http,
      HttpServletResponse response) {
    password.require(http);
    if (!writer.hasDog(dog)) {
      throw Refusal.notFound();
    }
    AuditLog.note(Event.ARCHIVE_TAKEN, CurrentMember.get().person(), dog);
    send(response, "dog", out -> writer.one(dog, out));
  }

  /** Written first and sent then: whoever reads slowly holds no records still, and no turn. */
  private void send(HttpServletResponse response, String name, Consumer<OutputStream> writes) {
    UUID person = CurrentMember.get().person();
    if (!RECEIVING.add(person)) {
      throw Refusal.busy();
    }
    try (FileChannel file = scratch()) {
      inTurn(
          () -> {
            writes.accept(into(file));
            return name;
          });
      begin(response, name, file.size());
      file.transferTo(0, file.size(), Channels.newChannel(response.getOutputStream()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      RECEIVING.remove(person);
    }
  }

  /** What writes a file that is read afterwards: closing it leaves the file open. */
  private static OutputStream into(FileChannel file) {
    return new FilterOutputStream(new BufferedOutputStream(Channels.newOutputStream(file))) {
      @Override
      public void write(byte[] bytes, int from, int length) throws IOException {
        out.write(bytes, from, length);
      }

      @Override
      public void close() throws IOException {
        flush();
      }
    };
  }

  /** A file that has no name any more: it goes with what reads it, whatever happens. */
  private static FileChannel scratch() throws IOException {
    Path path = Files.createTempFile("even-lobe-archive", null);
    return FileChannel.open(path, READ, WRITE, DELETE_ON_CLOSE);
  }

  private static <T> T inTurn(Supplier<T> work) {
    if (!TWO_AT_A_TIME.tryAcquire()) {
      throw Refusal.busy();
    }
    try {
      return work.get();
    } finally {
      TWO_AT_A_TIME.release();
    }
  }

  private void begin(HttpServletResponse response, String name, long bytes) {
    response.setContentType(ZIP);
    response.setContentLengthLong(bytes);
    response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        "attachment; filename=\"%s-%s.zip\"".formatted(name, day.today()));
  }

  /** Sends a part of an archive. */
  @Needs(Role.OWNER)
  @PutMapping(value = "/archives/{archive}/parts/{number}", consumes = ZIP)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void part(
      @PathVariable UUID household,
      @PathVariable UUID archive,
      @PathVariable int number,
      @RequestBody byte[] content) {
    uploads.put(archive, number, content);
  }

  @Needs(Role.OWNER)
  @GetMapping("/archives/{archive}")
  Uploads.Progress progress(@PathVariable UUID household, @PathVariable UUID archive) {
    return uploads.progress(archive);
  }

  @Needs(Role.OWNER)
  @DeleteMapping("/archives/{archive}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void drop(@PathVariable UUID household, @PathVariable UUID archive) {
    uploads.drop(archive);
  }

  /** What would become of it; stores nothing. */
  @Needs(Role.OWNER)
  @PostMapping("/previews/archives/{archive}")
  Restoring.Taken preview(
      @PathVariable UUID household,
      @PathVariable UUID archive,
      @Valid @RequestBody RestoreRequest request) {
    return inTurn(() -> restoring.take(archive, request.parts(), request.settings(), false));
  }

  /** Takes it in: all of it, or nothing. */
  @Needs(Role.OWNER)
  @PostMapping("/archives/{archive}/restored")
  Restoring.Taken restore(
      @PathVariable UUID household,
      @PathVariable UUID archive,
      @Valid @RequestBody RestoreRequest request) {
    return inTurn(() -> restoring.take(archive, request.parts(), request.settings(), true));
  }
}
