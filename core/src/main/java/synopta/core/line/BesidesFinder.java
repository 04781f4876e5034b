package synopta.core.line;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What a line holds besides the machine: phone numbers, dates, times, prices, numbers of orders, addresses. None of it is a
 * model, a serial or a part number, and nothing is heard in it. American forms, as callers give them.
 */
final class BesidesFinder {
    private static final String MONTH =
            "(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?"
                    + "|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?";
    private static final String STREET = "(?:street|st|avenue|ave|road|rd|lane|ln|drive|dr|court|ct|boulevard|blvd"
            + "|highway|hwy|place|pl|terrace|circle|trail|parkway|pkwy|route|rte)";

    private static final List<Pattern> CERTAIN = forms(

            // Phone numbers, in groups or behind a word for them.
            "(?:\\+?1[ .-]?)?\\(?\\d{3}\\)?[ .-]\\d{3}[ .-]\\d{4}",
            "(?:call(?:\\s+(?:me|us|him|her|back))?|phone|cell|mobile|reach(?:\\s+(?:me|us))?|text(?:\\s+me)?|fax"
                    + "|callback)(?:\\s+(?:number|no\\.?|#))?(?:\\s+(?:at|on|is))?[\\s:]*\\(?\\+?\\d[\\d ().-]{5,}\\d",
            // Dates and years.
            "\\d{1,2}/\\d{1,2}(?:/\\d{2,4})?",
            "\\d{1,2}-\\d{1,2}-(?:\\d{2}|\\d{4})",
            "(?:19|20)\\d{2}-\\d{1,2}-\\d{1,2}",
            MONTH + "\\s+\\d{1,2}(?:st|nd|rd|th)?(?:,?\\s+(?:19|20)\\d{2})?",
            "\\d{1,2}(?:st|nd|rd|th)?\\s+(?:of\\s+)?" + MONTH + "(?:,?\\s+(?:19|20)\\d{2})?",
            MONTH + "\\s+(?:of\\s+)?(?:19|20)\\d{2}",
            "(?:in|from|since|about|around|circa|year|bought|built|made|purchased|installed|dated|model\\s+year)"
                    + "(?:\\s+(?:it|new|a|in))*\\s+(?:19|20)\\d{2}",
            "(?:19|20)\\d{2}\\s+model",
            "\\d{1,2}(?:st|nd|rd|th)",
            // Times of the day.
            "\\d{1,2}(?::\\d{2})?\\s*(?:am|pm|a\\.m\\.|p\\.m\\.|o'?clock)",
            "\\d{1,2}:\\d{2}",
            // Prices.
            "[$€£]\\s?\\d+(?:,\\d{3})*(?:\\.\\d{1,2})?",
            "\\d+(?:\\.\\d{2})?\\s*(?:dollars|bucks|usd|cents|euros?|pounds sterling)",
            // Numbers of orders and the like, said to be such.
            "(?:(?:sales\\s+|work\\s+|purchase\\s+)?order|invoice|p\\.?o\\.?|ticket|confirmation|tracking|quote|account|acct"
                    + "|reference|ref|case|claim|rma|receipt|customer)\\s*(?:(?:number|num|no\\.?|id)\\b|#)\\s*(?:is|was)?\\s*[:#]?\\s*"
                    + "(?=[\\p{L}-]*\\d)[\\p{L}\\d][\\p{L}\\d-]{2,}",
            // Addresses; a number of years or of parts begins none, and a motor is no street.
            "\\d{2,6}[a-z]?\\s+(?!(?:years?|yrs?|y|old|ohms?|volts?|amps?|watts?|min(?:ute)?s?|hours?|days?|weeks?|months?|times|x|of"
                    + "|in|inch(?:es)?|mm|cm|degrees?|pieces?|percent)\\b)(?:(?:north|south|east|west|[nsew])\\.?\\s+)?(?:[\\p{L}\\d'.]+\\s+){1,3}"
                    + STREET
                    + "\\b(?!\\s+(?:motor|belt|pulley|block|shaft|band))\\.?(?:,?\\s*(?:apt|apartment|unit|suite|ste|#)\\.?\\s*[\\p{L}\\d-]+)?",
            "(?:apt|apartment|suite|ste|zip(?:\\s*code)?|p\\.?o\\.?\\s*box|route|highway|hwy)\\.?\\s*#?\\s*(?=[\\p{L}-]*\\d)[\\p{L}\\d-]+",
            "[A-Z]{2}\\s+\\d{5}(?:-\\d{4})?");

    /** What may be a part's number too, and is where the catalog has it; "order" and "quote" are verbs as well. */
    private static final List<Pattern> IF_NO_PART = forms(
            "\\d{3}[.-]\\d{4}",
            "(?:invoice|confirmation|tracking|rma|receipt)\\s*(?:is|was)?\\s*[:#]?\\s*(?=[\\p{L}-]*\\d)[\\p{L}\\d][\\p{L}\\d-]{2,}",
            "(?:order|quote|ticket|account|acct|reference|ref|case|claim|customer)\\s*(?:is|was)?\\s*[:#]?\\s*\\d[\\d-]{4,}");

    private BesidesFinder() {}

    private static List<Pattern> forms(String... forms) {
        return Stream.of(forms)
                .map(form -> Pattern.compile(
                        "(?<![\\p{L}\\p{N}/_.-])(?:%s)(?![\\p{L}\\p{N}]|[/_-][\\p{L}\\p{N}])".formatted(form),
                        Pattern.CASE_INSENSITIVE))
                .toList();
    }

    /** Adds a piece for each that is one for certain and does not overlap one that is there. */
    static void certain(String line, List<LineToken> pieces) {
        add(CERTAIN, line, pieces);
    }

    /** Adds a piece for each that is one where no part has the number: ask for those first. */
    static void ifNoPart(String line, List<LineToken> pieces) {
        add(IF_NO_PART, line, pieces);
    }

    private static void add(List<Pattern> forms, String line, List<LineToken> pieces) {
        for (Pattern form : forms) {
            form.matcher(line)
                    .results()
                    .filter(found -> LineToken.isFree(pieces, found.start(), found.end()))
                    .map(found -> new LineToken(LineToken.Kind.BESIDE, found.group(), found.start(), found.end()))
                    .toList()
                    .forEach(pieces::add);
        }
    }
}
