import type { Wire } from "../shared/api";
import { many, when } from "../shared/format";
import { reasonName } from "./reasons";

type Props = { entries: Wire["OutcomeEntry"][] };

/** What was told before; the last counts. */
export function Entries({ entries }: Props) {
  if (entries.length === 0) {
    return null;
  }
  return (
    <section className="card-plain mt-3" aria-label="Told before">
      <span className="bin-tab">Told before</span>
      <ul className="entries">
        {entries.map((entry, i) => (
          <li key={entry.toldAt} className="row-line">
            {when(entry.toldAt)}
            {entry.by && ` by ${entry.by}`}: {entry.fixed ? "fixed" : "not fixed"},{" "}
            {entry.faultName ?? entry.fault ?? "nobody knows what it was"}
            {entry.minutes != null && `, ${many(entry.minutes, "minute")}`}
            {entry.returns.map((r) => `; ${r.quantity} × ${r.part} back: ${reasonName(r.reason)}`)}
            {entry.note && <span className="soft"> “{entry.note}”</span>}
            {i === entries.length - 1 && <b> counts</b>}
          </li>
        ))}
      </ul>
    </section>
  );
}
