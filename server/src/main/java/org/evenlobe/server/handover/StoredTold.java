package org.evenlobe.server.handover;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.server.handover.ToldRequest.ToldEarRequest;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** What somebody who had a dog for a while said that they did and saw. */
@Entity
@Table(name = "told")
class StoredTold extends StoredDogFact<ToldRequest> {
  private String toldBy;

  @Enumerated(EnumType.STRING)
  private Taker taker;

  private String done;
  private String seen;

  @Enumerated(EnumType.STRING)
  private @Nullable Side ear;

  private @Nullable String note;

  private @Nullable String rightTold;
  private @Nullable String leftTold;
  private String usual = "";
  private @Nullable String gaveAt;

  @Override
  protected void say(ToldRequest said) {
    super.say(said);
    toldBy = said.by().strip();
    taker = said.taker();
    done = joined(said.done());
    seen = joined(said.seen());
    ear = said.ear();
    note = said.note();
    rightTold = said.ears() == null ? null : text(said.ears().right());
    leftTold = said.ears() == null ? null : text(said.ears().left());
    usual = said.usual() == null ? "" : joined(said.usual());
    gaveAt = said.gaveAt() == null ? null : said.gaveAt().toString();
  }

  @Override
  protected Told toCore() {
    return new Told(
        id(),
        moment(),
        toldBy,
        taker,
        parted(done, Told.Done::valueOf),
        parted(seen, Told.Seen::valueOf),
        Optional.ofNullable(ear),
        Optional.ofNullable(note),
        new EarPair<>(ear(rightTold), ear(leftTold)),
        parted(usual, Told.Seen::valueOf),
        Optional.ofNullable(gaveAt).map(Instant::parse),
        rightTold != null);
  }

  /** One ear in a line: "RED,SMELL;true;FILL;3". */
  private static String text(ToldEarRequest ear) {
    return String.join(
        ";",
        joined(ear.seen()),
        ear.cleaned().toString(),
        ear.method() == null || !ear.cleaned() ? "" : ear.method().name(),
        ear.load() == null || !ear.cleaned() ? "" : ear.load().toString());
  }

  private static Told.EarTold ear(@Nullable String text) {
    if (text == null) {
      return Told.EarTold.NOTHING;
    }
    String[] parts = text.split(";", -1);
    return new Told.EarTold(
        parted(parts[0], Told.Seen::valueOf),
        Boolean.parseBoolean(parts[1]),
        Optional.of(parts[2]).filter(name -> !name.isEmpty()).map(CleaningMethod::valueOf),
        Optional.of(parts[3])
            .filter(number -> !number.isEmpty())
            .map(number -> new Load(Integer.parseInt(number))));
  }

  private static String joined(Collection<? extends Enum<?>> words) {
    return words.stream().map(Enum::name).distinct().collect(Collectors.joining(","));
  }

  private static <E> Set<E> parted(String words, Function<String, E> read) {
    return Arrays.stream(words.split(",", -1))
        .filter(word -> !word.isEmpty())
        .map(read)
        .collect(Collectors.toSet());
  }
}
