package org.evenlobe.server.view;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.evenlobe.core.handover.HandOver;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.exchange.SharedLinks;
import org.evenlobe.server.exchange.SharedLinks.Opened;
import org.evenlobe.server.exchange.SharedLinks.StayOfDog;
import org.evenlobe.server.handover.Telling;
import org.evenlobe.server.handover.ToldRequest;
import org.evenlobe.server.handover.ToldRequest.ToldEarsRequest;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What whoever takes a dog is told, and what they tell by their link. */
@RestController
class HandOverController {
  /** The form still works so many days after the dog is back. */
  private static final int DAYS_AFTER = 3;

  private static final int LONGEST_STAY = 90;

  private final HandOverView view;
  private final SharedLinks links;
  private final Telling telling;
  private final HouseholdDay day;

  HandOverController(HandOverView view, SharedLinks links, Telling telling, HouseholdDay day) {
    this.view = view;
    this.links = links;
    this.telling = telling;
    this.day = day;
  }

  /**
   * Who is to take a dog, and when.
   *
   * @param taker who
   * @param from the first day
   * @param until the last one, 90 days after it at most
   */
  record StayRequest(@NotNull Taker taker, @NotNull LocalDate from, @NotNull LocalDate until) {
    StayOfDog checked(LocalDate today) {
      new InvalidFields.Collector()
          .require(!until.isBefore(from), "until", "must not lie before the first day")
          .require(!until.isBefore(today), "until", "must not lie in the past")
          .require(
              ChronoUnit.DAYS.between(from, until) < LONGEST_STAY,
              "until",
              "must be 90 days at most after the first day")
          .require(!from.isAfter(today.plusYears(1)), "from", "must not lie more than a year ahead")
          .throwIfAny();
      return new StayOfDog(taker, from, until);
    }
  }

  /**
   * A link that was just made.
   *
   * @param path what follows the server's address; it is shown this once
   * @param lastDay the last day on which it works
   */
  record HandOverLink(String path, LocalDate lastDay) {}

  /**
   * What whoever has the link sees.
   *
   * @param page what they are told
   * @param today the household's day
   * @param lastDay the last day on which the link works
   */
  record HandedOver(HandOver page, LocalDate today, LocalDate lastDay) {}

  /**
   * What they say in the form.
   *
   * @param by their name
   * @param at when it was
   * @param done what they did
   * @param seen what they saw
   * @param ear of which ear; both, or it is not known, where it is left out
   * @param note more of it in their own words, 500 characters at most
   * @param ears what was done and seen of each ear
   * @param usual of what was seen, what is no more than it had when they took the dog
   * @param gaveAt when they gave the medicine
   */
  record ToldForm(
      @NotBlank @Size(max = 80) String by,
      @NotNull Instant at,
      @NotNull @Size(max = 12) List<Told.@NotNull Done> done,
      @NotNull @Size(max = 14) List<Told.@NotNull Seen> seen,
      @Nullable Side ear,
      @Nullable @Size(max = 500) String note,
      @Nullable @Valid ToldEarsRequest ears,
      @Nullable @Size(max = 14) List<Told.@NotNull Seen> usual,
      @Nullable Instant gaveAt) {}

  @GetMapping("/api/households/{household}/dogs/{dog}/hand-over")
  HandOver page(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam Taker taker,
      @RequestParam LocalDate from,
      @RequestParam LocalDate until) {
    return view.of(dog, new StayRequest(taker, from, until).checked(day.today()));
  }

  @PostMapping("/api/households/{household}/dogs/{dog}/hand-over-links")
  HandOverLink make(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @Valid @RequestBody StayRequest request) {
    StayOfDog stay = request.checked(day.today());
    view.of(dog, stay);
    LocalDate lastDay = stay.until().plusDays(DAYS_AFTER);
    String secret =
        links.make(UUID.randomUUID(), dog, Optional.empty(), lastDay, Optional.of(stay));
    return new HandOverLink("/hand-over/" + secret, lastDay);
  }

  /** The page, for whoever has the link. */
  @GetMapping("/api/handed/{token}")
  ResponseEntity<HandedOver> read(@PathVariable String token) {
    Opened opened = open(token);
    AtomicReference<HandedOver> page = new AtomicReference<>();
    CurrentMember.run(
        opened.reader(),
        () -> {
          LocalDate today = stillOpen(opened);
          page.set(
              new HandedOver(
                  view.of(opened.dog(), opened.stay().orElseThrow()), today, opened.lastDay()));
        });
    return ResponseEntity.ok().header(HttpHeaders.CACHE_CONTROL, "no-store").body(page.get());
  }

  /** What they did and saw; the same again changes nothing. */
  @PutMapping("/api/handed/{token}/told/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tell(@PathVariable String token, @PathVariable UUID id, @Valid @RequestBody ToldForm said) {
    Opened opened = open(token);
    opened.maker().role().require(Role.CARER);
    CurrentMember.run(
        opened.maker().speakingFor(said.by().strip()),
        () -> telling.tell(id, told(opened, said, stillOpen(opened))));
  }

  private Opened open(String token) {
    return links.open(token).filter(one -> one.stay().isPresent()).orElseThrow(Refusal::notFound);
  }

  private LocalDate stillOpen(Opened opened) {
    LocalDate today = day.today();
    if (today.isAfter(opened.lastDay())) {
      throw Refusal.notFound();
    }
    return today;
  }

  private ToldRequest told(Opened opened, ToldForm said, LocalDate today) {
    StayOfDog stay = opened.stay().orElseThrow();
    LocalDate on = said.at().atZone(day.zone()).toLocalDate();
    new InvalidFields.Collector()
        .require(!on.isAfter(today), "at", "must not lie in the future")
        .require(!on.isBefore(stay.from()), "at", "must not lie before the dog came")
        .throwIfAny();
    return new ToldRequest(
        opened.dog(),
        said.at(),
        day.zone(),
        said.by().strip(),
        stay.taker(),
        said.done(),
        said.seen(),
        said.ear(),
        said.note(),
        // whoever looks next is asked each sign by name
        said.ears() == null ? ToldEarsRequest.NOTHING : said.ears(),
        said.usual(),
        said.gaveAt());
  }
}
