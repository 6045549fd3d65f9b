package org.evenlobe.server.view;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.exchange.SharedLinks;
import org.evenlobe.server.exchange.SharedLinks.Opened;
import org.evenlobe.server.exchange.SharedLinks.SharedLink;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a vet is given: a file, or a link to it that ends. */
@RestController
class VetController {
  private static final int LONGEST_QUESTION = 500;
  private static final int MOST_DAYS = 90;

  private final VetView vet;
  private final VetFiles files;
  private final SharedLinks links;
  private final HouseholdDay day;

  VetController(VetView vet, VetFiles files, SharedLinks links, HouseholdDay day) {
    this.vet = vet;
    this.files = files;
    this.links = links;
    this.day = day;
  }

  /**
   * A link that is to be made.
   *
   * @param asked what the person wants to know
   * @param days for how many days it works, today included
   */
  record LinkRequest(
      @Nullable @Size(max = LONGEST_QUESTION) String asked,
      @NotNull @Min(1) @Max(MOST_DAYS) Integer days) {}

  /**
   * A link that was just made.
   *
   * @param path what follows the server's address; it is shown this once
   * @param lastDay the last day on which it works
   */
  record FreshLink(String path, LocalDate lastDay) {}

  /**
   * What a vet is given of a dog, as a file of two pages at most.
   *
   * @param asked what the person wants to know
   */
  @GetMapping(
      value = "/api/households/{household}/dogs/{dog}/vet.pdf",
      produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> file(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam(required = false) @Nullable String asked) {
    return pdf(dog, bounded(asked));
  }

  /**
   * How those pages will be.
   *
   * @param pages how many there are
   */
  record VetPreview(int pages) {}

  /** How many pages it will be. */
  @GetMapping("/api/households/{household}/dogs/{dog}/vet-pages")
  VetPreview preview(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam(required = false) @Nullable String asked) {
    return new VetPreview(files.count(dog, bounded(asked)));
  }

  /**
   * One of them as a picture.
   *
   * @param number which, the first being 0
   * @param asked what the person wants to know
   */
  @GetMapping(
      value = "/api/households/{household}/dogs/{dog}/vet-pages/{number}",
      produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> page(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @PathVariable int number,
      @RequestParam(required = false) @Nullable String asked) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CACHE_CONTROL, "no-store")
        .body(files.page(dog, bounded(asked), number));
  }

  private static Optional<String> bounded(@Nullable String asked) {
    if (asked != null && asked.length() > LONGEST_QUESTION) {
      throw InvalidFields.of("asked", "must be 500 characters at most");
    }
    return said(asked);
  }

  @GetMapping("/api/households/{household}/dogs/{dog}/links")
  List<SharedLink> links(@PathVariable UUID household, @PathVariable UUID dog) {
    vet.find(dog);
    return links.ofDog(dog);
  }

  @PostMapping("/api/households/{household}/dogs/{dog}/links")
  FreshLink make(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Valid @RequestBody LinkRequest request) {
    vet.find(dog);
    LocalDate lastDay = day.today().plusDays(request.days() - 1L);
    String secret =
        links.make(UUID.randomUUID(), dog, said(request.asked()), lastDay, Optional.empty());
    return new FreshLink("/shared/" + secret + ".pdf", lastDay);
  }

  @DeleteMapping("/api/households/{household}/links/{link}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable UUID household, @PathVariable UUID link) {
    links.end(link);
  }

  /** The same file, for whoever has the link. */
  @GetMapping(value = "/shared/{token}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> shared(@PathVariable String token) {
    Opened opened =
        links.open(token).filter(one -> one.stay().isEmpty()).orElseThrow(Refusal::notFound);
    AtomicReference<ResponseEntity<byte[]>> file = new AtomicReference<>();
    CurrentMember.run(opened.reader(), () -> file.set(shared(opened)));
    return file.get();
  }

  private ResponseEntity<byte[]> shared(Opened opened) {
    if (day.today().isAfter(opened.lastDay())) {
      throw Refusal.notFound();
    }
    return pdf(opened.dog(), opened.asked());
  }

  private ResponseEntity<byte[]> pdf(UUID dog, Optional<String> asked) {
    byte[] pdf = files.pdf(dog, asked);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"for-the-vet.pdf\"")
        .header(HttpHeaders.CACHE_CONTROL, "no-store")
        .body(pdf);
  }

  private static Optional<String> said(@Nullable String asked) {
    return Optional.ofNullable(asked).map(String::strip).filter(words -> !words.isEmpty());
  }
}
