package org.evenlobe.server.photo;

import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.server.problem.Refusal;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The camera that looks into ears, where there is one. */
@RestController
class EarCameraController {
  private final ObjectProvider<EarCamera> camera;

  EarCameraController(ObjectProvider<EarCamera> camera) {
    this.camera = camera;
  }

  /**
   * A camera.
   *
   * @param name what it is called
   * @param simulated whether what it shows is made up
   */
  record CameraHere(String name, boolean simulated) {}

  /**
   * Which camera there is.
   *
   * @param camera it; none where there is none
   */
  record CameraAnswer(Optional<CameraHere> camera) {}

  @GetMapping("/api/households/{household}/ear-camera")
  CameraAnswer camera(@PathVariable UUID household) {
    return new CameraAnswer(
        Optional.ofNullable(camera.getIfAvailable())
            .map(one -> new CameraHere(one.name(), one.isSimulated())));
  }

  /** What it sees of an ear now. */
  @GetMapping(
      value = "/api/households/{household}/ear-camera/frame",
      produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> frame(@PathVariable UUID household, @RequestParam Side ear) {
    EarCamera one = camera.getIfAvailable();
    if (one == null) {
      throw Refusal.notFound();
    }
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(one.frame(ear));
  }
}
