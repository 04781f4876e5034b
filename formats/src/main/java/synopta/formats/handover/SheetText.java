package synopta.formats.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.WorkStep;
import synopta.core.quantity.Lengths;
import synopta.core.quantity.Money;
import synopta.core.record.RepairSheet;
import synopta.core.teardown.Work;

/** The words of a sheet, in the order in which they are read: for the printed page, and as plain text. */
public final class SheetText {
    /** Heads the customer's own words. */
    static final String CALLER_SAID = "Caller said";

    private SheetText() {}

    /** A part of the sheet: its heading, and lines of which some are to be ticked off. */
    public record Section(String heading, List<Line> lines) {}

    /** A line, and whether it has a box to tick. */
    public record Line(String text, boolean tick) {}

    /** Everything but the bag: cautions first, then tools, steps, checks. */
    public static List<Section> sections(RepairSheet sheet) {
        List<Section> sections = new ArrayList<>();
        add(sections, "Stop", Stream.ofNullable(sheet.stop()).map(stop -> new Line(stop, false)));
        add(sections, "Read first", sheet.cautions().stream().map(c -> new Line(said(c), true)));
        List<Line> notes = new ArrayList<>();
        sheet.changes().forEach(change -> notes.add(new Line("Change: " + change + ".", false)));
        sheet.remarks().forEach(remark -> notes.add(new Line(remark, false)));
        sheet.notes()
                .forEach(note ->
                        notes.add(new Line("%s: %s".formatted(kind(note.kind().slug()), note.text()), false)));
        add(sections, "Handover notes", notes.stream());
        Work work = sheet.work();
        UnaryOperator<String> inBoth = words -> Lengths.withUnit(words, sheet.secondUnit());
        add(sections, "Tools", work.tools().stream().map(inBoth).map(tool -> new Line(tool, true)));
        Stream<String> steps = Stream.concat(
                work.steps().stream().map(SheetText::said),
                work.replacements().stream().map(SheetText::said));
        add(sections, heading(work), steps.map(inBoth).map(step -> new Line(step, true)));
        add(sections, "Check along the way", work.looks().stream().map(look -> new Line(look.words(), true)));
        add(sections, "Before and while closing", work.checks().stream().map(check -> new Line(check, true)));
        String said = sheet.record().content().input().line();
        add(
                sections,
                CALLER_SAID,
                Stream.of(said).filter(line -> !line.isBlank()).map(line -> new Line(line, false)));
        return sections;
    }

    private static void add(List<Section> sections, String heading, Stream<Line> lines) {
        List<Line> all = lines.toList();
        if (!all.isEmpty()) {
            sections.add(new Section(heading, all));
        }
    }

    private static String heading(Work work) {
        return String.format(
                Locale.ROOT,
                "Teardown and installation: about %.0f min ± %.0f%s",
                work.minutes(),
                work.spread(),
                work.persons() > 1 ? ", %d people".formatted(work.persons()) : "");
    }

    static String said(Caution caution) {
        return "%s: %s".formatted(caution.hazard().label(), caution.text());
    }

    private static String said(OpeningStep step) {
        StringBuilder said = new StringBuilder(step.name()).append('.');
        Optional.ofNullable(step.work().note())
                .ifPresent(note -> said.append(" Note: ").append(note));
        Optional.ofNullable(step.work().advice())
                .ifPresent(advice -> said.append(' ').append(advice));
        return said + hardware(step.work().hardware());
    }

    private static String said(Work.Exchange replacement) {
        String what = replacement.pieces() > 1 ? replacement.pieces() + " x " + replacement.name() : replacement.name();
        String way = Optional.ofNullable(replacement.fitting().way())
                .map(" "::concat)
                .orElse("");
        return "Replace %s.%s%s".formatted(what, way, hardware(replacement.hardware()));
    }

    private static String hardware(List<WorkStep.Hardware> hardware) {
        return hardware.stream()
                .map(h ->
                        " %d x %s, %s.".formatted(h.count(), h.what(), h.fate().slug()))
                .collect(Collectors.joining());
    }

    private static String kind(String slug) {
        return switch (slug) {
            case "in-the-bag" -> "In the bag";
            case "reuse" -> "Reuse";
            case "discard" -> "Discard";
            default -> "Also buy";
        };
    }

    /** The house, its branch and how it is reached. */
    public static String reached(String house, RepairSheet sheet) {
        return Stream.of(
                        house,
                        Objects.requireNonNullElse(
                                sheet.record().content().input().shopping().branch(), ""),
                        sheet.contact())
                .filter(part -> !part.isBlank())
                .collect(Collectors.joining(", "));
    }

    /** What all parts come to, at the prices of the price list. */
    static String total(Money total) {
        return "Sum of the prices: %s %s".formatted(total.currency(), total.decimal());
    }

    /** The whole sheet as plain text. */
    public static String plain(String house, RepairSheet sheet) {
        StringBuilder text = new StringBuilder();
        text.append(reached(house, sheet))
                .append("\nCase ")
                .append(sheet.record().number());
        text.append(Optional.ofNullable(sheet.machine())
                .map(m -> "\n%s %s, %s"
                        .formatted(
                                m.brand(), m.number().written(), m.appliance().slug()))
                .orElse("\nModel not known"));
        text.append("\n\nIN THE BAG\n");
        sheet.lines()
                .forEach(line -> text.append("[ ] %d x %s %s%s%n"
                        .formatted(
                                line.line().quantity(),
                                line.line().part().written(),
                                line.name(),
                                line.amount()
                                        .map(price -> ", " + price.decimal())
                                        .orElse(""))));
        sheet.total().ifPresent(total -> text.append(total(total)).append('\n'));
        for (Section section : sections(sheet)) {
            text.append('\n').append(section.heading().toUpperCase(Locale.ROOT)).append('\n');
            section.lines()
                    .forEach(line -> text.append(line.tick() ? "[ ] " : "- ")
                            .append(line.text())
                            .append('\n'));
        }
        return text.toString().replace("\r\n", "\n");
    }
}
