package glanzen.app.preferences;

import org.springframework.data.jpa.repository.JpaRepository;

interface PreferencesRepository extends JpaRepository<PreferencesEntity, Integer> {}
