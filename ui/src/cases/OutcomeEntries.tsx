import type { Wire } from "../shared/api";
import { many, when } from "../shared/format";
import { reasonName } from "./returnReasons";

type Props = { entries: Wire["OutcomeEntry"][] };

/** Earlier entries of the outcome; the last one counts. */
export function OutcomeEntries({ entries }: Props) {
  if (entries.length === 0) {
    return null;
  }
  return (
    <section className="card-plain mt-3" aria-label="Earlier entries">
      <span className="bin-tab">Earlier entries</span>
      <ul className="entries">
        {entries.map((entry, i) => (
          <li key={entry.toldAt} className="row-line">
            {when(entry.toldAt)}
            {entry.by && ` by ${entry.by}`}: {entry.fixed ? "fixed" : "not fixed"},{" "}
            {entry.faultName ?? entry.fault ?? "fault unknown"}
            {entry.minutes != null && `, ${many(entry.minutes, "minute")}`}
            {entry.returns.map((r) => `; ${r.quantity} × ${r.part} returned: ${reasonName(r.reason)}`)}
            {entry.note && <span className="soft"> “{entry.note}”</span>}
            {i === entries.length - 1 && <b> (current)</b>}
          </li>
        ))}
      </ul>
    </section>
  );
}
