package org.evenlobe.server.course;

import org.evenlobe.core.record.Course;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.Supplies;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of courses, of their doses and ends, and of what somebody gives on their own. */
@Configuration
class CourseKinds {

  @Bean
  FactKind<CourseRequest, StoredCourse> courseKind(DogFactRules rules) {
    return rules.kind(
        "courses",
        CourseRequest.class,
        StoredCourse.class,
        StoredCourse::new,
        (id, said, errors) -> said.check(errors));
  }

  @Bean
  FactKind<GivingRequest, StoredGiving> givingKind(DogFactRules rules, GivingRules giving) {
    return rules.kind(
        "givings",
        GivingRequest.class,
        StoredGiving.class,
        StoredGiving::new,
        DogFactRules.nothing(),
        giving::check);
  }

  @Bean
  FactKind<CourseEndRequest, StoredCourseEnd> courseEndKind(
      DogFactRules rules, FoldedDogs dogs, HouseholdDay day) {
    return rules.kind(
        "course-ends",
        CourseEndRequest.class,
        StoredCourseEnd.class,
        StoredCourseEnd::new,
        DogFactRules.nothing(),
        (id, said, errors) -> isOfTheDog(said, dogs, day, errors));
  }

  @Bean
  FactKind<OwnCourseRequest, StoredOwnCourse> ownCourseKind(DogFactRules rules, Supplies supplies) {
    return rules.kind(
        "own-courses",
        OwnCourseRequest.class,
        StoredOwnCourse.class,
        StoredOwnCourse::new,
        (id, said, errors) -> said.check(errors),
        (id, said, errors) ->
            errors.require(
                said.supplyId() == null
                    || supplies.wasThere(CurrentMember.household(), said.supplyId()),
                "supplyId",
                "is no bottle of this household"));
  }

  private static void isOfTheDog(
      CourseEndRequest said, FoldedDogs dogs, HouseholdDay day, InvalidFields.Collector errors) {
    errors.require(
        dogs.one(said.dogId(), day.today()).record().all(Course.class).stream()
            .anyMatch(course -> course.id().equals(said.courseId())),
        "courseId",
        "is not a course of this dog");
  }
}
