package org.evenlobe.server.view;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.evenlobe.server.exchange.PdfPicture;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Component;

/**
 * The files for the vet: each is made once for a change of the household and a day, however often
 * it is opened, and two at a time in a process.
 */
@Component
class VetFiles {
  private static final long MOST_BYTES_KEPT = 64_000_000;
  private static final Duration KEPT_FOR = Duration.ofHours(1);
  private static final int LONGEST_WAIT_SECONDS = 20;

  private final VetView vet;
  private final Plans plans;
  private final Semaphore twoAtATime = new Semaphore(2);
  private final Cache<Asked, byte[]> files = kept();
  private final Cache<PageOf, byte[]> pages = kept();

  VetFiles(VetView vet, Plans plans) {
    this.vet = vet;
    this.plans = plans;
  }

  /** What a file is of: as long as this is the same, so is the file. */
  private record Asked(UUID dog, long change, LocalDate today, Optional<String> asked) {}

  private record PageOf(Asked of, int number) {}

  private static <K> Cache<K, byte[]> kept() {
    return Caffeine.newBuilder()
        .maximumWeight(MOST_BYTES_KEPT)
        .weigher((K of, byte[] file) -> file.length)
        .expireAfterWrite(KEPT_FOR)
        .build();
  }

  /**
   * The two pages.
   *
   * @throws Refusal 404 if there is no such dog, 503 if too many are being made
   */
  byte[] pdf(UUID dog, Optional<String> asked) {
    return pdf(asked(dog, asked));
  }

  /**
   * One of them as a picture, the first being 0.
   *
   * @throws Refusal 404 if there is no such dog or page, 503 if too many are being made
   */
  byte[] page(UUID dog, Optional<String> asked, int number) {
    Asked of = asked(dog, asked);
    byte[] pdf = pdf(of);
    return once(
        pages,
        new PageOf(of, number),
        () -> PdfPicture.png(pdf, number).orElseThrow(Refusal::notFound));
  }

  /** How many pages there are. */
  int count(UUID dog, Optional<String> asked) {
    return PdfPicture.pages(pdf(asked(dog, asked)));
  }

  private Asked asked(UUID dog, Optional<String> asked) {
    Standing standing = plans.standing();
    return new Asked(dog, standing.change(), standing.today(), asked);
  }

  private byte[] pdf(Asked of) {
    // a dog of another household is none, whatever is kept
    vet.find(of.dog());
    return once(files, of, () -> vet.told(of.dog(), of.asked()).pdf());
  }

  private <K> byte[] once(Cache<K, byte[]> cache, K key, Supplier<byte[]> make) {
    byte[] there = cache.getIfPresent(key);
    if (there != null) {
      return there;
    }
    if (!mayBegin()) {
      throw Refusal.busy();
    }
    try {
      // whoever waited finds what was made meanwhile
      byte[] meanwhile = cache.getIfPresent(key);
      byte[] made = meanwhile == null ? make.get() : meanwhile;
      cache.put(key, made);
      return made;
    } finally {
      twoAtATime.release();
    }
  }

  private boolean mayBegin() {
    try {
      return twoAtATime.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
