package org.evenlobe.server.dog;

import java.time.LocalDate;
import java.util.Optional;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.archive.KeptFiles;
import org.evenlobe.server.dog.DogRequest.LitterRequest;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.image.CleanPicture;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of dogs. One is never deleted: it leaves the household. */
@Configuration
class DogKinds {
  private static final LocalDate OLDEST = LocalDate.of(1990, 1, 1);

  @Bean
  FactKind<DogRequest, Dog> dogKind(HouseholdDay day) {
    return new FactKind<>(
        "dogs",
        DogRequest.class,
        Dog.class,
        Dog::new,
        false,
        Role.CARER,
        said -> Optional.empty(),
        (id, said) -> check(said, day.today()));
  }

  @Bean
  KeptFiles pictureFiles(Pictures pictures) {
    return new KeptFiles(
        "dogs",
        """
        select dog_id as owner, dog_id as id, 'jpg' as type, '' as title, sent_at, jpeg as content
        from picture where household_id = ?
        """,
        file ->
            pictures.keep(
                file.listed(), CleanPicture.again(file.content(), "dogs/" + file.listed().id())));
  }

  private static void check(DogRequest said, LocalDate today) {
    InvalidFields.Collector errors = new InvalidFields.Collector();
    if (said.bornOn() != null) {
      errors.require(!said.bornOn().isAfter(today), "bornOn", "must not lie in the future");
      errors.require(!said.bornOn().isBefore(OLDEST), "bornOn", "must not lie before 1990");
    }
    errors.require(!said.joinedOn().isAfter(today), "joinedOn", "must not lie in the future");
    errors.require(!said.joinedOn().isBefore(OLDEST), "joinedOn", "must not lie before 1990");
    if (said.leftOn() != null) {
      errors.require(!said.leftOn().isAfter(today), "leftOn", "must not lie in the future");
      errors.require(
          !said.leftOn().isBefore(said.joinedOn()), "leftOn", "must not lie before joinedOn");
    }
    for (int i = 0; i < said.weights().size(); i++) {
      LocalDate on = said.weights().get(i).on();
      String field = "weights[" + i + "].on";
      errors.require(!on.isAfter(today), field, "must not lie in the future");
      errors.require(
          said.bornOn() == null || !on.isBefore(said.bornOn()),
          field,
          "must not lie before the birth");
    }
    LocalDate seen = said.eardrum().on();
    errors.require(
        seen != null || said.eardrum().status() == Eardrum.Status.NEVER_EXAMINED,
        "eardrum.on",
        "must say when it was seen");
    errors.require(
        seen == null || !seen.isAfter(today), "eardrum.on", "must not lie in the future");
    LitterRequest litter = said.litter();
    errors.require(
        litter == null || litter.isInOrder(), "litter.until", LitterRequest.ENDS_TOO_EARLY);
    errors.require(
        said.ownSchedule().scheduling().map(SchedulingMode::isChosen).orElse(true),
        "schedule.scheduling",
        "is a vet's to prescribe");
    errors.throwIfAny();
  }
}
