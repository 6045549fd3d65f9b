package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.measure.Volume;

/**
 * How a household cleans ears, where people differ. A verdict can only narrow it; a vet's word
 * replaces it.
 *
 * @param method how
 * @param swabs where swabs may go
 * @param wipes what is wiped with
 * @param hair what is done about hair in the canal
 * @param medicineWait how long a medicine waits after a cleaning
 * @param mixing whether it mixes cleaner for itself
 * @param massageSeconds how long the base is massaged, {@value #SHORTEST_MASSAGE} to {@value
 *     #LONGEST_MASSAGE} s
 * @param smallFill how much a fill by the label is, where it is not to the line
 * @param chosen whether somebody has chosen the method; else it is asked before the first cleaning
 */
public record CleaningWays(
    CleaningMethod method,
    Swabs swabs,
    WipeMaterial wipes,
    HairCare hair,
    MedicineWait medicineWait,
    MixSchool mixing,
    int massageSeconds,
    Optional<Volume> smallFill,
    boolean chosen) {

  /** Ways in which a fill is to the line, and that somebody has chosen. */
  public CleaningWays(
      CleaningMethod method,
      Swabs swabs,
      WipeMaterial wipes,
      HairCare hair,
      MedicineWait medicineWait,
      MixSchool mixing,
      int massageSeconds) {
    this(method, swabs, wipes, hair, medicineWait, mixing, massageSeconds, Optional.empty(), true);
  }

  /** The shortest massage, seconds. */
  public static final int SHORTEST_MASSAGE = 15;

  /** The longest one. */
  public static final int LONGEST_MASSAGE = 60;

  /** What a household begins with. */
  public static final CleaningWays DEFAULT =
      new CleaningWays(
          CleaningMethod.FILL,
          Swabs.NEVER,
          WipeMaterial.COTTON_PADS,
          HairCare.LEAVE,
          MedicineWait.AN_HOUR,
          MixSchool.READY_ONLY,
          30,
          Optional.empty(),
          false);

  public CleaningWays {
    Objects.requireNonNull(method, "method");
    Objects.requireNonNull(swabs, "swabs");
    Objects.requireNonNull(wipes, "wipes");
    Objects.requireNonNull(hair, "hair");
    Objects.requireNonNull(medicineWait, "medicineWait");
    Objects.requireNonNull(mixing, "mixing");
    Objects.requireNonNull(smallFill, "smallFill");
    if (massageSeconds < SHORTEST_MASSAGE || massageSeconds > LONGEST_MASSAGE) {
      throw new IllegalArgumentException("15 to 60 s, not " + massageSeconds);
    }
  }

  /**
   * What is done differently with one dog.
   *
   * @param method how
   * @param swabs where swabs may go
   * @param wipes what is wiped with
   * @param hair what is done about hair in the canal
   * @param medicineWait how long a medicine waits after a cleaning
   */
  public record OwnWays(
      Optional<CleaningMethod> method,
      Optional<Swabs> swabs,
      Optional<WipeMaterial> wipes,
      Optional<HairCare> hair,
      Optional<MedicineWait> medicineWait) {
    /** Nothing. */
    public static final OwnWays NONE =
        new OwnWays(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
  }

  /** These ways, with what is done differently with one dog. */
  public CleaningWays with(OwnWays own) {
    return new CleaningWays(
        own.method().orElse(method),
        own.swabs().orElse(swabs),
        own.wipes().orElse(wipes),
        own.hair().orElse(hair),
        own.medicineWait().orElse(medicineWait),
        mixing,
        massageSeconds,
        smallFill,
        chosen || own.method().isPresent());
  }
}
