package synopta.core.knowledge;

import java.util.function.Supplier;

/** The port through which the settings are kept. {@link #get()} is asked at every assessment and must be quick. */
public interface SettingsRepository extends Supplier<HouseSettings> {
    /** The settings in force; those never chosen are {@link HouseSettings#USUAL}. */
    @Override
    HouseSettings get();

    /** Puts settings in force. */
    void choose(HouseSettings settings);
}
