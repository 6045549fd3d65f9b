package org.evenlobe.core.record;

/** A trait of a dog, or of its life, that speeds or slows how load gathers in its ears. */
public interface LoadTrait {
  /** The trait in plain words, as it stands in a sentence. */
  String words();

  /** What the load factor is multiplied by; 1 changes nothing. */
  double factor();
}
