package glanzen.app.preferences;

import glanzen.app.web.Conflict;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the one set of preferences. */
@Service
@Transactional
public class PreferencesService {

    private final PreferencesRepository repository;

    PreferencesService(PreferencesRepository repository) {
        this.repository = repository;
    }

    /** The preferences as they are. */
    @Transactional(readOnly = true)
    public Preferences get() {
        return view(entity());
    }

    /** Changes them, unless they were changed meanwhile. */
    public Preferences put(Preferences wanted) {
        PreferencesEntity entity = entity();
        Conflict.unlessSame(wanted.version(), entity.version);
        entity.length = wanted.length();
        entity.temperature = wanted.temperature();
        entity.weight = wanted.weight();
        entity.theme = wanted.theme();
        entity.sound = wanted.sound();
        entity.bias = wanted.bias();
        entity.roomCelsius = wanted.roomC();
        return view(repository.saveAndFlush(entity));
    }

    private PreferencesEntity entity() {
        return repository.findById(PreferencesEntity.ONLY).orElseGet(PreferencesEntity::new);
    }

    private static Preferences view(PreferencesEntity e) {
        return new Preferences(e.length, e.temperature, e.weight, e.theme, e.sound, e.bias, e.roomCelsius, e.version);
    }
}
