package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.photo.SkinRedness;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Photo;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A dog's photographs. */
@RestController
class PhotoController {
  private final FoldedDogs dogs;
  private final Plans plans;

  PhotoController(FoldedDogs dogs, Plans plans) {
    this.dogs = dogs;
    this.plans = plans;
  }

  /**
   * A photograph.
   *
   * @param photo it
   * @param redness how red the skin in it is, where that was measured
   * @param grade how red the ear was said to be by a check of that day
   */
  record PhotoSeen(Photo photo, Optional<SkinRedness> redness, Optional<Grade> grade) {}

  /**
   * Those of a dog.
   *
   * @param dog its id
   * @param name what it is called
   * @param photos the latest first
   */
  record DogPhotos(UUID dog, String name, List<PhotoSeen> photos) {}

  @GetMapping("/api/households/{household}/dogs/{dog}/photos")
  @Transactional(readOnly = true)
  public DogPhotos photos(@PathVariable UUID household, @PathVariable UUID dog) {
    DogHistory history = dogs.one(dog, plans.standing().today()).history();
    List<PhotoSeen> photos = new ArrayList<>();
    for (Photo photo : history.dog().all(Photo.class)) {
      photos.add(
          new PhotoSeen(
              photo,
              photo
                  .patches()
                  .map(marked -> SkinRedness.of(marked.skin().colour(), marked.white().colour())),
              grade(history, photo)));
    }
    Collections.reverse(photos);
    return new DogPhotos(dog, history.dog().profile().name(), photos);
  }

  private static Optional<Grade> grade(DogHistory history, Photo photo) {
    LocalDate day = photo.day();
    return history.checks().stream()
        .map(one -> one.check())
        .filter(check -> check.day().equals(day))
        .map(check -> check.ears().get(photo.ear()).redness())
        .reduce((one, other) -> other);
  }
}
