package glanzen.app.run;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunRepository extends JpaRepository<RunEntity, String> {

    Optional<RunEntity> findFirstByStatusOrderByCreatedAtDesc(RunView.Status status);
}
