package org.evenlobe.core.measure;

/** A choice that is said the same way in sentences, on screens and in files. */
public interface Worded {
  /** It in plain words, as they stand in the middle of a sentence. */
  String words();
}
