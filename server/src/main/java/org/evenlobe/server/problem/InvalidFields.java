package org.evenlobe.server.problem;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;

/** A request whose fields are wrong; each is named with what was expected. */
public class InvalidFields extends Refusal {
  private static final long serialVersionUID = 1;

  /**
   * What is wrong with one field.
   *
   * @param field its path, such as {@code ears.right.load}
   * @param message what was expected
   */
  public record FieldError(String field, String message) {}

  private final transient List<FieldError> errors;

  public InvalidFields(List<FieldError> errors) {
    super(HttpStatus.BAD_REQUEST, "invalid", "Not valid", sentence(errors));
    this.errors = List.copyOf(errors);
    getBody().setProperty("errors", List.copyOf(errors));
  }

  /** What is wrong, field by field. */
  public List<FieldError> errors() {
    return errors;
  }

  public static InvalidFields of(String field, String message) {
    return new InvalidFields(List.of(new FieldError(field, message)));
  }

  private static String sentence(List<FieldError> errors) {
    return "Nothing was saved: "
        + errors.stream()
            .map(error -> error.field() + " " + error.message())
            .collect(Collectors.joining("; "))
        + ".";
  }

  /** Collects what is wrong and throws it all at once. */
  public static final class Collector {
    private final List<FieldError> errors = new ArrayList<>();

    /** Notes that the field is wrong where the condition does not hold. */
    public Collector require(boolean holds, String field, String message) {
      if (!holds) {
        errors.add(new FieldError(field, message));
      }
      return this;
    }

    /** Notes what more is wrong. */
    public Collector and(Consumer<Collector> more) {
      more.accept(this);
      return this;
    }

    /** Whether nothing was wrong so far. */
    public boolean isEmpty() {
      return errors.isEmpty();
    }

    /**
     * Ends the collection.
     *
     * @throws InvalidFields if anything was wrong
     */
    public void throwIfAny() {
      if (!errors.isEmpty()) {
        throw new InvalidFields(errors);
      }
    }
  }
}
