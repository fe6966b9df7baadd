package glanzen.kit;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;

/** A record made again with one component changed, as a form or a file would. */
final class Remade {

    private Remade() {}

    static <T extends Record> T with(T record, String component, Object value) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        Object[] values = Arrays.stream(components)
                .map(c -> c.getName().equals(component) ? value : value(record, c.getName()))
                .toArray();
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        try {
            @SuppressWarnings("unchecked")
            Constructor<T> constructor = (Constructor<T>) record.getClass().getDeclaredConstructor(types);
            return constructor.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof RuntimeException refused) {
                throw refused;
            }
            throw new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    static Object value(Record record, String component) {
        try {
            return record.getClass().getMethod(component).invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
