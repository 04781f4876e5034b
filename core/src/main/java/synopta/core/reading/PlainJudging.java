package synopta.core.reading;

import org.jspecify.annotations.Nullable;
import synopta.core.quantity.Slugged;

/**
 * Tests whose reading is all or nothing: a contact that should be closed or open, and a live terminal to the case. Figures
 * are common practice: a closed contact reads up to 1 Ω, more than 5 Ω is a burnt one; to the case more than 1 MΩ is good,
 * 0.1 to 1 MΩ is damp.
 */
public enum PlainJudging implements Judging, Slugged {
    CLOSED_CONTACT {
        @Override
        Verdict verdict(double ohms) {
            return ohms <= CLOSED ? Verdict.GOOD : ohms <= BURNT ? Verdict.SUSPECT : Verdict.OFF_VALUE;
        }

        @Override
        String why(Verdict verdict, String read) {
            return switch (verdict) {
                case GOOD -> "It reads %s: closed, as it should be.".formatted(read);
                case OPEN -> "No continuity: it is open.";
                case SUSPECT -> "It reads %s; a good contact reads up to 1 Ω.".formatted(read);
                default -> "It reads %s: the contact is burnt. A good one reads up to 1 Ω.".formatted(read);
            };
        }

        @Override
        public String good(MeterUnit unit) {
            return "up to 1 " + unit.symbol();
        }

        @Override
        public Double typical() {
            return 0.3;
        }
    },

    OPEN_CONTACT {
        @Override
        Verdict verdict(double ohms) {
            return ohms <= BURNT ? Verdict.SHORTED : Verdict.OFF_VALUE;
        }

        @Override
        String why(Verdict verdict, String read) {
            return verdict == Verdict.GOOD
                    ? "OL: open, as it should be in this state."
                    : "It reads %s though it should be open: welded or bridged.".formatted(read);
        }

        @Override
        public String good(MeterUnit unit) {
            return "OL";
        }

        @Override
        public @Nullable Double typical() {
            return null;
        }
    },

    TO_CASE {
        @Override
        Verdict verdict(double ohms) {
            return ohms > INSULATED ? Verdict.GOOD : ohms >= DAMP ? Verdict.SUSPECT : Verdict.GROUNDED;
        }

        @Override
        String why(Verdict verdict, String read) {
            return switch (verdict) {
                case GOOD ->
                    "%s to the case: insulated, as it should be. It says nothing of the coil itself.".formatted(read);
                case SUSPECT -> "%s to the case may be moisture; good is over 1 MΩ or OL.".formatted(read);
                default ->
                    "It reads %s to the case, so it is grounded, whatever it reads across its terminals."
                            .formatted(read);
            };
        }

        @Override
        public String good(MeterUnit unit) {
            return "OL, or over 1 MΩ";
        }

        @Override
        public @Nullable Double typical() {
            return null;
        }
    },

    NOTHING {
        @Override
        Verdict verdict(double ohms) {
            return Verdict.NO_VERDICT;
        }

        @Override
        String why(Verdict verdict, String read) {
            return "It reads %s; a meter's ohms prove nothing of this part.".formatted(read);
        }

        @Override
        public String good(MeterUnit unit) {
            return "no reading proves it";
        }

        @Override
        public @Nullable Double typical() {
            return null;
        }
    };

    private static final double CLOSED = 1;
    private static final double BURNT = 5;
    private static final double INSULATED = 1e6;
    private static final double DAMP = 1e5;

    @Override
    public boolean provesGood() {
        return this != NOTHING;
    }

    abstract Verdict verdict(double ohms);

    abstract String why(Verdict verdict, String read);

    private Verdict whenOverload() {
        return switch (this) {
            case CLOSED_CONTACT -> Verdict.OPEN;
            case OPEN_CONTACT, TO_CASE -> Verdict.GOOD;
            case NOTHING -> Verdict.NO_VERDICT;
        };
    }

    @Override
    public Judgment judge(Reading reading, MeterUnit unit, Conditions beside, String source) {
        Verdict verdict = reading.fold(this::verdict, overload -> whenOverload());
        Double low = this == TO_CASE ? (Double) INSULATED : this == CLOSED_CONTACT ? (Double) 0.0 : null;
        Double high = this == CLOSED_CONTACT ? (Double) CLOSED : null;
        String next = this == TO_CASE && verdict == Verdict.SUSPECT
                ? "Let it dry, then test again; replace it if the reading stays."
                : Words.next(verdict);
        return Judgment.of(verdict, low, high, why(verdict, Judging.shown(reading, unit)), next, source);
    }
}
