package glanzen.app.rig;

import org.springframework.data.jpa.repository.JpaRepository;

interface BeliefRepository extends JpaRepository<BeliefEntity, String> {}
