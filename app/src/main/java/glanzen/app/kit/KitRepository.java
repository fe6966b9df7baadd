package glanzen.app.kit;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitRepository extends JpaRepository<KitItemEntity, String> {

    List<KitItemEntity> findAllByOrderByPlace();
}
