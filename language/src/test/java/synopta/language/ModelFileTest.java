package synopta.language;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.ParsedComplaint.Named.How;

/** The trained weights, written and read. */
public class ModelFileTest {
    private static LogisticModel judge(double right, double wrong) {
        return LogisticModel.learnt(
                List.of(
                        new LogisticModel.Row(new double[] {right}, true),
                        new LogisticModel.Row(new double[] {wrong}, false)),
                1);
    }

    @Test
    public void theModelIsReadAsItWasWrittenUpToItsScale() throws IOException {
        Random random = new Random(2);
        float[][] dense = LearningTest.weights(3, random);
        float[][] words = LearningTest.weights(2, random);
        Map<String, Float> vocabulary = new TreeMap<>(Map.of("drum", 1.5f, "thump", 2.5f));
        Taught taught = new Taught(
                List.of("a=yes", "a=no", "b=yes", "~none"),
                Vocabulary.of(vocabulary),
                new ClauseClassifier(dense, words));
        LogisticModel judge = judge(1, 2);
        LogisticModel other = judge(5, 9);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ModelFile.write(
                new ModelFile.Content(
                        Map.of(Appliance.DRYER, new ModelFile.ApplianceTaught(taught, taught)),
                        taught,
                        taught,
                        new Judges(judge, Map.of(How.ASKED, other, How.DENIED, judge, How.RENEWED, judge))),
                out);
        ModelFile.Content read = ModelFile.read(new ByteArrayInputStream(out.toByteArray()));
        Taught back = read.appliances().get(Appliance.DRYER).parts();
        assertEquals(back.meanings(), taught.meanings());
        assertEquals(back.vocabulary().words(), new HashMap<>(vocabulary));
        assertEquals(read.judges().signs().probability(new double[] {1.2}), judge.probability(new double[] {1.2}));
        assertEquals(
                read.judges().parts().get(How.ASKED).probability(new double[] {7}),
                other.probability(new double[] {7}));
        assertNear(back.classifier().dense(), dense);
        assertThrows(IOException.class, () -> ModelFile.read(new ByteArrayInputStream(new byte[] {1, 2, 3})));
    }

    private static void assertNear(float[][] read, float[][] written) {
        for (int i = 0; i < written.length; i++) {
            for (int k = 0; k < 4; k++) {
                assertEquals(read[i][k], written[i][k], 0.02, "a byte has 127 steps");
            }
        }
    }
}
