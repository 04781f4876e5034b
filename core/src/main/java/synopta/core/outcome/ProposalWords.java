package synopta.core.outcome;

import java.util.Locale;

/** A proposal in sentences, for someone who knows the trade and no statistics. */
final class ProposalWords {
    private static final double SMALL = 10;

    private ProposalWords() {}

    static String of(Proposal p) {
        boolean isMore = p.after() >= p.before();
        String often = isMore ? "more often" : "less often";
        String said = switch (p.kind()) {
            case RATE -> "%s: found %s here than the guide says".formatted(p.words(), often);
            case LINK -> "%s: told %s here than the guide says".formatted(p.words(), often);
            case LEAK, SENSITIVITY, SPECIFICITY -> "%s: %s here than the guide says".formatted(p.words(), often);
            case CONFUSION, SLIP -> "%s: %s here than the reader expects".formatted(p.words(), often);
            case LIFE -> "%s lasts %s here than the guide says".formatted(p.words(), isMore ? "longer" : "less long");
            case MINUTES ->
                "Repairs of “%s” take %s here than the guide says"
                        .formatted(p.words(), isMore ? "longer" : "less long");
            case POPULARITY -> "%s comes in %s here than the catalog says".formatted(p.words(), often);
            case SAYING -> p.words();
        };
        String note = p.note().isEmpty() ? "" : " " + p.note();
        return "%s%s%s. %s%s"
                .formatted(
                        said.substring(0, 1).toUpperCase(Locale.ROOT), said.substring(1), figures(p), cases(p), note);
    }

    private static String figures(Proposal p) {
        return switch (p.kind()) {
            case LIFE -> ": 63 of 100 have failed by %s years, guide %s".formatted(years(p.after()), years(p.before()));
            case MINUTES, POPULARITY -> ": %s times".formatted(plain(p.after()));
            case SAYING -> "";
            case CONFUSION, SLIP ->
                ": %s of 100, expected %s".formatted(plain(100 * p.after()), plain(100 * p.before()));
            default -> ": %s of 100, guide %s".formatted(plain(100 * p.after()), plain(100 * p.before()));
        };
    }

    private static String cases(Proposal p) {
        int of = p.support().of();
        return of == 0
                ? "Based on no case."
                : "Based on %d of %d case%s.".formatted(p.support().seen(), of, of == 1 ? "" : "s");
    }

    private static String years(double value) {
        return String.format(Locale.ROOT, "%.1f", value).replaceFirst("\\.0$", "");
    }

    /** Whole numbers, but where one place more tells. */
    private static String plain(double value) {
        String text = String.format(Locale.ROOT, value < 1 ? "%.2f" : value < SMALL ? "%.1f" : "%.0f", value);
        return text.contains(".") ? text.replaceFirst("\\.?0+$", "") : text;
    }
}
