import type { Wire } from "../shared/api";
import { ModelLink } from "../shared/NumberLink";

const SHOWN = 8;

/** The same machine under other brands, nearest first. */
export function Twins({ twins }: { twins: Wire["TwinWire"][] }) {
  return (
    <section className="card-plain mt-3" aria-label="Under other brands">
      <span className="bin-tab">The same under other brands</span>
      {twins.length === 0 && <div className="row-line soft">No model of another brand is built like it.</div>}
      {twins.slice(0, SHOWN).map((twin) => (
        <div className="row-line" key={twin.model}>
          <ModelLink model={twin.model} /> {twin.brand}
          <div className="small soft">{difference(twin)}</div>
        </div>
      ))}
      {twins.length > SHOWN && <div className="row-line small soft">… and {twins.length - SHOWN} more.</div>}
    </section>
  );
}

function difference(twin: Wire["TwinWire"]): string {
  if (twin.differing.length === 0) {
    return "the same parts at every place";
  }
  const where = twin.differing.slice(0, 4).join(", ").replaceAll("-", " ");
  const more = twin.differing.length > 4 ? ` and ${twin.differing.length - 4} more` : "";
  return `other parts at ${where}${more}`;
}
