package synopta.core.knowledge;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import synopta.core.drawing.BeltRun;
import synopta.core.drawing.Pulley;

/**
 * How a belt runs, with its springs at work and with them pushed in.
 *
 * @param from `front` or `rear`: where it is seen from; x grows to the right as seen from there, y upwards
 * @param lengthMm length around the pulleys, mm
 * @param slackMm by how much the run is shorter with the springs pushed in
 * @param stations pulleys, in the order of the belt
 * @param pushed pulleys with the idler pushed away
 * @param rests what the belt also lies on
 * @param basis where the figure or the words come from
 */
public record BeltPath(
        Belt.View from,
        double lengthMm,
        double slackMm,
        List<Station> stations,
        List<Station> pushed,
        List<Rest> rests,
        String basis) {
    /** Copies. */
    public BeltPath {
        stations = List.copyOf(stations);
        pushed = List.copyOf(pushed);
        rests = List.copyOf(rests);
    }

    /** The belt of a layout; the loader has seen to it that it runs. */
    public static Optional<BeltPath> of(Belt belt) {
        return closed(belt.run()).flatMap(run -> closed(belt.pushed()).map(pushed -> of(belt, run, pushed)));
    }

    private static BeltPath of(Belt belt, BeltRun.Closed run, BeltRun.Closed pushed) {
        return new BeltPath(
                belt.from(),
                run.lengthMm(),
                run.lengthMm() - pushed.lengthMm(),
                stations(belt, run),
                stations(belt, pushed),
                belt.rests().stream()
                        .map(r -> new Rest(r.slot(), r.xMm(), r.yMm(), r.diameterMm()))
                        .toList(),
                belt.basis().source());
    }

    private static List<Station> stations(Belt belt, BeltRun.Closed run) {
        return IntStream.range(0, run.touches().size())
                .mapToObj(i -> Station.of(
                        belt.faceAt(belt.stations().get(i)),
                        belt.stations().get(i),
                        run.touches().get(i)))
                .toList();
    }

    private static Optional<BeltRun.Closed> closed(BeltRun run) {
        return run.fold(Optional::of, impossible -> Optional.empty());
    }

    /**
     * A pulley with the belt on it.
     *
     * @param role what the pulley is for
     * @param slot slug of the position in the layout; null when not known
     * @param xMm to the right, mm
     * @param yMm down, mm
     * @param diameterMm diameter, mm
     * @param side face of the belt that touches it
     * @param wrapDegrees angle of contact, degrees
     * @param face of the belt that lies on it: `ribbed` or `flat`
     * @param over whether the belt runs over it, not under it
     * @param on where the belt reaches it
     * @param off where the belt leaves it
     * @param travel how far it is pushed against its spring; null where it stands fast
     */
    public record Station(
            Belt.Role role,
            @Nullable String slot,
            double xMm,
            double yMm,
            double diameterMm,
            Pulley.Side side,
            double wrapDegrees,
            Belt.Face face,
            boolean over,
            BeltRun.Point on,
            BeltRun.Point off,
            BeltRun.@Nullable Point travel) {
        static Station of(Belt.Face face, Belt.Station station, BeltRun.Touch touch) {
            return new Station(
                    station.role(),
                    station.slot(),
                    touch.pulley().xMm(),
                    touch.pulley().yMm(),
                    touch.pulley().diameterMm(),
                    touch.pulley().side(),
                    touch.wrapDegrees(),
                    face,
                    touch.over(),
                    touch.on(),
                    touch.off(),
                    Optional.ofNullable(station.travel())
                            .map(t -> new BeltRun.Point(t.dxMm(), t.dyMm()))
                            .orElse(null));
        }
    }

    /**
     * A wheel or glide beside the belt.
     *
     * @param slot slug of the position in the layout
     * @param xMm to the right, mm
     * @param yMm down, mm
     * @param diameterMm diameter, mm
     */
    public record Rest(String slot, double xMm, double yMm, double diameterMm) {}
}
