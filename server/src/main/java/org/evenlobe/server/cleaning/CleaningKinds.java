package org.evenlobe.server.cleaning;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.HairBy;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactReading;
import org.evenlobe.server.record.DogFactRules;
import org.evenlobe.server.stock.Supplies;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of cleanings and of practices on the trust ladder. */
@Configuration
class CleaningKinds {

  @Bean
  FactKind<CleaningRequest, Cleaning> cleaningKind(DogFactRules rules, Supplies supplies) {
    return rules.kind(
        "cleanings",
        CleaningRequest.class,
        Cleaning.class,
        Cleaning::new,
        (id, said, errors) ->
            errors.require(
                said.ears().right() != null || said.ears().left() != null,
                "ears",
                "must name one ear at least"),
        (id, said, errors) ->
            errors.require(
                said.cleaner() == null
                    || supplies.wasThere(CurrentMember.household(), said.cleaner(), kinds(said)),
                "cleaner",
                "is not a bottle of this household"));
  }

  /** Ready wipes alone can do it only where nothing is poured. */
  private static List<Supply.Kind> kinds(CleaningRequest said) {
    boolean pours =
        Stream.of(said.ears().right(), said.ears().left())
            .anyMatch(ear -> ear != null && ear.method().inCanal());
    return pours ? List.of(Supply.Kind.CLEANER) : List.of(Supply.Kind.values());
  }

  @Bean
  FactKind<PracticeRequest, StoredPractice> practiceKind(DogFactRules rules) {
    return rules.kind(
        "practices", PracticeRequest.class, StoredPractice.class, StoredPractice::new);
  }

  @Bean
  FactKind<HairDoneRequest, StoredHairDone> hairKind(DogFactRules rules) {
    return rules.kind("hair", HairDoneRequest.class, StoredHairDone.class, StoredHairDone::new);
  }

  @Bean
  DogFactReading<HairDone> hairReading() {
    return DogFactReading.together(
        StoredHairDone.class,
        row ->
            new HairDone(
                row.id(),
                row.moment(),
                Optional.ofNullable(row.orNull(0, String.class)).map(Side::valueOf),
                HairWork.valueOf(row.text(1)),
                HairBy.valueOf(row.text(2))),
        "fact.ear",
        "fact.work",
        "fact.by");
  }

  @Bean
  DogFactReading<CleaningRecord> cleaningReading() {
    return DogFactReading.apart(
        Cleaning.class,
        Cleaning::toCore,
        "fact.right",
        "fact.left",
        "fact.handled",
        "fact.seconds",
        "fact.cleanerId",
        "fact.note");
  }

  @Bean
  DogFactReading<Practice> practiceReading() {
    return DogFactReading.together(
        StoredPractice.class,
        row ->
            new Practice(
                row.id(), row.moment(), Rung.valueOf(row.text(0)), Handled.valueOf(row.text(1))),
        "fact.rung",
        "fact.handled");
  }
}
