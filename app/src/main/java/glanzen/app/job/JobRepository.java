package glanzen.app.job;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobRepository extends JpaRepository<JobEntity, String> {

    List<JobEntity> findAllByOrderByPlace();
}
