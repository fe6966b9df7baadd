package glanzen.app.kit;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KitRepository extends JpaRepository<KitItemEntity, String> {

    /** Everything, in the order in which it came. */
    @Query(
            "select new glanzen.app.kit.KitRow(k.shelf, k.body, k.version, k.retired) from KitItemEntity k order by k.place")
    List<KitRow> everything();
}
