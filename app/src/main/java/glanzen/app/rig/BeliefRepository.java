package glanzen.app.rig;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface BeliefRepository extends JpaRepository<BeliefEntity, String> {

    Optional<BeliefEntity> findFirstByMachineIdOrderByPullsDesc(String machineId);
}
