package glanzen.app.kit;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;

interface KitRepository extends JpaRepository<KitItemEntity, String> {

    String WRITTEN =
            "select new glanzen.app.kit.KitThing$Written(k.id, k.shelf, k.place, k.retired, k.version, k.body) from KitItemEntity k";

    @Query(WRITTEN)
    List<KitThing.Written> everything();

    /** The database's own language: the first thing a start asks, and the other takes longer to learn than to answer. */
    @NativeQuery("select count(*) = 0 from kit_item")
    boolean empty();

    @Query(WRITTEN + " where k.id = :id")
    Optional<KitThing.Written> written(String id);
}
