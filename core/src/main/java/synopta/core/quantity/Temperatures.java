package synopta.core.quantity;

/** Temperatures as people read them; the core counts in degrees Celsius. */
public final class Temperatures {
    private Temperatures() {}

    /** Degrees Fahrenheit of degrees Celsius. */
    public static double fahrenheit(double celsius) {
        return celsius * 9 / 5 + 32;
    }

    /** Degrees Celsius of degrees Fahrenheit. */
    public static double celsius(double fahrenheit) {
        return (fahrenheit - 32) * 5 / 9;
    }

    /** In both scales, to the degree, as {@code 77 °F (25 °C)}. */
    public static String inBoth(double celsius) {
        return "%.0f °F (%.0f °C)".formatted(fahrenheit(celsius), celsius);
    }
}
