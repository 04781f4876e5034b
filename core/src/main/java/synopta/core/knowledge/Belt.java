package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import synopta.core.drawing.BeltRun;
import synopta.core.drawing.BeltTracer;
import synopta.core.drawing.Pulley;
import synopta.core.quantity.Slugged;

/**
 * How the belt of a layout lies.
 *
 * @param from where it is seen from; x grows to the right as seen from there
 * @param ribs which of the two sides of the closed belt bears the ribs
 * @param stations what it touches, in the order in which it meets them, clockwise
 * @param rests what else turns there without touching the belt, as the rollers under the drum
 * @param basis where the figure or the words come from
 */
public record Belt(View from, Pulley.Side ribs, List<Station> stations, List<Rest> rests, Basis basis) {
    /** Copies. */
    public Belt {
        stations = List.copyOf(stations);
        rests = List.copyOf(rests);
    }

    /** The side of the machine that one stands at. */
    public enum View implements Slugged {
        FRONT,
        REAR;
    }

    /** What the belt touches a pulley with. */
    public enum Face implements Slugged {
        RIBBED,
        FLAT;
    }

    /** What a pulley is there for. */
    public enum Role implements Slugged {
        DRUM,
        IDLER,
        MOTOR;
    }

    /**
     * A pulley of the layout.
     *
     * @param role what the pulley is for
     * @param slot the place whose part it is; nothing for the drum, which is not sold
     * @param pulley the pulley
     * @param travel how far it gives way against its spring; nothing for one that stands fast
     */
    public record Station(
            Role role,
            @Nullable String slot,
            Pulley pulley,
            @Nullable Travel travel) {}

    /**
     * How far a pulley can be pushed, in millimeters, to the right and upwards.
     *
     * @param dxMm to the right, mm
     * @param dyMm down, mm
     */
    public record Travel(double dxMm, double dyMm) {}

    /**
     * A wheel or glide beside the belt.
     *
     * @param slot slug of the position in the layout
     * @param xMm to the right, mm
     * @param yMm down, mm
     * @param diameterMm diameter, mm
     */
    public record Rest(String slot, double xMm, double yMm, double diameterMm) {}

    /** The run with every spring at work. */
    public BeltRun run() {
        return BeltTracer.trace(stations.stream().map(Station::pulley).toList());
    }

    /** The run with every pulley that gives way pushed against its spring. */
    public BeltRun pushed() {
        List<Pulley> pulleys = new ArrayList<>();
        for (Station station : stations) {
            Pulley at = station.pulley();
            pulleys.add(Optional.ofNullable(station.travel())
                    .map(t -> new Pulley(at.xMm() + t.dxMm(), at.yMm() + t.dyMm(), at.diameterMm(), at.side()))
                    .orElse(at));
        }
        return BeltTracer.trace(pulleys);
    }

    /** The face that lies on a pulley: that of the inside for one the belt runs round. */
    public Face faceAt(Station station) {
        return station.pulley().side() == ribs ? Face.RIBBED : Face.FLAT;
    }
}
