import type { Wire } from "../shared/api";
import { percent } from "../shared/format";
import type { Chosen } from "./GuideEntry";

type Props = {
  pack: Wire["FaultGuide"];
  sought: string;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
};

/** Whether what is sought is in one of the texts; nothing sought is in all. */
export const isIn = (sought: string, ...texts: string[]): boolean =>
  texts.some((text) => text.toLowerCase().includes(sought.trim().toLowerCase()));

/** All faults; those that lead to the chosen finding are marked. */
export function FaultList({ pack, sought, chosen, onChoose }: Props) {
  const linked = new Set(
    chosen?.kind === "finding" ? pack.links.filter((l) => l.finding === chosen.id).map((l) => l.fault) : [],
  );
  return (
    <section aria-label="Faults" className="side">
      <h2>Faults</h2>
      <ul>
        {pack.faults
          .filter((f) => isIn(sought, f.name, f.part) || linked.has(f.id) || f.id === chosen?.id)
          .map((fault) => (
            <li key={fault.id}>
              <button
                type="button"
                aria-pressed={chosen?.id === fault.id}
                className={linked.has(fault.id) ? "linked" : undefined}
                onClick={() => onChoose({ kind: "fault", id: fault.id })}
              >
                <span>{fault.name}</span>
                <span className="numeric small soft">{percent(fault.prior)}</span>
              </button>
            </li>
          ))}
      </ul>
    </section>
  );
}
