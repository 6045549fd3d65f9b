package org.evenlobe.server.handover;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Arrays;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.server.record.FactRow;
import org.evenlobe.server.record.StoredDogFact;
import org.jspecify.annotations.Nullable;

/** What somebody who had a dog for a while said that they did and saw. */
@Entity
@SuppressWarnings("UnusedVariable") // its columns are read by a DogFactReading
@Table(name = "told")
class StoredTold extends StoredDogFact<ToldRequest> {
  /** What is read of it, in this order. */
  static final String[] COLUMNS = {
    "fact.toldBy", "fact.taker", "fact.done", "fact.seen", "fact.ear", "fact.note"
  };

  private String toldBy;

  @Enumerated(EnumType.STRING)
  private Taker taker;

  private String done;
  private String seen;

  @Enumerated(EnumType.STRING)
  private @Nullable Side ear;

  private @Nullable String note;

  @Override
  protected void say(ToldRequest said) {
    super.say(said);
    toldBy = said.by().strip();
    taker = said.taker();
    done = joined(said.done());
    seen = joined(said.seen());
    ear = said.ear();
    note = said.note();
  }

  static Told toCore(FactRow row) {
    return new Told(
        row.id(),
        row.moment(),
        row.text(0),
        Taker.valueOf(row.text(1)),
        parted(row.text(2), Told.Done::valueOf),
        parted(row.text(3), Told.Seen::valueOf),
        Optional.ofNullable(row.orNull(4, String.class)).map(Side::valueOf),
        Optional.ofNullable(row.orNull(5, String.class)));
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
