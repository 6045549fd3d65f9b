package org.evenlobe.server.exchange;

import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.DogRequest;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.fact.ChangeNumber;
import org.evenlobe.server.fact.FactHistories;
import org.evenlobe.server.fact.FactHistory;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.InvalidFields.FieldError;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What was said of one kind as a table: out, and in, where each line is one fact. */
@Service
class LogTables {
  /** So many lines at once at most. */
  private static final int MOST_LINES = 20_000;

  /** So many wrong lines are told. */
  private static final int MOST_TOLD = 100;

  private static final int AT_ONCE = 500;

  /** What is not judged and written by then is given up. */
  private static final int MOST_SECONDS = 120;

  private static final String ID = "id";
  private static final String DOG = "dog";
  private static final String DOG_ID = "dogId";

  private final FactKinds kinds;
  private final FactHistories facts;
  private final Dogs dogs;
  private final Validator validator;
  private final ChangeNumber changes;
  private final HouseholdDay day;
  private final JsonMapper json;

  LogTables(
      FactKinds kinds,
      FactHistories facts,
      Dogs dogs,
      Validator validator,
      ChangeNumber changes,
      HouseholdDay day,
      JsonMapper json) {
    this.kinds = kinds;
    this.facts = facts;
    this.dogs = dogs;
    this.validator = validator;
    this.changes = changes;
    this.day = day;
    this.json = json;
  }

  /**
   * A line in which something is wrong.
   *
   * @param number which, the names of the columns being line 1
   * @param errors what is wrong, by column
   */
  record WrongLine(long number, List<FieldError> errors) {}

  /**
   * What a table comes to.
   *
   * @param added how many lines are added
   * @param there how many are here already, or were and are deleted: these are left as they are
   * @param wrong how many are wrong
   * @param lines the first 100 of those
   */
  record LogAnswer(int added, int there, int wrong, List<WrongLine> lines) {}

  /** A line that says a fact. */
  private record Said(long number, UUID id, ObjectNode body) {}

  /** What was said of a kind, as it stands, the latest last. */
  @Transactional(propagation = Propagation.MANDATORY)
  public String write(String path) {
    FactKind<?, ?> kind = kind(path);
    LogColumns columns = new LogColumns(kind.body(), json);
    Map<String, String> names = new HashMap<>();
    everyDog().forEach(dog -> names.put(dog.id().toString(), dog.profile().name()));
    List<Row> rows = new ArrayList<>();
    facts.eachPresent(
        kind,
        (id, body) -> {
          List<String> cells = new ArrayList<>(List.of(id.toString()));
          if (isOfDog(columns)) {
            cells.add(CsvText.safe(names.getOrDefault(body.path(DOG_ID).asString(""), "")));
          }
          cells.addAll(columns.cells(body));
          rows.add(new Row(body.path("at").asString("") + id, cells));
        });
    return CsvText.write(
        names(columns),
        rows.stream().sorted(Comparator.comparing(Row::order)).map(Row::cells).toList());
  }

  private record Row(String order, List<String> cells) {}

  /** What a table would come to. */
  @Transactional(readOnly = true, timeout = MOST_SECONDS)
  public LogAnswer preview(String path, String csv) {
    return new Reading(kind(path)).read(csv).answer();
  }

  /**
   * Adds what is not there yet; nothing, where a line is wrong.
   *
   * @throws InvalidFields naming the wrong lines
   */
  @Transactional(timeout = MOST_SECONDS)
  public LogAnswer add(String path, String csv) {
    Reading reading = new Reading(kind(path)).read(csv);
    InvalidFields.Collector errors = new InvalidFields.Collector();
    for (WrongLine line : reading.answer().lines()) {
      for (FieldError error : line.errors()) {
        errors.require(false, "line " + line.number() + ", " + error.field(), error.message());
      }
    }
    errors.throwIfAny();
    List<FactHistory> histories =
        reading.fresh.stream()
            .map(
                said ->
                    new FactHistory(
                        path,
                        said.id(),
                        List.of(
                            new FactHistory.Told(
                                day.now(),
                                Optional.empty(),
                                Optional.of(said.body()),
                                Optional.of(kind(path).shapes().today())))))
            .toList();
    Set<UUID> written = new HashSet<>();
    for (int i = 0; i < histories.size(); i += AT_ONCE) {
      facts.take(histories.subList(i, Math.min(histories.size(), i + AT_ONCE)));
    }
    reading.fresh.stream()
        .map(said -> said.body().path(DOG_ID).asString(""))
        .filter(id -> !id.isEmpty())
        .distinct()
        .forEach(id -> written.add(UUID.fromString(id)));
    changes.raise(written);
    return reading.answer();
  }

  /** Dogs have a table of their own, and settings are no log. */
  private FactKind<?, ?> kind(String path) {
    FactKind<?, ?> kind = kinds.at(path);
    if (!kind.isRemovable() || kind.body() == DogRequest.class) {
      throw Refusal.notFound();
    }
    return kind;
  }

  private Stream<Dog> everyDog() {
    UUID household = CurrentMember.household();
    return Stream.concat(dogs.ofHousehold(household).stream(), dogs.archived(household).stream());
  }

  private static boolean isOfDog(LogColumns columns) {
    return columns.names().contains(DOG_ID);
  }

  private static List<String> names(LogColumns columns) {
    Stream<String> first = isOfDog(columns) ? Stream.of(ID, DOG) : Stream.of(ID);
    return Stream.concat(first, columns.names().stream()).toList();
  }

  /** One table that is read. */
  private final class Reading {
    private final FactKind<?, ?> kind;
    private final LogColumns columns;
    private final Map<String, List<UUID>> byName = new HashMap<>();
    private final Set<String> dogsHere = new HashSet<>();
    private final List<Said> fresh = new ArrayList<>();
    private final List<WrongLine> lines = new ArrayList<>();
    private int wrong;
    private int there;

    Reading(FactKind<?, ?> kind) {
      this.kind = kind;
      columns = new LogColumns(kind.body(), json);
      for (Dog dog : everyDog().toList()) {
        dogsHere.add(dog.id().toString());
        byName
            .computeIfAbsent(DogTable.key(dog.profile().name()), name -> new ArrayList<>())
            .add(dog.id());
      }
    }

    LogAnswer answer() {
      return new LogAnswer(fresh.size(), there, wrong, lines);
    }

    Reading read(String csv) {
      List<Said> all = new ArrayList<>();
      String here = day.zone().getId();
      GivingWay others = new GivingWay();
      for (CsvText.Row row : CsvText.read(csv, names(columns), List.of(), MOST_LINES)) {
        others.goFirst();
        List<FieldError> errors = new ArrayList<>();
        ObjectNode body = columns.body(row, errors);
        if (isOfDog(columns)) {
          dog(row, body, errors);
          if (!body.has("zone")) {
            body.put("zone", here);
          }
        }
        Optional<UUID> id = id(row, body, errors);
        note(row.number(), errors);
        if (errors.isEmpty()) {
          id.ifPresent(one -> all.add(new Said(row.number(), one, body)));
        }
      }
      judge(all);
      return this;
    }

    private void judge(List<Said> all) {
      Set<UUID> known = new HashSet<>(facts.taken(all.stream().map(Said::id).toList()));
      GivingWay others = new GivingWay();
      for (Said said : all) {
        others.goFirst();
        if (!known.add(said.id())) {
          there++;
          continue;
        }
        List<FieldError> errors = wrong(kind, said);
        note(said.number(), errors);
        if (errors.isEmpty()) {
          fresh.add(said);
        }
      }
    }

    private void note(long number, List<FieldError> errors) {
      if (!errors.isEmpty()) {
        wrong++;
        if (lines.size() < MOST_TOLD) {
          lines.add(new WrongLine(number, errors));
        }
      }
    }

    private void dog(CsvText.Row row, ObjectNode body, List<FieldError> errors) {
      if (body.has(DOG_ID)) {
        // nobody is asked line by line for a dog that is not here
        if (!dogsHere.contains(body.path(DOG_ID).asString("").toLowerCase(Locale.ROOT))) {
          errors.add(new FieldError(DOG_ID, "is not a dog of this household"));
        }
        return;
      }
      List<UUID> named =
          row.typed(DOG)
              .map(name -> byName.getOrDefault(DogTable.key(name), List.of()))
              .orElse(List.of());
      if (named.size() == 1) {
        body.put(DOG_ID, named.get(0).toString());
      } else {
        errors.add(
            new FieldError(
                DOG,
                named.isEmpty()
                    ? "must be the name of a dog of this household"
                    : "is the name of two dogs: say which by " + DOG_ID));
      }
    }

    /** The same line without an id is the same fact, however often it comes. */
    private Optional<UUID> id(CsvText.Row row, JsonNode body, List<FieldError> errors) {
      Optional<String> said = row.text(ID);
      if (said.isEmpty()) {
        return Optional.of(
            UUID.nameUUIDFromBytes(
                (kind.path() + body.toString()).getBytes(StandardCharsets.UTF_8)));
      }
      try {
        return said.map(text -> UUID.fromString(text.toLowerCase(Locale.ROOT)));
      } catch (IllegalArgumentException e) {
        errors.add(new FieldError(ID, "must be an id, or left out"));
        return Optional.empty();
      }
    }

    private <B> List<FieldError> wrong(FactKind<B, ?> of, Said said) {
      B body;
      try {
        body = json.treeToValue(said.body(), of.body());
      } catch (JacksonException unreadable) {
        return List.of(
            new FieldError(
                unreadable.getPath().stream()
                    .map(JacksonException.Reference::getPropertyName)
                    .reduce((a, b) -> a + "." + b)
                    .orElse("line"),
                "cannot be read: " + unreadable.getOriginalMessage()));
      }
      List<FieldError> errors = new ArrayList<>();
      for (var one : validator.validate(body)) {
        errors.add(new FieldError(one.getPropertyPath().toString(), one.getMessage()));
      }
      if (errors.isEmpty()) {
        try {
          of.rules().check(said.id(), body);
        } catch (InvalidFields refused) {
          errors.addAll(refused.errors());
        } catch (Refusal refused) {
          // such as a dose that somebody has given: it is said of the line
          errors.add(new FieldError("line", refused.getBody().getDetail()));
        }
      }
      return errors;
    }
  }
}
