package glanzen.app.kit;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KitRepository extends JpaRepository<KitItemEntity, String> {

    /** Everything, in the order in which it came. */
    @Query(
            "select new glanzen.app.kit.KitRow(k.id, k.shelf, k.retired, k.version) from KitItemEntity k order by k.place")
    List<KitRow> everything();

    /** What some things are. */
    @Query(
            "select new glanzen.app.kit.KitRow$Whole(k.id, k.shelf, k.retired, k.version, k.body) from KitItemEntity k where k.id in :ids")
    List<KitRow.Whole> these(Collection<String> ids);
}
