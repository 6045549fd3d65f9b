package org.evenlobe.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.Validator;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.DogRequest;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.exchange.DogTable.Line;
import org.evenlobe.server.fact.FactKeeping;
import org.evenlobe.server.fact.FactKinds;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.InvalidFields.FieldError;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Dogs in and out as a table: what would be added is shown first, and all of it is, or nothing. */
@RestController
class DogTableController {
  private static final int LONGEST = 60_000;

  private final Dogs dogs;
  private final FactKeeping facts;
  private final FactKinds kinds;
  private final BreedCatalogue breeds;
  private final Validator validator;
  private final HouseholdDay day;
  private final TableTurns turns;

  DogTableController(
      Dogs dogs,
      FactKeeping facts,
      FactKinds kinds,
      BreedCatalogue breeds,
      Validator validator,
      HouseholdDay day,
      TableTurns turns) {
    this.dogs = dogs;
    this.facts = facts;
    this.kinds = kinds;
    this.breeds = breeds;
    this.validator = validator;
    this.day = day;
    this.turns = turns;
  }

  /**
   * A table of dogs.
   *
   * @param csv its text, 60 000 characters and 500 dogs at most
   */
  record DogTableRequest(@NotBlank @Size(max = LONGEST) String csv) {}

  /** What becomes of a line. */
  enum LineOutcome {
    /** A dog that is added. */
    NEW,
    /** A dog of that name is here already: it is left as it is. */
    THERE,
    /** Something is wrong with it. */
    WRONG
  }

  /**
   * A line of a table.
   *
   * @param number which, the names of the columns being line 1
   * @param name the dog's
   * @param outcome what becomes of it
   * @param errors what is wrong with it, by column
   */
  record DogLine(long number, String name, LineOutcome outcome, List<FieldError> errors) {}

  /**
   * What a table comes to.
   *
   * @param lines line by line
   * @param added how many dogs are added
   */
  record DogTableAnswer(List<DogLine> lines, int added) {}

  @GetMapping(value = "/api/households/{household}/dogs.csv", produces = "text/csv;charset=UTF-8")
  @Transactional(readOnly = true)
  public ResponseEntity<String> table(@PathVariable UUID household) {
    Map<DogProfile, LocalDate> here = new LinkedHashMap<>();
    for (Dog dog : dogs.ofHousehold(CurrentMember.household())) {
      here.put(dog.profile(), dog.joinedOn());
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"dogs.csv\"")
        .body(DogTable.write(here));
  }

  /** What would be added; stores nothing. */
  @PostMapping("/api/households/{household}/previews/dogs")
  @Needs(Role.VIEWER)
  @Transactional(readOnly = true)
  public DogTableAnswer preview(
      @PathVariable UUID household, @Valid @RequestBody DogTableRequest said) {
    return turns.inTurn(
        () -> {
          List<DogLine> lines = judged(new DogTable(breeds, day.today()).read(said.csv()));
          return new DogTableAnswer(lines, count(lines));
        });
  }

  /**
   * Adds the dogs that are not there yet; none of them, where a line is wrong.
   *
   * @throws InvalidFields naming each wrong line
   */
  @PostMapping("/api/households/{household}/dogs-of-table")
  @Transactional
  public DogTableAnswer add(
      @PathVariable UUID household, @Valid @RequestBody DogTableRequest said) {
    return turns.inTurn(() -> added(said));
  }

  private DogTableAnswer added(DogTableRequest said) {
    List<Line> read = new DogTable(breeds, day.today()).read(said.csv());
    List<DogLine> lines = judged(read);
    InvalidFields.Collector errors = new InvalidFields.Collector();
    for (DogLine line : lines) {
      for (FieldError error : line.errors()) {
        errors.require(false, "line " + line.number() + ", " + error.field(), error.message());
      }
    }
    errors.throwIfAny();
    for (int i = 0; i < read.size(); i++) {
      if (lines.get(i).outcome() == LineOutcome.NEW) {
        facts.put(UUID.randomUUID(), Precondition.isNew(), read.get(i).dog().orElseThrow());
      }
    }
    return new DogTableAnswer(lines, count(lines));
  }

  private static int count(List<DogLine> lines) {
    return (int) lines.stream().filter(line -> line.outcome() == LineOutcome.NEW).count();
  }

  private List<DogLine> judged(List<Line> lines) {
    Set<String> known = new HashSet<>();
    dogs.ofHousehold(CurrentMember.household())
        .forEach(dog -> known.add(DogTable.key(dog.profile().name())));
    List<DogLine> judged = new ArrayList<>();
    for (Line line : lines) {
      List<FieldError> errors = new ArrayList<>(line.errors());
      line.dog().ifPresent(dog -> errors.addAll(wrong(dog)));
      boolean there = errors.isEmpty() && !known.add(DogTable.key(line.name()));
      judged.add(
          new DogLine(
              line.number(),
              line.name(),
              !errors.isEmpty() ? LineOutcome.WRONG : there ? LineOutcome.THERE : LineOutcome.NEW,
              errors));
    }
    return judged;
  }

  /** What a form would refuse, too. */
  private List<FieldError> wrong(DogRequest dog) {
    List<FieldError> errors = new ArrayList<>();
    validator
        .validate(dog)
        .forEach(
            one -> errors.add(new FieldError(one.getPropertyPath().toString(), one.getMessage())));
    if (errors.isEmpty()) {
      try {
        kinds.of(dog).rules().check(UUID.randomUUID(), dog);
      } catch (InvalidFields refused) {
        errors.addAll(refused.errors());
      }
    }
    return errors;
  }
}
