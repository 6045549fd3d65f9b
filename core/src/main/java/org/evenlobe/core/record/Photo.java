package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Worded;
import org.evenlobe.core.photo.Rgb;

/**
 * A photograph of an ear, or of what came out of it.
 *
 * @param id its id
 * @param moment when it was taken
 * @param of what it shows
 * @param ear of which ear
 * @param image where it is kept
 * @param patches the skin and the white that a person marked in it, where they did
 */
public record Photo(
    UUID id, Moment moment, Shows of, Side ear, UUID image, Optional<Patches> patches)
    implements ReadFact {

  /** What a photograph shows. */
  public enum Shows implements Worded {
    /** The ear. */
    EAR("the ear"),
    /** Its wipes. */
    WIPES("its wipes");

    private final String words;

    Shows(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  /**
   * What a person marked in a picture.
   *
   * @param skin a patch of skin
   * @param white a patch of something white in the same light, such as a wipe
   */
  public record Patches(Patch skin, Patch white) {}

  /**
   * A patch of a picture.
   *
   * @param x its middle, from the left edge, 0 to 1
   * @param y its middle, from the upper edge, 0 to 1
   * @param colour the mean of its colours
   */
  public record Patch(double x, double y, Rgb colour) {}

  public Photo {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(of, "of");
    Objects.requireNonNull(ear, "ear");
    Objects.requireNonNull(image, "image");
    Objects.requireNonNull(patches, "patches");
  }
}
