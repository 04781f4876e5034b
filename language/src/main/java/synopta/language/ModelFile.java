package synopta.language;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.ParsedComplaint.Named.How;
import synopta.core.quantity.Slugged;

/** The trained weights as they ship: each row of weights as bytes of one scale, all of it compressed. */
final class ModelFile {
    private static final int VERSION = 2;

    private ModelFile() {}

    /**
     * What is kept of an appliance.
     *
     * @param signs tells them apart
     * @param parts tells them apart
     */
    record ApplianceTaught(Taught signs, Taught parts) {}

    /**
     * All that was taught.
     *
     * @param appliances what each appliance's sayings teach
     * @param intents what callers are after, whatever the appliance
     * @param speech in what way a part is spoken of, whatever the part
     * @param judges over sentences
     */
    record Content(Map<Appliance, ApplianceTaught> appliances, Taught intents, Taught speech, Judges judges) {}

    /** Writes it; the same content gives the same bytes. */
    static void write(Content content, OutputStream to) throws IOException {
        try (DataOutputStream out = new DataOutputStream(new BufferedOutputStream(new GZIPOutputStream(to)))) {
            out.writeInt(VERSION);
            out.writeInt(content.appliances.size());
            for (Map.Entry<Appliance, ApplianceTaught> entry : new TreeMap<>(content.appliances).entrySet()) {
                out.writeUTF(entry.getKey().slug());
                write(entry.getValue().signs, out);
                write(entry.getValue().parts, out);
            }
            write(content.intents, out);
            write(content.speech, out);
            write(content.judges.signs(), out);
            for (How how : Judges.HOWS) {
                write(content.judges.parts().get(how), out);
            }
        }
    }

    private static void write(Taught taught, DataOutputStream out) throws IOException {
        out.writeInt(taught.meanings().size());
        for (String meaning : taught.meanings()) {
            out.writeUTF(meaning);
        }
        Map<String, Float> words = taught.vocabulary().words();
        out.writeInt(words.size());
        for (Map.Entry<String, Float> word : words.entrySet()) {
            out.writeUTF(word.getKey());
            out.writeFloat(word.getValue());
        }
        write(taught.classifier().dense(), out);
        write(taught.classifier().words(), out);
    }

    private static void write(LogisticModel judge, DataOutputStream out) throws IOException {
        write(judge.means(), out);
        write(judge.deviations(), out);
        for (double[] hinges : judge.hinges()) {
            write(hinges, out);
        }
        out.writeInt(judge.products());
        write(judge.weights(), out);
    }

    private static void write(double[] figures, DataOutputStream out) throws IOException {
        out.writeInt(figures.length);
        for (double figure : figures) {
            out.writeDouble(figure);
        }
    }

    private static void write(float[][] rows, DataOutputStream out) throws IOException {
        out.writeInt(rows.length);
        for (float[] row : rows) {
            float largest = 0;
            for (float weight : row) {
                largest = Math.max(largest, Math.abs(weight));
            }
            float scale = largest / Byte.MAX_VALUE;
            out.writeFloat(scale);
            out.writeInt(row.length);
            for (float weight : row) {
                out.writeByte(scale == 0 ? 0 : Math.round(weight / scale));
            }
        }
    }

    /**
     * Reads it.
     *
     * @throws IOException when it is damaged or of another version
     */
    static Content read(InputStream from) throws IOException {
        try (DataInputStream in = new DataInputStream(new BufferedInputStream(new GZIPInputStream(from)))) {
            if (in.readInt() != VERSION) {
                throw new IOException("The model of meanings is of another version: train it again.");
            }
            Map<Appliance, ApplianceTaught> appliances = new TreeMap<>();
            for (int left = in.readInt(); left > 0; left--) {
                Appliance appliance = Slugged.of(Appliance.class, "Appliance", in.readUTF());
                appliances.put(appliance, new ApplianceTaught(taught(in), taught(in)));
            }
            Taught intents = taught(in);
            Taught speech = taught(in);
            LogisticModel signs = judge(in);
            Map<How, LogisticModel> parts = new EnumMap<>(How.class);
            for (How how : Judges.HOWS) {
                parts.put(how, judge(in));
            }
            return new Content(appliances, intents, speech, new Judges(signs, parts));
        }
    }

    private static Taught taught(DataInputStream in) throws IOException {
        List<String> meanings = new ArrayList<>();
        for (int n = in.readInt(); n > 0; n--) {
            meanings.add(in.readUTF());
        }
        Map<String, Float> words = new LinkedHashMap<>();
        for (int n = in.readInt(); n > 0; n--) {
            words.put(in.readUTF(), in.readFloat());
        }
        return new Taught(meanings, Vocabulary.of(words), new ClauseClassifier(rows(in), rows(in)));
    }

    private static LogisticModel judge(DataInputStream in) throws IOException {
        double[] means = figures(in);
        double[] deviations = figures(in);
        double[][] hinges = new double[means.length][];
        for (int i = 0; i < hinges.length; i++) {
            hinges[i] = figures(in);
        }
        return new LogisticModel(means, deviations, hinges, in.readInt(), figures(in));
    }

    private static double[] figures(DataInputStream in) throws IOException {
        double[] figures = new double[in.readInt()];
        for (int i = 0; i < figures.length; i++) {
            figures[i] = in.readDouble();
        }
        return figures;
    }

    private static float[][] rows(DataInputStream in) throws IOException {
        float[][] rows = new float[in.readInt()][];
        for (int r = 0; r < rows.length; r++) {
            float scale = in.readFloat();
            rows[r] = new float[in.readInt()];
            for (int k = 0; k < rows[r].length; k++) {
                rows[r][k] = scale * in.readByte();
            }
        }
        return rows;
    }
}
