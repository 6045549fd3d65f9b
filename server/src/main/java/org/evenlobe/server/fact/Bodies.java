package org.evenlobe.server.fact;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.Comparator;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Component;

/** What has to hold of a body by itself, wherever it comes from. */
@Component
class Bodies {
  private final Validator validator;

  Bodies(Validator validator) {
    this.validator = validator;
  }

  /**
   * Passes where all its bounds hold.
   *
   * @throws InvalidFields naming what does not
   */
  void validate(Object said) {
    validate(said, "");
  }

  /** The same, each field named with what stands before it. */
  void validate(Object said, String before) {
    InvalidFields.Collector errors = new InvalidFields.Collector();
    validator.validate(said).stream()
        .sorted(Comparator.comparing(Bodies::path))
        .forEach(one -> errors.require(false, before + path(one), one.getMessage()));
    errors.throwIfAny();
  }

  /** As a client writes it: {@code breeds[0]}, not {@code breeds[0].<list element>}. */
  private static String path(ConstraintViolation<?> wrong) {
    return wrong.getPropertyPath().toString().replaceAll("\\.<[a-z ]+>", "");
  }
}
