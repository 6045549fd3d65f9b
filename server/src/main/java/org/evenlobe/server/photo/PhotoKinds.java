package org.evenlobe.server.photo;

import org.evenlobe.server.archive.KeptFiles;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.image.CleanPicture;
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
        (id, said, errors) -> said.check(errors),
        (id, said, errors) ->
            errors.require(
                images.isKnown(said.imageId()), "imageId", "is no picture that was sent before"));
  }

  @Bean
  KeptFiles photographFiles(Images images) {
    return new KeptFiles(
        "photographs",
        """
        select id as owner, id, 'jpg' as type, '' as title, sent_at, jpeg as content
        from image where household_id = ?
        """,
        file ->
            images.put(
                file.listed().id(),
                CleanPicture.again(file.content(), "photographs/" + file.listed().id())));
  }
}
