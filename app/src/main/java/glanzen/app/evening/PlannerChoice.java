package glanzen.app.evening;

import glanzen.schedule.Planner;
import glanzen.solver.CpSatPlanner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which planner looks for better plans. */
@Configuration
class PlannerChoice {

    @Bean
    Planner planner() {
        return new CpSatPlanner();
    }
}
