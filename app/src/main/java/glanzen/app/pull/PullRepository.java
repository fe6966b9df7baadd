package glanzen.app.pull;

import glanzen.learning.Observation.Outcome;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;

interface PullRepository extends JpaRepository<PullEntity, String>, JpaSpecificationExecutor<PullEntity> {

    List<PullEntity> findTop20ByMachineIdAndReadOffIsNotNullOrderByNumberDesc(String machineId);

    Optional<PullEntity> findFirstByPlateIdAndFilmIdAndStockIdAndMachineIdOrderByNumberDesc(
            String plateId, String filmId, String stockId, String machineId);

    List<PullEntity> findTop6ByPlateIdAndFilmIdAndStockIdOrderByNumberDesc(
            String plateId, String filmId, String stockId);

    List<PullEntity> findByPlateIdAndFilmIdAndStockIdAndProvenTrue(String plateId, String filmId, String stockId);

    List<PullEntity> findTop8ByOrderByNumberDesc();

    List<PullEntity> findByNumberGreaterThanOrderByNumber(int number, Limit limit);

    List<PullEntity> findAllByRunIdOrderByNumber(String runId);

    List<PullEntity> findByOutcomeNotOrderByNumberDesc(Outcome outcome, Limit limit);
}
