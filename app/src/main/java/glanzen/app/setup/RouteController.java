package glanzen.app.setup;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.plan.Operation;
import glanzen.route.Mechanism;
import glanzen.route.Question;
import glanzen.route.Route;
import glanzen.route.RouteGroup;
import glanzen.route.Wait;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The routes there are, and what each asks for. */
@RestController
@RequestMapping("/api/routes")
class RouteController {

    /**
     * A route as it is picked.
     *
     * @param label the craft's name for it
     * @param says how it is done, in a sentence
     * @param group where it is looked for
     * @param machines kinds of machine that can do it
     * @param heated whether it is done on a heated platform
     * @param toolWord what its tool is called
     * @param toolInStack whether the tool goes through; otherwise it has laid the design before
     * @param boards kinds of board its stack cannot do without
     * @param film kind of film it takes; absent where there is none
     * @param wantsGel whether there is gel under the film
     * @param inkable whether its plate may be inked
     * @param sheets how many sheets may lie in one stack
     * @param does operations of a job it does
     * @param tooLittle what a pull is called that got too little
     * @param good what a good pull is called
     * @param tooMuch what a pull is called that got too much
     * @param enough share of the design from which a pull is good, 0…1
     * @param shows too much of anything from which it shows, mm; absent where there is no too much
     * @param waits what it has to wait for
     * @param differ questions on which people differ
     */
    record RouteView(
            Route route,
            String label,
            String says,
            Mechanism mechanism,
            RouteGroup group,
            List<Machine.Kind> machines,
            boolean heated,
            String toolWord,
            boolean toolInStack,
            List<Plate.Kind> tools,
            List<Stock.Kind> stocks,
            List<Board.Kind> boards,
            Film.@Nullable Kind film,
            boolean wantsGel,
            boolean inkable,
            int sheets,
            List<Operation.Kind> does,
            String tooLittle,
            String good,
            String tooMuch,
            double enough,
            @Nullable Double shows,
            List<String> waits,
            List<String> differ) {

        static RouteView of(Route r) {
            return new RouteView(
                    r,
                    r.label(),
                    r.says(),
                    r.mechanism(),
                    r.group(),
                    List.copyOf(r.machines()),
                    r.heated(),
                    r.toolWord(),
                    r.toolInStack(),
                    List.copyOf(r.tools()),
                    List.copyOf(r.stocks()),
                    r.boards(),
                    r.film().orElse(null),
                    r.wantsGel(),
                    r.inkable(),
                    r.mostSheets(),
                    Arrays.stream(Operation.Kind.values())
                            .filter(k -> k.doneBy(r))
                            .toList(),
                    r.standard().under(),
                    r.standard().good(),
                    r.standard().over(),
                    r.standard().enough(),
                    r.standard().edgeShows() ? r.standard().mostExcessMm() : null,
                    r.waits().stream().map(Wait::label).toList(),
                    r.questions().stream().map(Question::asks).toList());
        }
    }

    @io.swagger.v3.oas.annotations.Operation(summary = "The routes: how operations are done")
    @GetMapping
    List<RouteView> all() {
        return Arrays.stream(Route.values()).map(RouteView::of).toList();
    }
}
