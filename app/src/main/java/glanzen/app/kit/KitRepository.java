package glanzen.app.kit;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KitRepository extends JpaRepository<KitItemEntity, String> {

    String WRITTEN =
            "select new glanzen.app.kit.KitThing$Written(k.id, k.shelf, k.place, k.retired, k.version, k.body) from KitItemEntity k";

    @Query(WRITTEN)
    List<KitThing.Written> everything();

    @Query(WRITTEN + " where k.id = :id")
    Optional<KitThing.Written> written(String id);
}
