package glanzen.app.pull;

import glanzen.app.setup.SetUpReport.Tick;
import glanzen.learning.Observation.Outcome;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;
import org.springframework.data.jpa.repository.Query;

interface PullRepository extends JpaRepository<PullEntity, String>, JpaSpecificationExecutor<PullEntity> {

    List<PullEntity> findTop20ByMachineIdAndReadOffIsNotNullOrderByNumberDesc(String machineId);

    Optional<PullEntity> findFirstByPlateIdAndFilmIdAndStockIdAndMachineIdOrderByNumberDesc(
            String plateId, String filmId, String stockId, String machineId);

    /** Newest first, in the order of their index; of each only where it lay, not what it was made of. */
    @Query("select new glanzen.app.setup.SetUpReport$Tick(p.number, p.position, p.outcome) from PullEntity p"
            + " where p.plateId = :plateId and p.filmId = :filmId and p.stockId = :stockId"
            + " order by p.plateId desc, p.filmId desc, p.stockId desc, p.number desc")
    List<Tick> ticks(String plateId, String filmId, String stockId, Limit limit);

    List<PullEntity> findByPlateIdAndFilmIdAndStockIdAndProvenTrue(String plateId, String filmId, String stockId);

    List<PullEntity> findTop8ByOrderByNumberDesc();

    List<PullEntity> findByNumberGreaterThanOrderByNumber(int number, Limit limit);

    List<PullEntity> findAllByRunIdOrderByNumber(String runId);

    List<PullEntity> findByOutcomeNotOrderByNumberDesc(Outcome outcome, Limit limit);
}
