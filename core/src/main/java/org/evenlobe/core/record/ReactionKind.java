package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** How an ear took what was put in it. */
public enum ReactionKind implements Worded {
  /** It stung: the dog cried, shook or fled. */
  STUNG("it stung"),
  /** The skin was redder on the next day. */
  REDDER("redder the next day"),
  /** The skin swelled, or came out in weals. */
  SWOLLEN("it swelled up"),
  /** Something else. */
  OTHER("something else");

  private final String words;

  ReactionKind(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
