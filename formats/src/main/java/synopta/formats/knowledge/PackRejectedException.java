package synopta.formats.knowledge;

import java.util.List;
import java.util.stream.Collectors;
import synopta.core.knowledge.PackFault;

/** A pack that cannot be used, with every fault that was found in it. */
public final class PackRejectedException extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient List<PackFault> faults;

    PackRejectedException(String file, List<PackFault> faults) {
        super(faults.stream()
                .map(f -> "%s, %s: %s".formatted(file, f.path(), f.message()))
                .collect(Collectors.joining("\n")));
        this.faults = List.copyOf(faults);
    }

    /** What is wrong, in the order of the file. */
    public List<PackFault> faults() {
        return faults;
    }
}
