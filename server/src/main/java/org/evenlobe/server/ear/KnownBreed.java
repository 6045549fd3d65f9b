package org.evenlobe.server.ear;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.evenlobe.core.ear.BreedCatalogue;
import org.jspecify.annotations.Nullable;

/** The id of a breed that is in the catalogue. */
@Target(ElementType.TYPE_USE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = KnownBreed.Validator.class)
public @interface KnownBreed {
  String message() default "is not a breed in the catalogue";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Looks the id up. */
  class Validator implements ConstraintValidator<KnownBreed, String> {
    private final BreedCatalogue breeds;

    Validator(BreedCatalogue breeds) {
      this.breeds = breeds;
    }

    @Override
    public boolean isValid(@Nullable String id, ConstraintValidatorContext context) {
      return id != null && breeds.find(id).isPresent();
    }
  }
}
