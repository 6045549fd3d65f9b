package org.evenlobe.server.dog;

import java.util.UUID;
import org.evenlobe.server.image.CleanPicture;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A dog's picture. */
@RestController
class PictureController {
  private final Pictures pictures;

  PictureController(Pictures pictures) {
    this.pictures = pictures;
  }

  @GetMapping(
      value = "/api/households/{household}/dogs/{dog}/picture",
      produces = MediaType.IMAGE_JPEG_VALUE)
  byte[] get(@PathVariable UUID household, @PathVariable UUID dog) {
    return pictures.jpeg(dog).orElseThrow(Refusal::notFound);
  }

  /** It is drawn anew before the database is asked for anything: that takes seconds. */
  @PutMapping(
      value = "/api/households/{household}/dogs/{dog}/picture",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(@PathVariable UUID household, @PathVariable UUID dog, @RequestBody byte[] sent) {
    pictures.put(dog, CleanPicture.jpeg(sent, Pictures.LONGER_SIDE, "picture"));
  }

  @DeleteMapping("/api/households/{household}/dogs/{dog}/picture")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID household, @PathVariable UUID dog) {
    pictures.remove(dog);
  }
}
