package org.evenlobe.server.fact;

import jakarta.validation.Validator;
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
    for (var one : validator.validate(said)) {
      errors.require(false, before + one.getPropertyPath(), one.getMessage());
    }
    errors.throwIfAny();
  }
}
