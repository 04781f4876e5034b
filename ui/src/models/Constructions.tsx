import { Link } from "react-router";
import { APPLIANCES, sentence } from "../shared/format";
import { MachineDrawing } from "../shared/MachineDrawing";
import { useLayouts } from "../shared/useLayouts";

const NONE = new Map();

/** All constructions, drawn. */
export function Constructions() {
  return (
    <section aria-label="Constructions" className="constructions">
      {APPLIANCES.map((appliance) => (
        <Row key={appliance} appliance={appliance} />
      ))}
    </section>
  );
}

function Row({ appliance }: { appliance: string }) {
  const layouts = useLayouts(appliance);
  return (
    <div>
      <h2>{sentence(appliance)}</h2>
      <div className="thumbs">
        {layouts.map((layout) => (
          <Link
            key={layout.layout}
            to={`/models/constructions/${appliance}/${layout.layout}`}
            className="card-plain"
          >
            <MachineDrawing layout={layout} fuels={layout.fuels.slice(0, 1)} marks={NONE} bare />
            <span className="small">
              {appliance === "dryer" && <b>{layout.layout}</b>} {layout.name}
            </span>
          </Link>
        ))}
      </div>
    </div>
  );
}
