package org.evenlobe.core.solution;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What does not go together (rule SOLUTION_CLASH). */
public enum Clash {
  /** It makes peracetic acid. */
  ACID_AND_PEROXIDE("Acetic or citric acid with peroxide makes peracetic acid: an irritant."),
  /** Each undoes the other. */
  PEROXIDE_AND_IODINE("Peroxide and iodine undo each other, and foam."),
  /** The buffer is no longer one. */
  ACID_AND_BUFFER("Acid undoes Tris-EDTA: it works above pH 7.5 only."),
  /** It drops out. */
  CHLORHEXIDINE_AND_SOAP("Chlorhexidine and soap drop out together, and nothing works any more."),
  /** It drops out. */
  CHLORHEXIDINE_AND_SALT("Chlorhexidine drops out in salt water: dilute it with plain water."),
  /** It makes poisonous gas, or burns. */
  BLEACH("Bleach with anything: it burns, and with acid or alcohol it makes poisonous gas.");

  /** What a buffer must stay above. */
  private static final double LEAST_PH_OF_A_BUFFER = 7.5;

  private final String words;

  Clash(String words) {
    this.words = words;
  }

  /** What happens, in a sentence. */
  public String words() {
    return words;
  }

  static List<Clash> in(Mix mix, Optional<Double> ph) {
    List<Clash> clashes = new ArrayList<>();
    boolean peroxide = mix.has(Active.PEROXIDE);
    if (peroxide && (mix.has(Active.ACETIC_ACID) || mix.has(Active.CITRIC_ACID))) {
      clashes.add(ACID_AND_PEROXIDE);
    }
    if (peroxide && mix.has(Active.IODINE)) {
      clashes.add(PEROXIDE_AND_IODINE);
    }
    if (mix.has(Active.TRIS) && hasAcid(mix) && !ph.filter(Clash::keepsABuffer).isPresent()) {
      clashes.add(ACID_AND_BUFFER);
    }
    if (mix.has(Active.CHLORHEXIDINE) && mix.has(Active.SOAP)) {
      clashes.add(CHLORHEXIDINE_AND_SOAP);
    }
    if (mix.has(Active.CHLORHEXIDINE) && mix.has(Active.SALT)) {
      clashes.add(CHLORHEXIDINE_AND_SALT);
    }
    if (mix.has(Active.BLEACH) && mix.parts().size() > 1) {
      clashes.add(BLEACH);
    }
    return clashes;
  }

  private static boolean keepsABuffer(double ph) {
    return ph > LEAST_PH_OF_A_BUFFER;
  }

  private static boolean hasAcid(Mix mix) {
    for (Active active : Active.values()) {
      if (active.isAcid() && mix.has(active)) {
        return true;
      }
    }
    return false;
  }
}
