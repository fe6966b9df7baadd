package glanzen.app.setup;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SetUpRepository extends JpaRepository<SetUpEntity, String> {

    List<SetUpEntity> findAllByOrderByTouchedAtDesc();
}
