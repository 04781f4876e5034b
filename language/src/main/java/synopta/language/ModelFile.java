package synopta.language;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import synopta.core.catalog.Appliance;
import synopta.core.quantity.Slugged;

/** The trained weights as they ship: each row of weights as bytes of one scale, all of it compressed. */
final class ModelFile {
    private static final int VERSION = 1;

    private ModelFile() {}

    /**
     * What is kept of an appliance.
     *
     * @param meanings every meaning once
     * @param vocabulary words of the sayings
     * @param classifier over vector and words
     */
    record Taught(List<String> meanings, Vocabulary vocabulary, ClauseClassifier classifier) {}

    /** All that was taught. */
    record Content(Map<Appliance, Taught> appliances, LogisticModel judge) {}

    /** Writes it; the same content gives the same bytes. */
    static void write(Content content, OutputStream to) throws IOException {
        try (DataOutputStream out = new DataOutputStream(new BufferedOutputStream(new GZIPOutputStream(to)))) {
            out.writeInt(VERSION);
            out.writeInt(content.appliances.size());
            for (Map.Entry<Appliance, Taught> entry : new TreeMap<>(content.appliances).entrySet()) {
                out.writeUTF(entry.getKey().slug());
                Taught taught = entry.getValue();
                out.writeInt(taught.meanings.size());
                for (String meaning : taught.meanings) {
                    out.writeUTF(meaning);
                }
                Map<String, Float> words = taught.vocabulary.words();
                out.writeInt(words.size());
                for (Map.Entry<String, Float> word : words.entrySet()) {
                    out.writeUTF(word.getKey());
                    out.writeFloat(word.getValue());
                }
                write(taught.classifier.dense(), out);
                write(taught.classifier.words(), out);
            }
            LogisticModel judge = content.judge;
            write(judge.means(), out);
            write(judge.deviations(), out);
            for (double[] hinges : judge.hinges()) {
                write(hinges, out);
            }
            out.writeInt(judge.products());
            write(judge.weights(), out);
        }
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
            Map<Appliance, Taught> appliances = new TreeMap<>();
            for (int left = in.readInt(); left > 0; left--) {
                Appliance appliance = Slugged.of(Appliance.class, "Appliance", in.readUTF());
                List<String> meanings = new ArrayList<>();
                for (int n = in.readInt(); n > 0; n--) {
                    meanings.add(in.readUTF());
                }
                Map<String, Float> words = new LinkedHashMap<>();
                for (int n = in.readInt(); n > 0; n--) {
                    words.put(in.readUTF(), in.readFloat());
                }
                appliances.put(
                        appliance,
                        new Taught(meanings, Vocabulary.of(words), new ClauseClassifier(rows(in), rows(in))));
            }
            double[] means = figures(in);
            double[] deviations = figures(in);
            double[][] hinges = new double[means.length][];
            for (int i = 0; i < hinges.length; i++) {
                hinges[i] = figures(in);
            }
            return new Content(appliances, new LogisticModel(means, deviations, hinges, in.readInt(), figures(in)));
        }
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
