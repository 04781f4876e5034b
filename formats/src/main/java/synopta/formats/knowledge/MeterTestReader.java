package synopta.formats.knowledge;

import java.util.List;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Slugged;
import synopta.core.reading.Judging;
import synopta.core.reading.KindJudging;
import synopta.core.reading.Leads;
import synopta.core.reading.MeterUnit;
import synopta.core.reading.PartState;
import synopta.core.reading.PlainJudging;
import synopta.core.reading.Range;
import synopta.core.reading.SensorCurve;

/** Reads a meter test of a pack: where its leads go, in which state the part is, how a reading is judged. */
final class MeterTestReader {
    private MeterTestReader() {}

    static MeterTest test(JsonCursor node) {
        double specificity = node.number("specificity");
        Finding finding = new Finding(
                node.text("id"),
                node.text("question"),
                node.maybeText("hint").orElse(null),
                List.of(
                        Finding.Answer.plain(MeterTest.GOOD, node.text("sound"), 0),
                        Finding.Answer.plain(MeterTest.BAD, node.text("bad"), 1 - specificity)),
                node.number("minutes"),
                node.value("who", Finding.Who::of),
                node.maybeText("opens").orElse(null),
                PackReader.hazards(node),
                PackReader.basis(node),
                List.of());
        return new MeterTest(
                finding,
                node.value("unit", MeterUnit::of),
                new Leads(
                        node.value("leads", word -> Slugged.of(Leads.Place.class, "leads", word)),
                        node.maybeText("terminals").orElse(null)),
                node.has("state") ? node.value("state", word -> Slugged.of(PartState.class, "state", word)) : null,
                node.object("judge").read(MeterTestReader::judging),
                node.texts("finds"),
                node.number("sensitivity"),
                specificity);
    }

    private static Judging judging(JsonCursor node) {
        String by = node.text("by");
        return switch (by) {
            case "band" ->
                new Judging.Band(
                        node.list("ranges", MeterTestReader::range),
                        node.maybeText("goodProvesNothing").orElse(null));
            case "nameplate" ->
                new Judging.Nameplate(node.object("usual").read(MeterTestReader::range), node.flag("usualIsGood"));
            case "thermistor" ->
                curve(node, new SensorCurve.Beta(new Ohms(node.number("r25Ohms")), node.number("betaKelvin")));
            case "platinum" -> curve(node, new SensorCurve.Platinum(node.number("ohmsAtZero")));
            case "kind" -> new KindJudging(node.list("kinds", k -> new KindJudging.Kind(k.text("kind"), range(k))));
            default -> Slugged.of(PlainJudging.class, "by", by);
        };
    }

    private static Judging curve(JsonCursor node, SensorCurve of) {
        return new Judging.Curve(
                of, node.number("within"), node.object("plausible").read(MeterTestReader::range));
    }

    private static Range range(JsonCursor node) {
        return new Range(node.number("from"), node.number("to"));
    }
}
