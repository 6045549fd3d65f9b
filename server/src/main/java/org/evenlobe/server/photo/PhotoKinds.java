package org.evenlobe.server.photo;

import org.evenlobe.core.record.Photo;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.record.DogFactReading;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of photographs. */
@Configuration
class PhotoKinds {

  @Bean
  FactKind<PhotoRequest, StoredPhoto> photoKind(DogFactRules rules, Images images) {
    return rules.kind(
        "photos",
        PhotoRequest.class,
        StoredPhoto.class,
        StoredPhoto::new,
        (id, said, errors) -> {
          said.check(errors);
          errors.require(
              images.isKnown(said.imageId()), "imageId", "is no picture that was sent before");
        });
  }

  @Bean
  DogFactReading<Photo> photoReading() {
    return DogFactReading.apart(StoredPhoto.class, StoredPhoto::toCore, StoredPhoto.COLUMNS);
  }
}
