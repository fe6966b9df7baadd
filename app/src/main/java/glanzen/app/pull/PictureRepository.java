package glanzen.app.pull;

import java.util.stream.Stream;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PictureRepository extends JpaRepository<PictureEntity, String> {

    /** Those of the pulls with some numbers, in their order; read from the disk one by one. */
    @Query(
            "select q from PictureEntity q, PullEntity p where p.id = q.pullId and p.number between :first and :last order by p.number")
    Stream<PictureEntity> between(int first, int last);
}
