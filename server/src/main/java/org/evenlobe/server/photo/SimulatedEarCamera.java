package org.evenlobe.server.photo;

import java.time.Clock;
import java.util.List;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Grade;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A stand-in for an ear camera: each second it sees another made-up ear, in another light. */
@Component
@ConditionalOnProperty(
    name = "evenlobe.ear-camera",
    havingValue = "simulated",
    matchIfMissing = true)
class SimulatedEarCamera implements EarCamera {
  private static final List<Grade> REDNESS = List.of(Grade.values());
  private static final List<Grade> WAX = REDNESS.subList(0, 3);
  private static final List<Lamp> LAMPS = List.of(Lamp.values());

  private final Clock clock;

  SimulatedEarCamera(Clock clock) {
    this.clock = clock;
  }

  @Override
  public String name() {
    return "Simulated ear camera";
  }

  @Override
  public boolean isSimulated() {
    return true;
  }

  @Override
  public byte[] frame(Side ear) {
    long second = clock.instant().getEpochSecond();
    SplittableRandom random = new SplittableRandom(second + (ear == Side.LEFT ? 1 : 0));
    Grade wax = WAX.get(random.nextInt(WAX.size()));
    EarLooks looks =
        new EarLooks(
            REDNESS.get(random.nextInt(REDNESS.size())),
            Grade.NONE,
            Grade.NONE,
            wax,
            wax == Grade.NONE ? DischargeKind.NONE : DischargeKind.BROWN);
    return EarDrawing.jpeg(looks, ear, LAMPS.get(random.nextInt(LAMPS.size())), second);
  }
}
