package glanzen.app.keeping;

import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;
import java.util.function.IntFunction;

/** A long list of which only one page is read at a time; meant to be gone through from its beginning. */
public final class Pages<T> extends AbstractList<T> implements RandomAccess {

    private final int size;
    private final int onPage;
    private final IntFunction<List<T>> reading;
    private int number = -1;
    private List<T> page = List.of();

    /**
     * @param size how long it is
     * @param onPage how many are on a page
     * @param reading reads a page, from 0
     */
    public Pages(int size, int onPage, IntFunction<List<T>> reading) {
        this.size = size;
        this.onPage = onPage;
        this.reading = reading;
    }

    @Override
    public T get(int index) {
        if (index / onPage != number) {
            number = index / onPage;
            page = reading.apply(number);
        }
        return page.get(index % onPage);
    }

    @Override
    public int size() {
        return size;
    }
}
