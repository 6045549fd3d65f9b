package org.evenlobe.server.view;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.solution.AimRequest;
import org.evenlobe.server.solution.MixRequest;
import org.evenlobe.server.view.MixView.AimedMix;
import org.evenlobe.server.view.MixView.MixPreview;
import org.evenlobe.server.view.MixView.NearestMix;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is in a mix, computed at every request; nothing is stored. */
@RestController
class MixController {
  private final MixView mixes;

  MixController(MixView mixes) {
    this.mixes = mixes;
  }

  /** What is in a mix, and which ears of the household it suits. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/previews/mix")
  MixPreview mix(@PathVariable UUID household, @Valid @RequestBody MixRequest said) {
    return mixes.preview(said);
  }

  /** The amounts that meet targets, or come nearest. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/previews/aimed-mix")
  AimedMix aimed(@PathVariable UUID household, @Valid @RequestBody AimRequest said) {
    return mixes.aimed(said);
  }

  /**
   * The nearest recipe of the same ingredients, and water, that suits an ear.
   *
   * @param ear which ear
   */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/dogs/{dog}/previews/nearest-mix")
  NearestMix nearest(
      @PathVariable UUID household,
      @PathVariable UUID dog,
      @RequestParam Side ear,
      @Valid @RequestBody MixRequest said) {
    return mixes.nearest(dog, ear, said);
  }
}
