package glanzen.app.run;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunRepository extends JpaRepository<RunEntity, String> {

    List<RunEntity> findAllByStatusInOrderByCreatedAtDesc(Collection<RunView.Status> statuses);
}
