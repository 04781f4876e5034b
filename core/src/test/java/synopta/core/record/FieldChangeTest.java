package synopta.core.record;

import static org.testng.Assert.assertEquals;
import static synopta.core.Samples.part;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.order.Quote;
import synopta.core.order.QuoteTotals;
import synopta.core.quantity.Money;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Conditions;
import synopta.core.reading.Reading;
import synopta.core.tag.Recheck;

/** What of a case is another since somebody else read it, and which quotes belong to how it stood. */
public class FieldChangeTest {
    private static final CaseContent BARE = new CaseContent(
            CaseInput.of("thumps"),
            null,
            List.of(),
            Set.of(),
            null,
            null,
            Customer.NONE,
            null,
            CaseContent.Status.OPEN);

    private static final Shopping.Adjusted ADJUSTED = new Shopping.Adjusted(part("BELT"), 2, 600L, true);

    /** A component of a record, another value of it, and what is told. */
    @DataProvider
    Object[][] fields() {
        return Stream.of(entered(), overruledAndHandedOver())
                .flatMap(Stream::of)
                .toArray(Object[][]::new);
    }

    private static Object[][] entered() {
        return new Object[][] {
            {"line", "squeals", "line: thumps -> squeals"},
            {"model", new ModelNumber("TH-7820-W"), "model:  -> TH-7820-W"},
            {"appliance", Appliance.DRYER, "appliance:  -> dryer"},
            {"fuel", Fuel.LP, "fuel:  -> lp"},
            {"ageYears", 8.0, "ageYears:  -> 8.0"},
            {"rechecked", List.of(new Recheck(2, null)), "rechecked:  -> 2 nothing"},
            {"findings", List.of(new CaseInput.Answered("hums", "yes", false)), "findings:  -> hums yes, perhaps"},
            {"readings", List.of(new CaseInput.Measured("ohms", new Reading.Figure(21.5))), "readings:  -> ohms 21.5"},
            {
                "readings",
                List.of(new CaseInput.Measured(
                        "ohms",
                        new Reading.Overload(),
                        new Conditions(20.0, new Volts(240), new Watts(5400), null, "flat"))),
                "readings:  -> ohms OL, celsius 20.0, volts 240.0, watts 5400.0, kind flat"
            },
        };
    }

    private static Object[][] overruledAndHandedOver() {
        return new Object[][] {
            {"excluded", Set.of("age"), "excluded:  -> age"},
            {"selected", Set.of("belt"), "selected:  -> belt"},
            {"deselected", Set.of("motor"), "deselected:  -> motor"},
            {"serial", "7C-1", "serial:  -> 7C-1"},
            {"platform", "Skerry", "platform:  -> Skerry"},
            {"inspected", Set.of("rear:rollers"), "inspected:  -> rear:rollers"},
            {"person", Finding.Who.CUSTOMER, "person: technician -> customer"},
            {"adjusted", List.of(ADJUSTED), "adjusted:  -> 2 x BELT, worth 600 cents, needed"},
            {"branch", "Staithe", "branch:  -> Staithe"},
            {"neededInDays", 3, "neededInDays:  -> 3"},
            {"complaint", "and hums", "complaint:  -> and hums"},
            {"lines", List.of(new CaseContent.Line(part("BELT"), 2)), "lines:  -> 2 x BELT"},
            {"cautionsShown", Set.of(Hazard.of("mains")), "cautionsShown:  -> mains"},
            {"readTo", "customer", "readTo:  -> customer"},
            {"specialist", "Ida", "specialist:  -> Ida"},
            {"name", "Perpetua Quillfeather", "customer:  -> Perpetua Quillfeather"},
            {"phone", "55-0199", "customer:  -> 55-0199"},
            {"status", CaseContent.Status.HANDED_OVER, "status: open -> handed-over"},
        };
    }

    /** The same record with one component another, wherever it is in the records within. */
    private static Object with(Object record, String name, Object value) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                Object is = components[i].getAccessor().invoke(record);
                boolean isWithin = is instanceof CaseInput || is instanceof Shopping || is instanceof Customer;
                values[i] = components[i].getName().equals(name) ? value : isWithin ? with(is, name, value) : is;
            }
            Constructor<?> made = record.getClass().getDeclaredConstructor(types);
            return made.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    @Test(dataProvider = "fields")
    public void whatSomebodyElseChangedIsTold(String name, Object value, String told) {
        CaseContent after = (CaseContent) with(BARE, name, value);
        assertEquals(
                FieldChange.between(BARE, after).stream()
                        .map(c -> "%s: %s -> %s".formatted(c.field(), c.before(), c.after()))
                        .toList(),
                List.of(told));
        assertEquals(FieldChange.between(after, after), List.of());
    }

    @Test
    public void noFieldThatAPersonFillsInIsForgotten() {
        Set<String> all = Stream.of(CaseContent.class, CaseInput.class, Shopping.class, Customer.class)
                .flatMap(type -> Arrays.stream(type.getRecordComponents()))
                .map(RecordComponent::getName)
                .collect(Collectors.toCollection(TreeSet::new));
        // Records within, and the time that was taken and the visit, which nobody fills in.
        all.removeAll(Set.of("input", "shopping", "customer", "answerSeconds", "visit"));
        Set<String> told =
                Arrays.stream(fields()).map(row -> (String) row[0]).collect(Collectors.toCollection(TreeSet::new));
        assertEquals(told, all);
    }

    private static CaseRecord kept(long revision, int second) {
        return new CaseRecord(1, Instant.EPOCH, revision, Instant.EPOCH.plusSeconds(second), BARE, CaseSnapshot.UNTOLD);
    }

    private static Quote quote(long number, int second) {
        Money price = new Money(100, "USD");
        return new Quote(
                number,
                Instant.EPOCH.plusSeconds(second),
                LocalDate.EPOCH,
                "Staithe",
                null,
                1L,
                null,
                "",
                "",
                List.of(new Quote.Line(part("BELT"), "belt", 1, price, true)),
                QuoteTotals.of(price, BigDecimal.ZERO, true));
    }

    @Test
    public void aQuoteBelongsToHowTheCaseStoodWhenItWasWritten() {
        List<CaseRecord> records = List.of(kept(1, 100), kept(2, 200), kept(3, 300));
        List<Quote> quotes = List.of(quote(1, 50), quote(2, 100), quote(3, 199), quote(4, 200), quote(5, 900));
        List<List<Long>> numbers = new ArrayList<>();
        for (Revision revision : Revision.of(records, quotes)) {
            numbers.add(revision.quotes().stream().map(Quote::number).toList());
        }
        assertEquals(numbers, List.of(List.of(1L, 2L, 3L), List.of(4L), List.of(5L)));
        assertEquals(Revision.of(List.of(), List.of()), List.of());
    }
}
