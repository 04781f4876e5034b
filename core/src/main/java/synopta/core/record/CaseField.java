package synopta.core.record;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.Customer;
import synopta.core.catalog.ModelNumber;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Hazard;
import synopta.core.quantity.Slugged;

/**
 * A field of a case that a person fills in, declared once: its name in the API, what is in it, and the words of a change.
 * Fields with a {@link #kind()} are kept as entries of that kind; the others are columns of the case's own row.
 */
public final class CaseField {
    /**
     * An item of a field as it is kept.
     *
     * @param name what it is about, such as the id of a finding
     * @param detail what is said of it; empty where the name says all
     */
    public record Entry(String name, String detail) {
        static Entry of(String name) {
            return new Entry(name, "");
        }

        /** The same with words of a person put through an edit; ids and figures stay. */
        public Entry withSaid(String kind, UnaryOperator<String> edit) {
            return switch (kind) {
                case SAID_TO, STRUCK -> new Entry(edit.apply(name), detail);
                case FINDING -> new Entry(name, EntryForm.withSaid(detail, edit));
                default -> this;
            };
        }
    }

    private static final String FINDING = "finding";
    private static final String STRUCK = "struck";
    private static final String SAID_TO = "said-to";

    /** Every field, in the order in which a change is told. */
    public static final List<CaseField> ALL = List.of(
            column("line", c -> c.input().line()),
            column("complaint", CaseContent::complaint),
            column(
                    "model",
                    c -> Optional.ofNullable(c.input().model())
                            .map(ModelNumber::written)
                            .orElse(null)),
            column("serial", c -> c.input().serial()),
            column("appliance", c -> slug(c.input().appliance())),
            column("fuel", c -> slug(c.input().fuel())),
            column("ageYears", c -> c.input().ageYears()),
            one(
                    "platform",
                    "platform",
                    EntryForm.TEXT,
                    c -> c.input().platform(),
                    (c, platform) -> c.input().platform(platform)),
            list(
                    "rechecked",
                    "recheck",
                    EntryForm.RECHECK,
                    c -> c.input().rechecked(),
                    (c, items) -> c.input().rechecked(items)),
            list(
                    "inspected",
                    "looked",
                    EntryForm.TEXT,
                    c -> sorted(c.input().inspected()),
                    (c, items) -> c.input().inspected(Set.copyOf(items))),
            list(
                    "findings",
                    FINDING,
                    EntryForm.ANSWER,
                    c -> c.input().findings(),
                    (c, items) -> c.input().findings(items)),
            list(
                    "readings",
                    "reading",
                    EntryForm.READING,
                    c -> c.input().readings(),
                    (c, items) -> c.input().readings(items)),
            list(
                    "excluded",
                    STRUCK,
                    EntryForm.TEXT,
                    c -> sorted(c.input().excluded()),
                    (c, items) -> c.input().excluded(Set.copyOf(items))),
            list(
                    "selected",
                    "picked",
                    EntryForm.TEXT,
                    c -> sorted(c.input().selected()),
                    (c, items) -> c.input().selected(Set.copyOf(items))),
            list(
                    "deselected",
                    "dropped",
                    EntryForm.TEXT,
                    c -> sorted(c.input().deselected()),
                    (c, items) -> c.input().deselected(Set.copyOf(items))),
            one(
                    "person",
                    "person",
                    EntryForm.of(Finding.Who::of),
                    c -> c.input().person(),
                    (c, who) -> c.input().person(who)),
            list(
                    "adjusted",
                    "adjusted",
                    EntryForm.ADJUSTED,
                    c -> c.input().shopping().adjusted(),
                    CaseContent.Draft::adjusted),
            list("lines", "line", EntryForm.LINE, CaseContent::lines, CaseContent.Draft::lines),
            list(
                    "cautionsShown",
                    "caution",
                    EntryForm.of(Hazard::of),
                    c -> sorted(c.cautionsShown()),
                    (c, shown) -> c.cautionsShown(Set.copyOf(shown))),
            one("readTo", SAID_TO, EntryForm.TEXT, CaseContent::readTo, CaseContent.Draft::readTo),
            one("branch", "branch", EntryForm.TEXT, c -> c.input().shopping().branch(), CaseContent.Draft::branch),
            one(
                    "neededInDays",
                    "needed-in-days",
                    new EntryForm<>(d -> Entry.of("" + d), e -> Integer.valueOf(e.name()), d -> "" + d),
                    c -> c.input().shopping().neededInDays(),
                    CaseContent.Draft::neededInDays),
            column("specialist", CaseContent::specialist),
            column("customer", c -> who(c.customer())),
            column("status", c -> c.status().slug()));

    /** The fields that are kept as entries. */
    public static final List<CaseField> LISTED =
            ALL.stream().filter(field -> field.kind != null).toList();

    private final String name;
    private final String kind;
    private final Function<CaseContent, List<Entry>> entries;
    private final BiConsumer<CaseContent.Draft, List<Entry>> into;
    private final Function<CaseContent, String> words;

    private CaseField(
            String name,
            @Nullable String kind,
            Function<CaseContent, List<Entry>> entries,
            BiConsumer<CaseContent.Draft, List<Entry>> into,
            Function<CaseContent, String> words) {
        this.name = name;
        this.kind = kind;
        this.entries = entries;
        this.into = into;
        this.words = words;
    }

    /** A field that is a column of the case's row. */
    private static CaseField column(String name, Function<CaseContent, @Nullable Object> of) {
        return new CaseField(name, null, c -> List.of(), (c, none) -> {}, c -> {
            Object value = of.apply(c);
            return value == null ? "" : value.toString();
        });
    }

    private static <T> CaseField list(
            String name,
            String kind,
            EntryForm<T> form,
            Function<CaseContent, Collection<T>> of,
            BiConsumer<CaseContent.Draft, List<T>> into) {
        return new CaseField(
                name,
                kind,
                c -> of.apply(c).stream().map(form.entry()).toList(),
                (c, entries) -> into.accept(c, entries.stream().map(form.item()).toList()),
                c -> of.apply(c).stream().map(form.words()).collect(Collectors.joining(", ")));
    }

    private static <T> CaseField one(
            String name,
            String kind,
            EntryForm<T> form,
            Function<CaseContent, @Nullable T> of,
            BiConsumer<CaseContent.Draft, T> into) {
        return list(
                name,
                kind,
                form,
                c -> Stream.ofNullable(of.apply(c)).toList(),
                (c, items) -> items.stream().findFirst().ifPresent(item -> into.accept(c, item)));
    }

    /** Its name in the API, such as `findings`. */
    public String name() {
        return name;
    }

    /** The kind of its entries; null when it is a column of the case's row. */
    public @Nullable String kind() {
        return kind;
    }

    /** Its items as they are kept. */
    public List<Entry> entries(CaseContent content) {
        return entries.apply(content);
    }

    /** Sets it in a case that is read. */
    public void read(List<Entry> kept, CaseContent.Draft content) {
        into.accept(content, kept);
    }

    /** What is in it, in words; empty when nothing is. */
    public String words(CaseContent content) {
        return words.apply(content);
    }

    private static String slug(@Nullable Slugged constant) {
        return constant == null ? "" : constant.slug();
    }

    private static <T extends Comparable<T>> List<T> sorted(Set<T> items) {
        return items.stream().sorted(Comparator.naturalOrder()).toList();
    }

    private static String who(Customer customer) {
        return Stream.of(Optional.ofNullable(customer.name()), Optional.ofNullable(customer.phone()))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }
}
