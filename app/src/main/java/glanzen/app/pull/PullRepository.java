package glanzen.app.pull;

import glanzen.learning.Observation.Outcome;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PullRepository extends JpaRepository<PullEntity, String> {

    @Query("""
            select p from PullEntity p
            where (:plateId is null or p.plateId = :plateId)
              and (:stockId is null or p.stockId = :stockId)
              and (:filmId is null or p.filmId = :filmId)
              and (:outcome is null or p.outcome = :outcome)
            order by p.number desc""")
    Page<PullEntity> filtered(
            @Nullable String plateId,
            @Nullable String stockId,
            @Nullable String filmId,
            @Nullable Outcome outcome,
            Pageable page);

    List<PullEntity> findTop6ByPlateIdAndFilmIdAndStockIdOrderByNumberDesc(
            String plateId, String filmId, String stockId);

    List<PullEntity> findTop8ByOrderByNumberDesc();

    List<PullEntity> findAllByRunIdOrderByNumber(String runId);
}
