package glanzen.app.run;

import glanzen.app.setup.ForecastService;
import glanzen.setup.SetUp;
import glanzen.steps.Round;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** How long a pull takes among others, with what is forecast of it and what was told of its platform; job, run and evening ask here. */
@Component
public class Rounds implements Round.Known {

    private final ForecastService forecasts;
    private final ToldService told;

    Rounds(ForecastService forecasts, ToldService told) {
        this.forecasts = forecasts;
        this.told = told;
    }

    /** One pull of a set-up that can be pressed, among the others of its batch. */
    public Round of(SetUp setUp) {
        return Round.of(setUp, false, this);
    }

    @Override
    public double clean(SetUp setUp) {
        return forecasts.clean(setUp);
    }

    @Override
    public OptionalDouble readyAgainSeconds(String platformId) {
        return told.againSeconds(platformId).stream().mapToDouble(s -> s).findFirst();
    }
}
