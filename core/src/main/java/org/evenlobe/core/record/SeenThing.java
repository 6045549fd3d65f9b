package org.evenlobe.core.record;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Worded;

/** Something seen in or at an ear that does not belong there. */
public enum SeenThing implements Worded {
  /** A seed head, a stone, a thread. */
  FOREIGN_BODY("something stuck"),
  /** A tick that was lifted off. */
  TICK_LIFTED("a tick, lifted off"),
  /** A tick that cannot be lifted off. */
  TICK_STUCK("a tick that stays"),
  /** Hair that blocks the canal. */
  HAIR_BLOCKING("hair that blocks it", Asks.FIRST),
  /** A mat of hair under the flap. */
  MAT_UNDER_FLAP("a mat under the flap", Asks.FIRST),
  /** A flap that has filled like a cushion. */
  FLAP_BALLOONED("a ballooned flap"),
  /** A cut or a bite. */
  CUT("a cut or bite"),
  /** A lump or a wart. */
  LUMP("a lump or wart", Asks.NOTED),
  /** A lump that blocks the opening. */
  LUMP_BLOCKING("a lump that blocks it", Asks.WIPE_ONLY),
  /** Fleas, or the dark crumbs that they leave. */
  FLEAS("fleas or their dirt", Asks.NOTED),
  /** Dry skin that comes off in flakes. */
  FLAKING("dry, flaking skin", Asks.NOTED),
  /** Skin that has become thick and leathery. */
  THICKENED("thick, leathery skin", Asks.NOTED);

  /** What a thing asks for. */
  public enum Asks {
    /** It is a sign: the verdict goes by it. */
    SIGN,
    /** It is done away with first: until then the ear is only wiped. */
    FIRST,
    /** The ear is only wiped while it is there. */
    WIPE_ONLY,
    /** It is written down. */
    NOTED
  }

  /** What keeps all but a wipe out of an ear. */
  public static final Set<SeenThing> WIPE_ONLY =
      Stream.of(values()).filter(SeenThing::wipeOnly).collect(Collectors.toUnmodifiableSet());

  private final String words;
  private final Asks asks;

  SeenThing(String words) {
    this(words, Asks.SIGN);
  }

  SeenThing(String words, Asks asks) {
    this.words = words;
    this.asks = asks;
  }

  /** What it asks for. */
  public Asks asks() {
    return asks;
  }

  /** Whether the verdict goes by it. */
  public boolean isSign() {
    return asks == Asks.SIGN;
  }

  /** Whether the ear may only be wiped while it is there. */
  public boolean wipeOnly() {
    return asks == Asks.FIRST || asks == Asks.WIPE_ONLY;
  }

  @Override
  public String words() {
    return words;
  }
}
