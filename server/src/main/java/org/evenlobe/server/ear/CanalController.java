package org.evenlobe.server.ear;

import java.util.UUID;
import org.evenlobe.core.ear.Canal;
import org.evenlobe.core.ear.CanalFluid;
import org.evenlobe.core.ear.Tilt;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where fluid stands in a canal. */
@RestController
class CanalController {
  private static final double LARGEST = 60;

  /**
   * A canal with fluid in it.
   *
   * @param canal its shape, cm
   * @param fluid where the fluid stands
   */
  record CanalPreview(Canal canal, CanalFluid fluid) {}

  /**
   * Stores nothing.
   *
   * @param volume what the canal holds, mL, more than 0 and 60 at most
   * @param poured what is poured, mL, 60 at most
   * @param tilt how far the head is rolled so that the ear goes down, degrees, 60 at most
   */
  @GetMapping("/api/households/{household}/previews/canal")
  CanalPreview canal(
      @PathVariable UUID household,
      @RequestParam double volume,
      @RequestParam double poured,
      @RequestParam double tilt) {
    new InvalidFields.Collector()
        .require(volume >= 0.1 && volume <= LARGEST, "volume", "must be 0.1 to 60 mL")
        .require(poured >= 0 && poured <= LARGEST, "poured", "must be 0 to 60 mL")
        .require(tilt >= 0 && tilt <= Tilt.MOST, "tilt", "must be 0 to 60 degrees")
        .throwIfAny();
    Canal canal = Canal.ofVolume(new Volume(volume));
    return new CanalPreview(canal, CanalFluid.in(canal, new Volume(poured), new Tilt(tilt)));
  }
}
