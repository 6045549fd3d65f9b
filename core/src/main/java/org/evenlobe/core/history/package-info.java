/**
 * A dog's facts gone through once, in order: its checks with their verdicts, holds, eardrums, itch,
 * flares, loads, wet days, and where it stands on the trust ladder.
 */
package org.evenlobe.core.history;
