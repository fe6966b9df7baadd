package glanzen.app.pull;

import org.springframework.data.jpa.repository.JpaRepository;

interface PictureRepository extends JpaRepository<PictureEntity, String> {}
