package glanzen.app.preferences;

import glanzen.advice.ErrorBias;
import glanzen.measure.LengthUnit;
import glanzen.measure.TemperatureUnit;
import glanzen.measure.WeightUnit;
import glanzen.plan.RulesOfThumb;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

@Entity
@Table(name = "preferences")
class PreferencesEntity {

    static final int ONLY = 1;

    @Id
    int id = ONLY;

    @Enumerated(EnumType.STRING)
    LengthUnit length = LengthUnit.MM;

    @Enumerated(EnumType.STRING)
    TemperatureUnit temperature = TemperatureUnit.C;

    @Enumerated(EnumType.STRING)
    WeightUnit weight = WeightUnit.GSM;

    @Enumerated(EnumType.STRING)
    Preferences.Theme theme = Preferences.Theme.SYSTEM;

    @Enumerated(EnumType.STRING)
    Preferences.Sound sound = Preferences.Sound.SOFT;

    @Enumerated(EnumType.STRING)
    ErrorBias bias = ErrorBias.BY_CONTRAST;

    String money = "";

    @Enumerated(EnumType.STRING)
    Preferences.TextSize textSize = Preferences.TextSize.NORMAL;

    /** Names with commas between them. */
    String notesRead = "";

    double roomCelsius = 21;
    double gelWaste = RulesOfThumb.USUAL.gelWaste();
    double tapeCm = RulesOfThumb.USUAL.tapeCm();

    @Column(name = "pulls_a_parchment")
    double pullsAParchment = RulesOfThumb.USUAL.pullsAParchment();

    @Column(name = "ink_ml_per_cm2")
    double inkMlPerCm2 = RulesOfThumb.USUAL.inkMlPerCm2();

    @Version
    long version;
}
