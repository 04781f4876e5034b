package synopta.core.knowledge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.fault;
import static synopta.core.Samples.finding;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.reading.MeterUnit;

/** Figures of a pack that cannot be. */
public class KnowledgeRangesTest {
    @Test
    public void figuresOutsideTheirRangeAreRefused() {
        assertThrows(IllegalArgumentException.class, () -> fault("belt", 0, Map.of()));
        for (double wrong : new double[] {1, -0.1, 1.2, Double.NaN}) {
            assertThrows(IllegalArgumentException.class, () -> fault("belt", wrong, Map.of()));
            assertThrows(IllegalArgumentException.class, () -> finding("still", wrong));
        }
        for (double wrong : new double[] {0, 1.2, Double.NaN}) {
            assertThrows(IllegalArgumentException.class, () -> new Fault.Link("still", null, wrong, OURS));
            assertThrows(IllegalArgumentException.class, () -> new LifeCurve(wrong == 1.2 ? -1 : wrong, 10, OURS));
        }
        assertThrows(IllegalArgumentException.class, () -> new Basis(" "));
        assertThrows(IllegalArgumentException.class, () -> MeterUnit.of("furlong"));
        assertThrows(
                IllegalArgumentException.class, () -> Samples.ohms(finding("ohm", 0.5), 0, 2, List.of(), 0.5, 0.5));
        assertThrows(
                IllegalArgumentException.class, () -> Samples.ohms(finding("ohm", 0.1), 3, 2, List.of(), 0.9, 0.9));
    }

    /** Weibull hazard k/s (t/s)^(k-1): with shape 1 it is the rate 1/s of the exponential law at any age. */
    @Test
    public void aLifeCurveOfShapeOneFailsAtASteadyRate() {
        assertEquals(new LifeCurve(1, 8, OURS).hazardPerYear(3), 0.125, 1e-12);
        assertEquals(new LifeCurve(2, 10, OURS).hazardPerYear(5), 0.1, 1e-12);
    }
}
