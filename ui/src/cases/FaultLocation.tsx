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

/** The machine drawn with the predicted causes; the failed place can be clicked. */
export function FaultLocation({ asked, choice, onPick }: Props) {
  const layout = useLayouts(asked.about.appliance).find((l) => l.layout === asked.layout);
  if (!layout) {
    return null;
  }
  const said = asked.choices.filter((c) => c.probability != null).slice(0, 4);
  const place = choice && layout.places.find((p) => isOf(choice, p));
  return (
    <section className="card-plain" aria-label="Location">
      <span className="bin-tab">Location</span>
      <p className="small soft mb-0">
        Click the part that had failed. The numbers rank the predicted causes.
      </p>
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
