package glanzen.app.device;

import org.springframework.data.jpa.repository.JpaRepository;

interface BenchClockRepository extends JpaRepository<BenchClockEntity, Integer> {}
