package glanzen.app.evening;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface EveningRepository extends JpaRepository<EveningEntity, String> {

    Optional<EveningEntity> findFirstByOrderByPlannedAtDesc();
}
