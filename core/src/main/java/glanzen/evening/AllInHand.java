package glanzen.evening;

import glanzen.evening.Stretches.Before;
import glanzen.evening.Stretches.Made;
import glanzen.evening.Stretches.Name;
import glanzen.evening.Stretches.Sort;
import glanzen.evening.Together.Group;
import glanzen.evening.Together.Part;
import glanzen.packing.Passes.Pass;
import glanzen.route.Mechanism;
import glanzen.setup.SetUp;
import glanzen.steps.Round;
import glanzen.steps.RunSheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** All pieces on their way: each by itself, until it meets those it goes through a machine with. */
record AllInHand(List<PieceInHand> pieces, Stretches stretches) {

    void done(Together together) {
        while (pieces.stream().anyMatch(p -> !p.finished())) {
            pieces.forEach(PieceInHand::goOn);
            Optional<Group> met = together.groups().stream().filter(this::met).findFirst();
            if (met.isPresent()) {
                through(met.get());
            } else {
                // A group whose pieces cannot meet goes one by one.
                pieces.stream().filter(p -> !p.finished()).findFirst().ifPresent(PieceInHand::doAlone);
            }
        }
    }

    private boolean met(Group group) {
        return group.parts().stream().allMatch(part -> at(part).isPresent());
    }

    private Optional<PieceInHand> at(Part part) {
        return pieces.stream()
                .filter(p -> !p.finished() && p.part().equals(part))
                .findFirst();
    }

    /** A piece that goes through with others, and how far it is. */
    private final class Member {
        private final PieceInHand piece;
        private final Sort alone;
        private final List<Made> scrap;
        private final List<Made> made = new ArrayList<>();
        private int done;

        Member(PieceInHand piece) {
            this.piece = piece;
            this.alone = piece.sort(piece.operation());
            this.scrap = stretches.scrap(alone);
        }

        void went(List<Made> passes, int times) {
            passes.forEach(m -> made.add(new Made(m.task(), done + m.upTo())));
            done += times;
        }
    }

    /** Kind of pass after kind of pass; each piece is further by as many as went through. */
    private void through(Group group) {
        Map<String, Member> members = new TreeMap<>();
        for (Part part : group.parts()) {
            members.put(part.key(), new Member(at(part).orElseThrow()));
        }
        for (Pass pass : group.passes().passes()) {
            List<Member> going = members.entrySet().stream()
                    .filter(e -> pass.ids().contains(e.getKey()))
                    .map(Map.Entry::getValue)
                    .toList();
            List<Before> before =
                    going.stream().map(m -> m.piece.before(m.done)).toList();
            Sort sort = going.size() == 1 ? going.get(0).alone : atOnce(group, pass, going);
            List<Made> first = new ArrayList<>(stretches.foil(sort, pass.times()));
            going.forEach(m -> first.addAll(m.scrap));
            List<Made> made = stretches.of(sort, pass.times(), before, first);
            going.forEach(m -> m.went(made, pass.times()));
        }
        members.values().forEach(m -> m.piece.wentOn(m.made));
    }

    private Sort atOnce(Group group, Pass pass, List<Member> going) {
        SetUp all = Objects.requireNonNull(group.setUps().get(pass.ids()));
        Sort first =
                going.stream().min(Comparator.comparingInt(m -> m.piece.job())).orElseThrow().alone;
        String names = going.stream().map(m -> m.piece.name()).collect(Collectors.joining(" + "));
        boolean dies = all.route().mechanism() == Mechanism.CUT;
        Round round = dies
                ? Round.dies(
                        going.stream()
                                .map(m -> Objects.requireNonNull(m.alone.setUp()))
                                .toList(),
                        all)
                : stretches.round(all, false);
        return Sort.with(
                first.wanted(),
                Name.of(going.get(0).piece.operation().kind(), names + " at once"),
                first.setUpId(),
                all,
                round,
                dies ? eachReady(going) : RunSheet.preflight(all),
                group.lays().get(pass.ids()));
    }

    /** What lies ready for one of them need not be said for the next. */
    private static List<String> eachReady(List<Member> going) {
        return going.stream().flatMap(m -> m.alone.ready().stream()).distinct().toList();
    }
}
