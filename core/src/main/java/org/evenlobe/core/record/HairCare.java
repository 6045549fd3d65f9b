package org.evenlobe.core.record;

/** What is done about hair in the canal. */
public enum HairCare {
  /** Nothing. */
  LEAVE,
  /** Trimmed round the opening. */
  TRIM,
  /** Plucked a little at a time, in a quiet ear only. */
  PLUCK;

  /** What is done of it where so much hair grows: only dense hair is plucked. */
  public HairCare where(CanalHair grows) {
    return switch (grows) {
      case NONE -> LEAVE;
      case SOME -> this == PLUCK ? TRIM : this;
      case DENSE -> this;
    };
  }
}
