package glanzen.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class GrainFieldTest {

    @Test
    void theGrainIsSeededSmoothAndAboutNormal() {
        GrainField field = new GrainField(7, 6);
        double sum = 0;
        double squares = 0;
        int n = 0;
        for (int y = 0; y < 600; y += 3) {
            for (int x = 0; x < 600; x += 3) {
                double v = field.at(x, y);
                assertEquals(v, new GrainField(7, 6).at(x, y));
                assertTrue(Math.abs(v - field.at(x + 1, y)) < 2.5, "smooth within a grain");
                sum += v;
                squares += v * v;
                n++;
            }
        }
        assertEquals(0, sum / n, 0.05);
        assertEquals(1, Math.sqrt(squares / n), 0.15);
    }
}
