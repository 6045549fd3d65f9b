package org.evenlobe.core.ear;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Where the fluid stands in a canal (rules EAR_FLUID, EAR_TILT).
 *
 * <p>The horizontal part fills first, lengthwise from the eardrum to the bend, then the vertical
 * part from the bend up. With the head rolled so that the ear goes down, the vertical part loses
 * what lies above the level plane through the lowest point of its rim; the horizontal part is taken
 * to stay full. What stays is the lesser of that and what was poured.
 *
 * @param poured what was poured
 * @param held what stays in
 * @param lost what runs out again
 * @param horizontalReach how far from the eardrum the horizontal part is filled, cm
 * @param height how far above the bend the fluid stands on the vertical part's axis, cm
 * @param reachesBend whether anything stands above the bend
 * @param reasons what this teaches
 */
public record CanalFluid(
    Volume poured,
    Volume held,
    Volume lost,
    double horizontalReach,
    double height,
    boolean reachesBend,
    List<Reason> reasons) {

  public CanalFluid {
    reasons = List.copyOf(reasons);
  }

  /** What becomes of that much, poured with the head tilted. */
  public static CanalFluid in(Canal canal, Volume poured, Tilt tilt) {
    TiltedCone vertical = new TiltedCone(canal.vertical(), tilt);
    double inHorizontal = canal.horizontal().volume();
    double room = inHorizontal + vertical.below(vertical.rim());
    Volume held = poured.atMost(new Volume(room));
    Volume lost = poured.less(held);
    double above = held.millilitres() - inHorizontal;
    boolean reachesBend = above > 0;
    double height = reachesBend ? height(canal, vertical, tilt, above) : 0;
    double reach =
        reachesBend ? canal.horizontal().length() : canal.horizontal().reachOf(held.millilitres());
    return new CanalFluid(
        poured,
        held,
        lost,
        reach,
        height,
        reachesBend,
        reasons(canal, poured, held, lost, tilt, reach));
  }

  private static double height(Canal canal, TiltedCone vertical, Tilt tilt, double above) {
    return tilt.degrees() == 0
        ? canal.vertical().reachOf(above)
        : vertical.levelOf(above) / Math.cos(tilt.radians());
  }

  private static List<Reason> reasons(
      Canal canal, Volume poured, Volume held, Volume lost, Tilt tilt, double reach) {
    List<Reason> reasons = new ArrayList<>();
    double share = 100 * held.millilitres() / canal.volume().millilitres();
    reasons.add(
        Reason.of(
                Rule.EAR_FLUID,
                reach < canal.horizontal().length()
                    ? "%s fill the part beyond the bend to %s of %s cm and stand nowhere in the"
                            .formatted(
                                Quantities.tenths(poured),
                                tenth(reach),
                                tenth(canal.horizontal().length()))
                        + " part that you can reach."
                    : "%s stay in: %d %% of what this canal holds."
                        .formatted(Quantities.tenths(held), Figures.halfUp(share)))
            .with("poured", poured.millilitres())
            .with("held", held.millilitres()));
    if (tilt.degrees() > 0) {
      reasons.add(
          Reason.of(
                  Rule.EAR_TILT,
                  "Tipped by %s degrees, %s run out again."
                      .formatted(Figures.plain(tilt.degrees()), Quantities.tenths(lost)))
              .with("degrees", tilt.degrees())
              .with("lost", lost.millilitres()));
    }
    return reasons;
  }

  private static String tenth(double number) {
    return String.format(Locale.ROOT, "%.1f", number);
  }
}
