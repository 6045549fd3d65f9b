package org.evenlobe.server.course;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import org.evenlobe.core.record.OilMeasure;
import org.evenlobe.core.record.OilSource;
import org.evenlobe.core.record.Supplement;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * An oil that is fed, as its label says it.
 *
 * @param source what it is from
 * @param per by which measure the label tells its strength
 * @param epa mg of EPA in one of these
 * @param dha mg of DHA in one of these
 * @param vitaminE mg of vitamin E in one of these
 * @param capsuleGrams how many grams of oil a capsule holds
 * @param amount how much a day
 * @param by of which measure
 */
public record SupplementRequest(
    @NotNull OilSource source,
    @NotNull OilMeasure per,
    @NotNull @DecimalMin("0") @DecimalMax("5000") Double epa,
    @NotNull @DecimalMin("0") @DecimalMax("5000") Double dha,
    @Nullable @DecimalMin("0") @DecimalMax("5000") Double vitaminE,
    @Nullable @DecimalMin("0.05") @DecimalMax("5") Double capsuleGrams,
    @NotNull @DecimalMin("0.01") @DecimalMax("200") Double amount,
    @NotNull OilMeasure by) {

  /** Notes what is wrong with it. */
  public void check(InvalidFields.Collector errors, String at) {
    boolean convertsCapsules = per != by && (per == OilMeasure.CAPSULE || by == OilMeasure.CAPSULE);
    errors
        .require(
            source != OilSource.PLANT || epa + dha == 0,
            at + "epa",
            "must be 0: oil from plants has neither EPA nor DHA")
        .require(
            !convertsCapsules || capsuleGrams != null,
            at + "capsuleGrams",
            "must be said where the label goes by one measure and you by another");
  }

  /** The same as the core knows it. */
  public Supplement toCore() {
    return new Supplement(
        source,
        per,
        epa,
        dha,
        Optional.ofNullable(vitaminE),
        Optional.ofNullable(capsuleGrams),
        amount,
        by);
  }
}
