package org.evenlobe.server.view;

import io.swagger.v3.oas.annotations.Parameter;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.core.trend.PeriodsCompared;
import org.evenlobe.core.trend.PeriodsCompared.Span;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.view.TrendView.DogTrends;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** What a dog's record shows over time. */
@RestController
class TrendController {
  private static final int USUAL_MONTHS = 12;
  private static final int MOST_YEARS = 30;

  private final TrendView trends;
  private final Unchanged unchanged;

  TrendController(TrendView trends, Unchanged unchanged) {
    this.trends = trends;
    this.unchanged = unchanged;
  }

  /**
   * Over the last twelve months, where no other time is asked for.
   *
   * @param from the first day
   * @param to the last day
   */
  @GetMapping("/api/households/{household}/dogs/{dog}/trends")
  ResponseEntity<DogTrends> trends(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to,
      @Parameter(hidden = true) WebRequest request) {
    return unchanged.or(request, standing -> trends(dog, from, to, standing));
  }

  private DogTrends trends(
      UUID dog, @Nullable LocalDate from, @Nullable LocalDate to, Standing standing) {
    LocalDate last = to == null ? standing.today() : to;
    LocalDate first = from == null ? last.minusMonths(USUAL_MONTHS) : from;
    return trends.trends(dog, span(first, last, "from").from(), last, standing);
  }

  /**
   * One time against another.
   *
   * @param beforeFrom the first day of the first
   * @param beforeTo its last day
   * @param afterFrom the first day of the second
   * @param afterTo its last day
   */
  @GetMapping("/api/households/{household}/dogs/{dog}/compared")
  PeriodsCompared compared(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam LocalDate beforeFrom,
      @RequestParam LocalDate beforeTo,
      @RequestParam LocalDate afterFrom,
      @RequestParam LocalDate afterTo) {
    return trends.compared(
        dog, span(beforeFrom, beforeTo, "beforeFrom"), span(afterFrom, afterTo, "afterFrom"));
  }

  private static Span span(LocalDate from, LocalDate to, String field) {
    if (to.isBefore(from)) {
      throw InvalidFields.of(field, "must not lie after the last day");
    }
    if (ChronoUnit.YEARS.between(from, to) > MOST_YEARS) {
      throw InvalidFields.of(field, "must not lie more than 30 years back");
    }
    return new Span(from, to);
  }
}
