package glanzen.app.drying;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DryingRepository extends JpaRepository<DryingEntity, String> {

    List<DryingEntity> findAllByOrderBySpreadAt();
}
