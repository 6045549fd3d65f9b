package org.evenlobe.server.photo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.photo.Rgb;
import org.evenlobe.core.photo.SkinRedness;
import org.evenlobe.core.record.Photo;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * A photograph of an ear, or of its wipes.
 *
 * @param dogId whose
 * @param at when it was taken
 * @param zone the zone it is recorded in
 * @param shows what it shows
 * @param ear of which ear
 * @param imageId the picture, which was sent before
 * @param patches the skin and the white that were marked in it
 */
public record PhotoRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotNull Photo.Shows shows,
    @NotNull Side ear,
    @NotNull UUID imageId,
    @Nullable @Valid PatchesRequest patches)
    implements DogFactRequest {

  /**
   * What is marked in a picture.
   *
   * @param skin a patch of skin
   * @param white a patch of something white in the same light
   */
  public record PatchesRequest(
      @NotNull @Valid PatchRequest skin, @NotNull @Valid PatchRequest white) {
    Photo.Patches toCore() {
      return new Photo.Patches(skin.toCore(), white.toCore());
    }
  }

  /**
   * A patch of a picture.
   *
   * @param x its middle, from the left edge, 0 to 1
   * @param y its middle, from the upper edge, 0 to 1
   * @param red the mean of its red, sRGB, 0 to 255
   * @param green the mean of its green
   * @param blue the mean of its blue
   */
  public record PatchRequest(
      @NotNull @DecimalMin("0") @DecimalMax("1") Double x,
      @NotNull @DecimalMin("0") @DecimalMax("1") Double y,
      @NotNull @DecimalMin("0") @DecimalMax("255") Double red,
      @NotNull @DecimalMin("0") @DecimalMax("255") Double green,
      @NotNull @DecimalMin("0") @DecimalMax("255") Double blue) {
    Photo.Patch toCore() {
      return new Photo.Patch(x, y, new Rgb(red, green, blue));
    }
  }

  void check(InvalidFields.Collector errors) {
    if (patches != null) {
      Photo.Patches marked = patches.toCore();
      try {
        SkinRedness.of(marked.skin().colour(), marked.white().colour());
      } catch (IllegalArgumentException e) {
        errors.require(false, "patches.white", e.getMessage());
      }
    }
  }
}
