package org.evenlobe.server.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Photo;
import org.evenlobe.server.photo.PhotoRequest.PatchesRequest;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A photograph of an ear, or of its wipes. */
@Entity
@Table(name = "photo")
class StoredPhoto extends StoredDogFact<PhotoRequest> {
  @Enumerated(EnumType.STRING)
  private Photo.Shows shows;

  @Enumerated(EnumType.STRING)
  private Side ear;

  private UUID imageId;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable PatchesRequest patches;

  @Override
  protected void say(PhotoRequest said) {
    super.say(said);
    shows = said.shows();
    ear = said.ear();
    imageId = said.imageId();
    patches = said.patches();
  }

  @Override
  protected Photo toCore() {
    return new Photo(
        id(),
        moment(),
        shows,
        ear,
        imageId,
        Optional.ofNullable(patches).map(PatchesRequest::toCore));
  }
}
