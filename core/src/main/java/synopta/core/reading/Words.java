package synopta.core.reading;

/** What to do after a verdict. */
final class Words {
    private Words() {}

    static String next(Verdict verdict) {
        return switch (verdict) {
            case NO_VERDICT -> "Do not sell the part on this reading.";
            case GOOD -> "The part tests good; do not sell it on this reading.";
            case PLAUSIBLE -> "Enter the nameplate's volts and watts for a verdict; do not sell it on this reading.";
            case SUSPECT -> "Test again with its wires disconnected and clean leads before it is sold.";
            case OFF_VALUE ->
                "Test again with its wires disconnected and clean leads; if the reading stays, it is likely the cause.";
            case SHORTED -> "Disconnect its wires and test again; replace it if the reading stays.";
            case OPEN -> "Test again with the leads swapped; replace it if the reading stays.";
            case GROUNDED -> "Replace it; do not run the machine until then.";
        };
    }

    static String nextOfSensor(Verdict verdict) {
        return switch (verdict) {
            case GOOD ->
                "Warm it in your hand: the reading must fall or rise steadily. If it does, the sensor is good.";
            case PLAUSIBLE -> "Enter the room temperature for a verdict; do not sell it on this reading.";
            case OPEN -> "Check its plug and wires first; if they are intact, replace it.";
            case OFF_VALUE -> "Measure the ambient temperature and test again; replace it if the reading stays.";
            default -> next(verdict);
        };
    }
}
