package glanzen.kit;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.kit.ItemForm.Field;
import glanzen.kit.ItemForm.Input;
import glanzen.measure.BadInput;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is asked of a thing is what the thing has, and what is refused is said at what was asked. */
class ItemFormsTest {

    private static final Map<String, Record> STARTS = Map.ofEntries(
            Map.entry("presses", Starts.PRESS),
            Map.entry("platforms", Starts.PLATFORM),
            Map.entry("rollers", Starts.ROLLERS),
            Map.entry("boards", Starts.BOARD),
            Map.entry("plates", Starts.PLATE),
            Map.entry("stocks", Starts.STOCK),
            Map.entry("films", Starts.FILM),
            Map.entry("leftovers", Starts.LEFTOVER),
            Map.entry("offcuts", Starts.OFFCUT),
            Map.entry("foams", Starts.FOAM),
            Map.entry("envelopes", Starts.ENVELOPE));
    private static final Set<Input> FIGURES = Set.of(Input.NUMBER, Input.LENGTH, Input.WEIGHT);

    static Stream<ItemForm> forms() {
        return ItemForms.ALL.stream();
    }

    private static Record start(ItemForm form) {
        return STARTS.get(form.shelf());
    }

    /** The record a field belongs to. */
    private static Record holder(Field field, Record item) {
        return field.part().isEmpty() ? item : (Record) Remade.value(item, field.part());
    }

    private static Class<?> type(Field field, Record item) {
        return Arrays.stream(holder(field, item).getClass().getRecordComponents())
                .filter(c -> c.getName().equals(field.key()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(field.key() + " is asked, and no thing has it"))
                .getType();
    }

    @ParameterizedTest
    @MethodSource("forms")
    void everyShelfHasAStartThatHasWhatIsAsked(ItemForm form) {
        Record item = start(form);
        assertNotNull(item, form.shelf());
        Set<String> labels = new HashSet<>();
        for (Field field : form.fields()) {
            assertTrue(labels.add(field.label()), form.shelf() + " asks twice for " + field.label());
            Class<?> type = type(field, item);
            String what = form.shelf() + "." + field.key() + " of " + type;
            switch (field.input()) {
                case NUMBER, LENGTH, WEIGHT ->
                    assertTrue(Set.of(double.class, int.class).contains(type), what);
                case FLAG -> assertEquals(boolean.class, type, what);
                case CHOICE -> assertTrue(type.isEnum() && !field.options().isEmpty(), what);
                default -> assertEquals(String.class, type, what);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("forms")
    void whatIsNoFigureIsRefusedAtItsField(ItemForm form) {
        Record item = start(form);
        for (Field field : form.fields()) {
            if (!FIGURES.contains(field.input())) {
                continue;
            }
            List<?> absurd = type(field, item) == int.class
                    ? List.of(Integer.MIN_VALUE, Integer.MAX_VALUE)
                    : List.of(Double.NaN, -1e12, 1e12, Double.POSITIVE_INFINITY);
            for (Object figure : absurd) {
                BadInput refused = assertThrows(
                        BadInput.class,
                        () -> Remade.with(item, field.key(), figure),
                        form.shelf() + "." + field.key() + " = " + figure);
                assertTrue(
                        refused.problems().stream().anyMatch(p -> p.field().equals(field.key())),
                        form.shelf() + "." + field.key() + " = " + figure + ": " + refused.problems());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("forms")
    void whatIsLeftOutIsRefusedAtItsFieldOrMayBe(ItemForm form) {
        Record item = start(form);
        for (Field field : form.fields()) {
            if (!field.part().isEmpty() || type(field, item).isPrimitive()) {
                continue;
            }
            try {
                assertNotNull(Remade.value(Remade.with(item, field.key(), null), field.key()), field.key());
            } catch (BadInput refused) {
                assertEquals(field.key(), refused.problems().get(0).field());
            }
        }
        BadInput unnamed = assertThrows(BadInput.class, () -> Remade.with(item, "name", " "));
        assertEquals("name", unnamed.problems().get(0).field());
    }

    @ParameterizedTest
    @MethodSource("forms")
    void whatCanBeChosenIsTakenOrSaysWhatWouldBe(ItemForm form) {
        Record item = start(form);
        for (Field field : form.fields()) {
            if (field.input() != Input.CHOICE || !field.part().isEmpty()) {
                continue;
            }
            Set<String> taken = field.options().stream()
                    .map(ItemForm.Option::key)
                    .filter(key -> taken(item, field, key))
                    .collect(Collectors.toSet());
            assertTrue(taken.contains(Remade.value(item, field.key()).toString()), form.shelf() + "." + field.key());
            assertEquals(
                    field.options().size(),
                    field.options().stream()
                            .map(ItemForm.Option::label)
                            .distinct()
                            .count(),
                    "two of " + field.key() + " have the same name");
        }
    }

    private static boolean taken(Record item, Field field, String key) {
        Object chosen = Arrays.stream(type(field, item).getEnumConstants())
                .filter(e -> ((Enum<?>) e).name().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " can be chosen, and is nothing"));
        try {
            Remade.with(item, field.key(), chosen);
            return true;
        } catch (BadInput refused) {
            assertTrue(refused.problems().stream().noneMatch(p -> p.accepted().isBlank()), refused.problems() + "");
            return false;
        }
    }

    @ParameterizedTest
    @MethodSource("forms")
    void onlyWhatHasAUsualValueIsLeftToTheCurious(ItemForm form) {
        assertDoesNotThrow(() -> form.fields().stream()
                .filter(Field::curious)
                .forEach(f -> Remade.with(start(form), f.key(), Remade.value(start(form), f.key()))));
        assertTrue(
                form.fields().stream().anyMatch(f -> !f.curious() && f.key().equals("name")),
                form.shelf() + " is asked for its name");
    }
}
