package glanzen.app.preferences;

import glanzen.app.web.Conflict;
import glanzen.plan.RulesOfThumb;
import java.util.List;
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
        return written(entity, wanted);
    }

    /** Those of a workshop that was taken in, whatever a page knew before. */
    public void replace(Preferences wanted) {
        written(entity(), wanted);
    }

    private Preferences written(PreferencesEntity entity, Preferences wanted) {
        entity.length = wanted.length();
        entity.temperature = wanted.temperature();
        entity.weight = wanted.weight();
        entity.theme = wanted.theme();
        entity.sound = wanted.sound();
        entity.bias = wanted.bias();
        entity.money = wanted.money() == null ? "" : wanted.money().trim();
        entity.textSize = wanted.textSize();
        entity.notesRead = String.join(",", wanted.notesRead());
        entity.roomCelsius = wanted.roomC();
        entity.gelWaste = wanted.thumb().gelWaste();
        entity.tapeCm = wanted.thumb().tapeCm();
        entity.pullsAParchment = wanted.thumb().pullsAParchment();
        entity.inkMlPerCm2 = wanted.thumb().inkMlPerCm2();
        return view(repository.saveAndFlush(entity));
    }

    private PreferencesEntity entity() {
        return repository.findById(PreferencesEntity.ONLY).orElseGet(PreferencesEntity::new);
    }

    private static Preferences view(PreferencesEntity e) {
        return new Preferences(
                e.length,
                e.temperature,
                e.weight,
                e.theme,
                e.sound,
                e.bias,
                e.roomCelsius,
                new RulesOfThumb(e.gelWaste, e.tapeCm, e.pullsAParchment, e.inkMlPerCm2),
                e.money,
                e.textSize,
                e.notesRead.isEmpty() ? List.of() : List.of(e.notesRead.split(",")),
                e.version);
    }
}
