package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.Photo;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.visit.VetPage;
import org.evenlobe.core.visit.VetPages;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.exchange.VetPdf;
import org.evenlobe.server.photo.Images;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a vet is given of a dog. */
@Service
class VetView {
  private final FoldedDogs dogs;
  private final Plans plans;
  private final BreedCatalogue breeds;
  private final SupplyAnswers supplies;
  private final Ingredients shelf;
  private final Images images;
  private final HouseholdDay day;

  VetView(
      FoldedDogs dogs,
      Plans plans,
      BreedCatalogue breeds,
      SupplyAnswers supplies,
      Ingredients shelf,
      Images images,
      HouseholdDay day) {
    this.dogs = dogs;
    this.plans = plans;
    this.breeds = breeds;
    this.supplies = supplies;
    this.shelf = shelf;
    this.images = images;
    this.day = day;
  }

  /**
   * The page with its pictures.
   *
   * @param page what is said
   * @param history what is drawn
   * @param pictures the last photograph of each ear
   * @param wording how the household reads quantities
   */
  record Told(VetPage page, DogHistory history, List<VetPdf.Picture> pictures, Wording wording) {
    byte[] pdf() {
      return VetPdf.of(page, history, pictures, wording);
    }
  }

  /**
   * What a vet is given of a dog.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public Told told(UUID dog, Optional<String> asked) {
    Standing standing = plans.standing();
    LocalDate today = standing.today();
    DogHistory history = dogs.one(dog, today).history();
    List<Kept> ever = supplies.ever();
    Map<UUID, Supply> bottles =
        ever.stream().map(Kept::supply).collect(Collectors.toMap(Supply::id, one -> one));
    Optional<String> breed = breeds.ancestry(history.dog().profile().breeds()).map(Breed::name);
    VetPage page =
        VetPages.of(
            history,
            new VetPages.Telling(
                breed,
                new EarsNow(ever, shelf)::nameOf,
                id -> Optional.ofNullable(bottles.get(id)),
                asked,
                day.now(),
                standing.zone()));
    return new Told(page, history, pictures(history), standing.how().wording());
  }

  /**
   * Passes where there is such a dog.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public void find(UUID dog) {
    dogs.one(dog, plans.standing().today());
  }

  private List<VetPdf.Picture> pictures(DogHistory history) {
    List<VetPdf.Picture> pictures = new ArrayList<>();
    for (Side side : Side.values()) {
      history.dog().all(Photo.class).stream()
          .filter(photo -> photo.ear() == side && photo.of() == Photo.Shows.EAR)
          .reduce((earlier, later) -> later)
          .ifPresent(
              photo ->
                  images
                      .jpeg(photo.image())
                      .ifPresent(
                          jpeg ->
                              pictures.add(
                                  VetPdf.Picture.of(
                                      "%s, %s"
                                          .formatted(
                                              Figures.capital(side.ear()),
                                              Quantities.day(photo.day())),
                                      jpeg))));
    }
    return pictures;
  }
}
