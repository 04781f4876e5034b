import type { Wire } from "../shared/api";
import { minutes } from "../shared/format";
import type { Chosen } from "./GuideEntry";
import { isIn } from "./FaultList";

type Props = {
  pack: Wire["FaultGuide"];
  sought: string;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
};

/** All findings and readings; those that the chosen fault shows are marked. */
export function FindingList({ pack, sought, chosen, onChoose }: Props) {
  const linked = new Set(
    chosen?.kind === "fault" ? pack.links.filter((l) => l.fault === chosen.id).map((l) => l.finding) : [],
  );
  return (
    <section aria-label="Findings" className="side">
      <h2>Findings and readings</h2>
      <ul>
        {pack.findings
          .filter((f) => isIn(sought, f.question) || linked.has(f.id) || f.id === chosen?.id)
          .map((finding) => (
            <li key={finding.id}>
              <button
                type="button"
                aria-pressed={chosen?.id === finding.id}
                className={linked.has(finding.id) ? "linked" : undefined}
                onClick={() => onChoose({ kind: "finding", id: finding.id })}
              >
                <span>{finding.question}</span>
                <span className="small soft text-nowrap">{minutes(finding.minutes)}</span>
              </button>
            </li>
          ))}
      </ul>
    </section>
  );
}
