package org.evenlobe.server.photo;

import java.time.Duration;
import java.util.UUID;
import org.evenlobe.server.image.CleanPicture;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pictures that photographs are made of. */
@RestController
class ImageController {
  private final Images images;

  ImageController(Images images) {
    this.images = images;
  }

  @GetMapping(
      value = "/api/households/{household}/images/{id}",
      produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> get(@PathVariable UUID household, @PathVariable UUID id) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
        .body(images.jpeg(id).orElseThrow(Refusal::notFound));
  }

  /** It is drawn anew before the database is asked for anything: that takes seconds. */
  @PutMapping(
      value = "/api/households/{household}/images/{id}",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(
      @PathVariable UUID household,
      @PathVariable UUID id,
      @RequestHeader("Content-Type") MediaType type,
      @RequestBody byte[] sent) {
    images.put(id, CleanPicture.photograph(sent, type, "image"));
  }
}
