package org.evenlobe.server.photo;

import org.evenlobe.core.measure.Side;

/** A camera that looks into ears. A real one fetches what its device sees. */
interface EarCamera {
  /** What it is called. */
  String name();

  /** Whether what it shows is made up. */
  boolean isSimulated();

  /** What it sees of an ear now, as a JPEG. */
  byte[] frame(Side ear);
}
