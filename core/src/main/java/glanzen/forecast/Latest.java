package glanzen.forecast;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** The latest answers; the one that was not asked for longest makes room. Safe for many threads. */
final class Latest<Q, A> {

    private final Map<Q, A> answers;

    /** @param most how many are kept */
    Latest(int most) {
        answers = new LinkedHashMap<>(most, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Q, A> eldest) {
                return size() > most;
            }
        };
    }

    /** The answer that is known, or else the one worked out now; others may ask meanwhile. */
    A get(Q question, Supplier<A> answer) {
        A found;
        synchronized (answers) {
            found = answers.get(question);
        }
        if (found == null) {
            found = answer.get();
            synchronized (answers) {
                answers.put(question, found);
            }
        }
        return found;
    }
}
