package synopta.core.record;

import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Shopping;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Slugged;
import synopta.core.record.CaseField.Entry;
import synopta.core.tag.Recheck;

/**
 * How items of a field are kept, read and told.
 *
 * @param entry the entry of an item
 * @param item the item of an entry
 * @param words the item in words
 */
record EntryForm<T>(Function<T, Entry> entry, Function<Entry, T> item, Function<T, String> words) {
    static final EntryForm<String> TEXT = new EntryForm<>(Entry::of, Entry::name, text -> text);

    static <E extends Slugged> EntryForm<E> of(Function<String, E> slug) {
        return new EntryForm<>(item -> Entry.of(item.slug()), entry -> slug.apply(entry.name()), Slugged::slug);
    }

    private static final String PERHAPS = "?";
    private static final String SAID = "|";

    static final EntryForm<Recheck> RECHECK = new EntryForm<>(
            r -> new Entry("" + r.position(), r.written()),
            e -> new Recheck(
                    Integer.parseInt(e.name()),
                    e.detail().isEmpty() ? null : e.detail().charAt(0)),
            r -> r.position() + " " + (r.character() == null ? "nothing" : r.character()));

    static final EntryForm<CaseInput.Answered> ANSWER = new EntryForm<>(
            a -> new Entry(
                    a.finding(), a.answer() + (a.sure() ? "" : PERHAPS) + (a.said() == null ? "" : SAID + a.said())),
            EntryForm::answered,
            a -> a.finding() + " " + a.answer() + (a.sure() ? "" : ", perhaps"));

    static final EntryForm<CaseInput.Measured> READING = new EntryForm<>(
            m -> new Entry(m.test(), ReadingEntry.detail(m)), ReadingEntry::read, m -> m.test() + " " + shown(m));

    static final EntryForm<CaseContent.Line> LINE = new EntryForm<>(
            l -> new Entry(l.part().written(), "" + l.quantity()),
            e -> new CaseContent.Line(new PartNumber(e.name()), Integer.parseInt(e.detail())),
            l -> l.quantity() + " x " + l.part());

    /** Quantity, value and need, parted by bars; empty where it was not set. */
    static final EntryForm<Shopping.Adjusted> ADJUSTED = new EntryForm<>(
            a -> new Entry(
                    a.part().written(),
                    Stream.of(a.quantity(), a.valueCents(), a.needed())
                            .map(set -> set == null ? "" : "" + set)
                            .collect(Collectors.joining("|"))),
            EntryForm::adjusted,
            a -> (a.quantity() != null ? a.quantity() + " x " : "")
                    + a.part()
                    + (a.valueCents() != null ? ", worth " + a.valueCents() + " cents" : "")
                    + (a.needed() ? ", needed" : ""));

    private static String shown(CaseInput.Measured measured) {
        return ReadingEntry.detail(measured).replace("|", ", ");
    }

    /** An answer's detail with the words that were said put through an edit. */
    static String withSaid(String detail, UnaryOperator<String> edit) {
        int said = detail.indexOf(SAID);
        return said < 0 ? detail : detail.substring(0, said + 1) + edit.apply(detail.substring(said + 1));
    }

    private static CaseInput.Answered answered(Entry entry) {
        String[] detail = entry.detail().split("\\|", 2);
        return new CaseInput.Answered(
                entry.name(),
                detail[0].replace(PERHAPS, ""),
                !detail[0].endsWith(PERHAPS),
                detail.length < 2 ? null : detail[1]);
    }

    private static Shopping.Adjusted adjusted(Entry entry) {
        String[] set = entry.detail().split("\\|", -1);
        return new Shopping.Adjusted(
                new PartNumber(entry.name()),
                set[0].isEmpty() ? null : Integer.parseInt(set[0]),
                set[1].isEmpty() ? null : Long.parseLong(set[1]),
                Boolean.parseBoolean(set[2]));
    }
}
