import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { minutes, money } from "../shared/format";

type Bag = Wire["SettingsEffectBag"];

/** What the last change does to the calls that are open; told by what taking it back would do. */
export function Effects({ effects }: { effects: Wire["CaseEffect"][] }) {
  if (effects.length === 0) {
    return null;
  }
  return (
    <section className="card-plain effects" aria-label="Effect on open calls">
      <span className="bin-tab">Effect on open calls</span>
      {effects.map(({ number, line, model, effect }) => (
        <div className="row-line" key={number}>
          <Link to={`/cases/${number}`}>Case {number}</Link>{" "}
          <span className="soft">{model ?? `“${line.slice(0, 60)}”`}</span>
          <div>
            Before: <Held bag={effect.after} />
          </div>
          <div>
            <b>Now:</b> <Held bag={effect.before} />
          </div>
        </div>
      ))}
    </section>
  );
}

function Held({ bag }: { bag: Bag }) {
  return (
    <>
      {bag.lines.length === 0 && "nothing is sold"}
      {bag.lines.map(({ part, quantity }, index) => (
        <span key={part}>
          {index > 0 && ", "}
          {quantity > 1 && `${quantity} × `}
          <span className="code">{part}</span>
        </span>
      ))}
      {bag.total && ` · ${money(bag.total)}`}
      {bag.minutes && ` · ${minutes(bag.minutes)}`}
      {bag.withheld.length > 0 && ` · not sold: ${bag.withheld.join(", ")}`}
    </>
  );
}
