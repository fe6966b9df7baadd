package glanzen.app.drill;

import glanzen.app.drill.DrillMaterial.Material;
import glanzen.app.drill.DrillView.DrillAfter;
import glanzen.app.drill.DrillView.DrillCalibrated;
import glanzen.app.drill.DrillView.DrillGrade;
import glanzen.app.drill.DrillView.DrillLayer;
import glanzen.app.drill.DrillView.DrillOption;
import glanzen.app.drill.DrillView.DrillPart;
import glanzen.app.drill.DrillView.DrillProgress;
import glanzen.app.drill.DrillView.DrillQuestion;
import glanzen.app.drill.DrillView.DrillScore;
import glanzen.app.drill.DrillView.DrillSkill;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.picture.Picture;
import glanzen.setup.SetUp;
import glanzen.training.Answered;
import glanzen.training.Drill;
import glanzen.training.Drills;
import glanzen.training.Grade;
import glanzen.training.Progress;
import glanzen.training.Question;
import glanzen.training.Repetition;
import glanzen.training.Topic;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Puts drills, grades what is answered and says when it comes back. */
@Service
class DrillService {

    private static final int MOST_KEPT = 12;
    private static final long MOST_SEED = 1L << 52;

    private final DrillMaterial material;
    private final DrillLog log;
    private final Clock clock;

    /** A drill is asked for again by each of its pictures. */
    private final Map<String, Drill> kept = Collections.synchronizedMap(new LinkedHashMap<>() {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Drill> eldest) {
            return size() > MOST_KEPT;
        }
    });

    DrillService(DrillMaterial material, DrillLog log, Clock clock) {
        this.material = material;
        this.log = log;
        this.clock = clock;
    }

    private Optional<Drill> drill(long seed, Material of) {
        String key = seed + " " + of.basis();
        Drill known = kept.get(key);
        if (known != null) {
            return Optional.of(known);
        }
        Optional<Drill> made = Drills.of(seed, of.workshops());
        made.ifPresent(d -> kept.put(key, d));
        return made;
    }

    /**
     * A drill without its answer.
     *
     * @param seed which; nothing for the one that is most needed. Where a seed makes none, the next one does
     */
    DrillView next(@Nullable Long seed) {
        Material of = material.now();
        if (seed != null) {
            long from = Math.floorMod(seed, MOST_SEED);
            for (long s = from; s < from + Topic.everything().size(); s++) {
                Optional<Drill> made = drill(s, of);
                if (made.isPresent()) {
                    return view(s, made.get(), of);
                }
            }
            throw new NotFound("A drill of this seed");
        }
        Repetition repetition = new Repetition(log.all());
        List<Topic> open = new ArrayList<>(Topic.everything());
        while (!open.isEmpty()) {
            Topic topic = repetition.next(open, clock.instant());
            // Every second of its drills hides the set-up: what sits is asked so.
            long s = topic.seed(2L * repetition.seen(topic) + (repetition.sits(topic) ? 1 : 0));
            Optional<Drill> made = drill(s, of);
            if (made.isPresent()) {
                return view(s, made.get(), of);
            }
            open.remove(topic);
        }
        throw new NotFound("A drill");
    }

    private static DrillView view(long seed, Drill d, Material of) {
        boolean shown = Topic.shown(seed)
                || d.questions().get(0).kind() != Question.Kind.CHOICE
                || d.pictures().isEmpty();
        return new DrillView(
                seed,
                of.basis(),
                d.topic().skill().label(),
                d.says(),
                shown ? d.setUp() : List.of(),
                !shown,
                d.pictures().size(),
                d.questions().stream()
                        .map(q -> new DrillQuestion(
                                q.kind(),
                                q.asks(),
                                q.options().stream()
                                        .map(o -> new DrillOption(
                                                o.key(),
                                                o.label(),
                                                o.picture() < 0 ? null : o.picture(),
                                                o.thicknessMm() > 0 ? o.thicknessMm() : null))
                                        .toList()))
                        .toList());
    }

    private Drill there(long seed, Material of) {
        return drill(seed, of).orElseThrow(() -> new NotFound("This drill"));
    }

    /** One of a drill's pictures. */
    Picture picture(long seed, int number) {
        List<Picture> all = there(seed, material.now()).pictures();
        if (number < 0 || number >= all.size()) {
            throw new NotFound("This picture");
        }
        return all.get(number);
    }

    /** What comes of an answer, once there is one. */
    Picture after(long seed, String key) {
        if (!log.answered(seed)) {
            throw new NotFound("This picture, before the drill is answered,");
        }
        return there(seed, material.now()).later().apply(key).orElseThrow(() -> new NotFound("This picture"));
    }

    /** Grades an answer and takes note of it. */
    DrillGrade answer(long seed, String basis, List<List<String>> answers, boolean sure) {
        Material of = material.now();
        if (!of.basis().equals(basis)) {
            throw new Conflict("Your workshop has changed since this drill was put. Take the next one.");
        }
        Drill drill = there(seed, of);
        Grade grade = drill.grade(answers);
        Instant now = clock.instant();
        log.keep(new Answered(drill.topic(), seed, now, grade.right(), sure, grade.guess(), grade.came()));
        Instant back = new Repetition(log.all()).due(drill.topic()).orElse(now);
        return new DrillGrade(
                grade.right(),
                grade.score(),
                grade.parts().stream().map(DrillService::view).toList(),
                Duration.between(now, back).toSeconds());
    }

    private static DrillPart view(Grade.Part part) {
        return new DrillPart(
                part.right(),
                part.best(),
                part.says(),
                part.after().stream()
                        .map(a -> new DrillAfter(
                                a.label(), a.picture(), a.setUp() == null ? List.of() : layers(a.setUp())))
                        .toList());
    }

    private static List<DrillLayer> layers(SetUp s) {
        return s.stack().layers().stream()
                .map(l -> new DrillLayer(l.item().name(), l.item().thicknessMm()))
                .toList();
    }

    DrillProgress progress() {
        List<Answered> all = log.all();
        Instant now = clock.instant();
        Progress p = Progress.of(all, now);
        return new DrillProgress(
                p.skills().stream()
                        .map(s -> new DrillSkill(
                                s.skill().label(), s.seen(), s.right(), s.sure(), s.sureRight(), s.tomorrow()))
                        .toList(),
                p.calibration().stream()
                        .map(c -> new DrillCalibrated(c.said(), c.came(), c.guesses()))
                        .toList(),
                Double.isNaN(p.brier()) ? null : p.brier(),
                Double.isNaN(p.brierLately()) ? null : p.brierLately(),
                p.overTime().stream()
                        .map(t -> new DrillScore(t.at(), t.guesses(), t.brier()))
                        .toList(),
                (int) all.stream().map(Answered::topic).distinct().count(),
                Topic.everything().size(),
                new Repetition(all).due(now));
    }
}
