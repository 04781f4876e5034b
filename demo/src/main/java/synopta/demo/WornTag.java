package synopta.demo;

import java.util.Random;

/** A number as it is read off a worn tag: now and then a sign is taken for its look-alike. */
final class WornTag {
    /** Each sign at an even place is taken for the next, and the other way round. */
    private static final String LOOK_ALIKE = "0O8B5S1I2Z";

    private static final double MISREAD = 0.12;

    private WornTag() {}

    static String read(String number, Random random) {
        if (random.nextDouble() >= MISREAD) {
            return number;
        }
        StringBuilder read = new StringBuilder(number);
        int at = random.nextInt(number.length());
        int sign = LOOK_ALIKE.indexOf(Character.toUpperCase(number.charAt(at)));
        if (sign >= 0) {
            read.setCharAt(at, Character.toLowerCase(LOOK_ALIKE.charAt(sign ^ 1)));
        }
        return read.toString();
    }
}
