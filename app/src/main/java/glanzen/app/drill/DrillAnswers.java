package glanzen.app.drill;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DrillAnswers extends JpaRepository<DrillAnswerEntity, Long> {

    List<DrillAnswerEntity> findAllByOrderById();

    boolean existsBySeed(long seed);
}
