package org.evenlobe.server.body;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;

/** How much of what is being sent is held at this moment. */
record BodyFigures(HeldMemory memory) implements MeterBinder {
  @Override
  public void bindTo(MeterRegistry figures) {
    Gauge.builder("evenlobe.bodies.held", memory, HeldMemory::held)
        .description("What is held of bodies that are being sent")
        .baseUnit("bytes")
        .register(figures);
  }
}
