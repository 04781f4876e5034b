import type { Wire } from "../shared/api";
import { MachineDrawing } from "../shared/MachineDrawing";
import { isOf, marksOf } from "../shared/marks";
import { useLayouts } from "../shared/useLayouts";

type Props = {
  asked: Wire["OutcomeAnswer"];
  /** What is pointed at in the list beside it. */
  choice: Wire["FaultChoice"] | undefined;
  onPick: (place: Wire["PlaceWire"]) => void;
};

/** The machine with what was suspected; the place where the fault was can be clicked. */
export function WhereItWas({ asked, choice, onPick }: Props) {
  const layout = useLayouts(asked.about.appliance).find((l) => l.layout === asked.layout);
  if (!layout) {
    return null;
  }
  const said = asked.choices.filter((c) => c.probability != null).slice(0, 4);
  const place = choice && layout.places.find((p) => isOf(choice, p));
  return (
    <section className="card-plain" aria-label="Where it was">
      <span className="bin-tab">Where it was</span>
      <p className="small soft mb-0">Click the place that had failed; the numbers are what was said.</p>
      <MachineDrawing
        layout={layout}
        fuels={asked.fuels}
        marks={marksOf(said, layout)}
        pointed={place?.slot ?? null}
        onPick={onPick}
      />
    </section>
  );
}
