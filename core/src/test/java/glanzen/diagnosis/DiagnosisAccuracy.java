package glanzen.diagnosis;

import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.inspect.FaultyPulls;
import glanzen.inspect.SimulatedPulls;
import glanzen.pull.PullModel;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Map;

/** How often the first cause is the true one: run by hand, its figures are in docs/benchmarks.md. */
final class DiagnosisAccuracy {

    private DiagnosisAccuracy() {}

    public static void main(String[] args) {
        int each = Integer.parseInt(args[0]);
        long from = Long.parseLong(args[1]);
        int first = 0;
        int three = 0;
        int all = 0;
        for (Cause cause : Cause.on(Route.HOT_PLATE)) {
            int firstHere = 0;
            StringBuilder wrong = new StringBuilder();
            for (int n = 0; n < each; n++) {
                SimulatedPulls.Pull pull = FaultyPulls.pull(n % 5, cause, from + n * 17L + cause.ordinal() * 1009L);
                List<Cause> found = causes(pull);
                all++;
                firstHere += found.get(0) == cause ? 1 : 0;
                three += found.subList(0, 3).contains(cause) ? 1 : 0;
                if (found.get(0) != cause) {
                    wrong.append(' ').append(found.get(0));
                    if (args.length > 2)
                        System.out.println(cause + "->" + found.subList(0, 3) + " " + Signs.of(pull.truth()));
                }
            }
            first += firstHere;
            System.out.printf("%-13s %d of %d %s%n", cause, firstHere, each, wrong);
        }
        System.out.printf("first %.2f, in first three %.2f of %d%n", first / (double) all, three / (double) all, all);
    }

    static List<Cause> causes(SimulatedPulls.Pull pull) {
        return diagnosis(pull, Signs.of(pull.truth()), Map.of()).causes().stream()
                .map(Diagnosis.Likely::cause)
                .toList();
    }

    static Diagnosis diagnosis(SimulatedPulls.Pull pull, Signs signs, Map<Asking, Boolean> answers) {
        return diagnosis(pull.setUp(), pull.model(), new Diagnosis.Evidence(signs, answers));
    }

    static Diagnosis diagnosis(SetUp setUp, PullModel model, Diagnosis.Evidence seen) {
        RigEnsemble ensemble = RigEnsemble.fresh();
        Forecast expected = new Forecaster(new ArtworkShelf()).forecast(setUp, model, ensemble);
        return Diagnosis.of(new Diagnosis.Case(setUp, model, ensemble, expected), seen);
    }
}
