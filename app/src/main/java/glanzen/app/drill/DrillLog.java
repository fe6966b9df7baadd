package glanzen.app.drill;

import glanzen.training.Answered;
import glanzen.training.Topic;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was answered to drills, apart from everything else. */
@Service
@Transactional
public class DrillLog {

    private final DrillAnswers answers;

    DrillLog(DrillAnswers answers) {
        this.answers = answers;
    }

    /** Everything that was answered, oldest first; a topic that there is no more is left out. */
    @Transactional(readOnly = true)
    List<Answered> all() {
        return answers.findAllByOrderById().stream()
                .flatMap(a -> Topic.named(a.topic).stream()
                        .flatMap(
                                t -> Stream.of(new Answered(t, a.seed, a.answeredAt, a.good, a.sure, a.guess, a.came))))
                .toList();
    }

    @Transactional(readOnly = true)
    boolean answered(long seed) {
        return answers.existsBySeed(seed);
    }

    void keep(Answered a) {
        answers.saveAndFlush(
                entity(new DrillRecord(a.topic().name(), a.seed(), a.at(), a.right(), a.sure(), a.guess(), a.came())));
    }

    private static DrillAnswerEntity entity(DrillRecord r) {
        DrillAnswerEntity e = new DrillAnswerEntity();
        e.topic = r.topic();
        e.seed = r.seed();
        e.answeredAt = r.answeredAt();
        e.good = r.good();
        e.sure = r.sure();
        e.guess = r.guess();
        e.came = r.came();
        return e;
    }

    /** All of it as it is written down. */
    @Transactional(readOnly = true)
    public List<DrillRecord> records() {
        return answers.findAllByOrderById().stream()
                .map(e -> new DrillRecord(e.topic, e.seed, e.answeredAt, e.good, e.sure, e.guess, e.came))
                .toList();
    }

    /** Replaces all of it. */
    public void replace(List<DrillRecord> all) {
        answers.deleteAllInBatch();
        answers.saveAll(all.stream().map(DrillLog::entity).toList());
    }
}
