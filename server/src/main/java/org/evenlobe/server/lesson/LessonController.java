package org.evenlobe.server.lesson;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.lesson.Graded;
import org.evenlobe.core.lesson.GradingSkill;
import org.evenlobe.core.lesson.MadeUpEar;
import org.evenlobe.core.lesson.StepLesson;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.photo.EarDrawing;
import org.evenlobe.server.photo.EarLooks;
import org.evenlobe.server.photo.Lamp;
import org.evenlobe.server.problem.Refusal;
import org.springframework.data.domain.Limit;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Made-up ears to grade, how well that goes, and the steps of a cleaning to learn. */
@RestController
@RequestMapping("/api/households/{household}/lessons")
class LessonController {
  private final Gradings gradings;

  LessonController(Gradings gradings) {
    this.gradings = gradings;
  }

  /**
   * What there is to learn.
   *
   * @param skill how well the person grades
   * @param latest the ear that they graded last, with the truth
   * @param steps the steps of a cleaning
   */
  record Lessons(GradingSkill skill, Optional<Graded> latest, StepLesson steps) {}

  @GetMapping
  @Transactional(readOnly = true)
  public Lessons lessons(@PathVariable UUID household) {
    Member member = CurrentMember.get();
    List<Graded> graded =
        new ArrayList<>(
            gradings
                .latest(member.household(), member.person(), Limit.of(GradingSkill.LAST))
                .stream()
                .map(StoredGrading::toCore)
                .toList());
    Optional<Graded> latest = graded.stream().findFirst();
    Collections.reverse(graded);
    return new Lessons(GradingSkill.of(graded), latest, StepLesson.shipped());
  }

  /** The picture of a made-up ear; what is to be seen on it is for whoever looks. */
  @GetMapping(value = "/ears/{number}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> ear(@PathVariable UUID household, @PathVariable int number) {
    if (number < 0 || number >= MadeUpEar.MOST) {
      throw Refusal.notFound();
    }
    MadeUpEar ear = MadeUpEar.numbered(number);
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(
            EarDrawing.jpeg(
                new EarLooks(
                    ear.grades().redness(),
                    ear.grades().swelling(),
                    ear.grades().sores(),
                    ear.grades().discharge(),
                    ear.kind()),
                ear.side(),
                Lamp.DAYLIGHT,
                number));
  }
}
