package glanzen.app.run;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToldRepository extends JpaRepository<ToldEntity, String> {

    Optional<ToldEntity> findFirstByHeaterIdOrderByToldAtDesc(String heaterId);

    List<ToldEntity> findAllByHeaterIdAndKindOrderByToldAtDesc(String heaterId, ToldEntity.Kind kind);
}
