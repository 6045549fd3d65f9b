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
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A photograph of an ear, or of its wipes. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "photo")
class StoredPhoto extends StoredDogFact<PhotoRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {"fact.shows", "fact.ear", "fact.imageId", "fact.patches"};

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

  static Photo toCore(FactRow row) {
    return new Photo(
        row.id(),
        row.moment(),
        row.get(0, Photo.Shows.class),
        row.get(1, Side.class),
        row.get(2, UUID.class),
        Optional.ofNullable(row.orNull(3, PatchesRequest.class)).map(PatchesRequest::toCore));
  }
}
