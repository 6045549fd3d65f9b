package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** A trait of a dog, or of its life, that speeds or slows how load gathers in its ears. */
public interface LoadTrait extends Worded {
  /** What the load factor is multiplied by; 1 changes nothing. */
  double factor();
}
