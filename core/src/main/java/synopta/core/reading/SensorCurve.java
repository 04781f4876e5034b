package synopta.core.reading;

import synopta.core.quantity.Ohms;

/**
 * How a sensor's resistance follows its temperature. Thermistors: R(T) = R₂₅ exp(B(1/T − 1/298.15)), T in kelvin (Beta
 * equation; against a real table within 2.5 % from 10 to 100 °C, 5 % at 0 °C, 12 % at −20 °C), or with a table's
 * coefficients 1/T = A + B ln R + C (ln R)³ (Steinhart and Hart, Deep-Sea Research 15, 1968, 497), inverted in closed form.
 * Platinum: R = R₀(1 + At + Bt²), and below 0 °C + C(t − 100)t³ (IEC 60751, from memory).
 */
public sealed interface SensorCurve {
    /** 0 °C in kelvin. */
    double ZERO_CELSIUS = 273.15;

    /** The temperature of a room at which thermistors are rated, °C. */
    double ROOM_CELSIUS = 25;

    /** Ohms at a temperature, in Celsius. */
    double ohms(double celsius);

    /** The temperature at which it has so many ohms, in Celsius. */
    double celsius(double ohms);

    /** The curve of one that has so many ohms at 25 °C; the same where the curve knows no other. */
    default SensorCurve with(Ohms r25) {
        return this;
    }

    /**
     * By Beta, in kelvin, from the ohms at 25 °C.
     *
     * @param r25 resistance at 25 °C
     * @param betaKelvin beta, K
     */
    record Beta(Ohms r25, double betaKelvin) implements SensorCurve {
        private static final double ROOM_KELVIN = 298.15;

        /** Refuses what is no thermistor. */
        public Beta {
            CheckInput.above0("Resistance at 77 °F (25 °C)", r25.value(), 10e6, "Ω", "10 kΩ is 10000.");
            CheckInput.between("Beta", betaKelvin, 500, 10_000, "K", "See its data sheet; 3977 is common.");
        }

        @Override
        public SensorCurve with(Ohms other) {
            return new Beta(other, betaKelvin);
        }

        @Override
        public double ohms(double celsius) {
            return r25.value() * Math.exp(betaKelvin * (1 / (temperature(celsius) + ZERO_CELSIUS) - 1 / ROOM_KELVIN));
        }

        @Override
        public double celsius(double ohms) {
            return 1 / (1 / ROOM_KELVIN + Math.log(resistance(ohms) / r25.value()) / betaKelvin) - ZERO_CELSIUS;
        }
    }

    /**
     * By the three coefficients of Steinhart and Hart, for ohms and kelvin.
     *
     * @param a first coefficient, 1/K
     * @param b second coefficient, 1/K
     * @param c third coefficient, 1/K
     */
    record SteinhartHart(double a, double b, double c) implements SensorCurve {
        /** Refuses what is no such curve. */
        public SteinhartHart {
            CheckInput.above0("Coefficient A", a, 0.1, "1/K", "About 0.001.");
            CheckInput.above0("Coefficient B", b, 0.1, "1/K", "About 0.0002.");
            CheckInput.above0("Coefficient C", c, 0.1, "1/K", "About 0.0000001.");
        }

        @Override
        public double ohms(double celsius) {
            double x = (a - 1 / (temperature(celsius) + ZERO_CELSIUS)) / c;
            double third = b / (3 * c);
            double y = Math.sqrt(third * third * third + x * x / 4);
            return Math.exp(Math.cbrt(y - x / 2) - Math.cbrt(y + x / 2));
        }

        @Override
        public double celsius(double ohms) {
            double log = Math.log(resistance(ohms));
            return 1 / (a + b * log + c * log * log * log) - ZERO_CELSIUS;
        }
    }

    /**
     * Platinum that has so many ohms at 0 °C, as an oven's sensor with 1000.
     *
     * @param ohmsAtZero resistance at 0 °C, ohms
     */
    record Platinum(double ohmsAtZero) implements SensorCurve {
        private static final double A = 3.9083e-3;
        private static final double B = -5.775e-7;
        private static final double C = -4.183e-12;

        /** Refuses what is no sensor. */
        public Platinum {
            CheckInput.above0("Resistance at 32 °F (0 °C)", ohmsAtZero, 10_000, "Ω", "1000 for an oven sensor.");
        }

        @Override
        public double ohms(double celsius) {
            double t = temperature(celsius);
            return ohmsAtZero * (1 + A * t + B * t * t + (t < 0 ? C * (t - 100) * t * t * t : 0));
        }

        /** By halving: the curve rises all the way. */
        @Override
        public double celsius(double ohms) {
            double low = -200;
            double high = 850;
            for (int i = 0; i < 60; i++) {
                double middle = (low + high) / 2;
                if (ohms(middle) < resistance(ohms)) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return (low + high) / 2;
        }
    }

    private static double temperature(double celsius) {
        return CheckInput.between("Temperature", celsius, -200, 850, "°C", "Enter degrees Celsius: 77 °F is 25 °C.");
    }

    private static double resistance(double ohms) {
        return CheckInput.above0(
                "Resistance", ohms, 1e9, "Ω", "0 is a shorted sensor and OL an open one; neither gives a temperature.");
    }
}
