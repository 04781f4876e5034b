import type { Wire } from "../shared/api";
import { ModelLink } from "../shared/NumberLink";

const SHOWN = 8;

/** Equivalent models of other brands, closest first. */
export function EquivalentModels({ twins }: { twins: Wire["TwinWire"][] }) {
  return (
    <section className="card-plain mt-3" aria-label="Equivalent models">
      <span className="bin-tab">Equivalent models</span>
      {twins.length === 0 && <div className="row-line soft">No other brand has an equivalent model.</div>}
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
    return "same parts everywhere";
  }
  const where = twin.differing.slice(0, 4).join(", ").replaceAll("-", " ");
  const more = twin.differing.length > 4 ? ` and ${twin.differing.length - 4} more` : "";
  return `different parts: ${where}${more}`;
}
