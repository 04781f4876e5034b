import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { minutes, percent } from "../shared/format";
import { Sayings } from "./Sayings";

/** The chosen entry: a fault or a finding. */
export type Chosen = { kind: "fault" | "finding"; id: string } | null;

type Props = { pack: Wire["FaultGuide"]; chosen: Chosen; onChoose: (chosen: Chosen) => void };

/** Everything known about the chosen entry: its links with their strength and basis. */
export function GuideEntry({ pack, chosen, onChoose }: Props) {
  const fault = chosen?.kind === "fault" ? pack.faults.find((f) => f.id === chosen.id) : undefined;
  const finding = chosen?.kind === "finding" ? pack.findings.find((f) => f.id === chosen.id) : undefined;
  return (
    <section aria-label="Entry" className="card-plain everything">
      {fault && <FaultEntry pack={pack} fault={fault} onChoose={onChoose} />}
      {finding && <FindingEntry pack={pack} finding={finding} onChoose={onChoose} />}
    </section>
  );
}

const basis = (source: string) => source.replaceAll("-", " ");

function FaultEntry({
  pack,
  fault,
  onChoose,
}: Pick<Props, "pack" | "onChoose"> & { fault: Wire["FaultGuideKnownFault"] }) {
  const causes = pack.faults.filter((f) => f.causedBy.some((c) => c.fault === fault.id));
  return (
    <>
      <h2>{fault.name}</h2>
      <p className="small soft">
        {fault.part} · {percent(fault.prior)} of machines with a complaint at 8 years · {basis(fault.basis)}
        {fault.fuels.length < 3 && ` · ${fault.fuels.join(", ").replaceAll("-", " ")} only`}
      </p>
      <h3>Symptoms</h3>
      <Links
        rows={pack.links
          .filter((l) => l.fault === fault.id)
          .map((l) => {
            const finding = pack.findings.find((f) => f.id === l.finding);
            const words = finding?.answers.find((a) => a.answer === l.answer)?.words ?? l.finding;
            return { ...l, words, go: () => onChoose({ kind: "finding", id: l.finding }) };
          })}
      />
      {fault.causedBy.length > 0 && (
        <>
          <h3>Caused by</h3>
          <Links
            rows={fault.causedBy.map((c) => ({
              ...c,
              words: c.name,
              go: () => onChoose({ kind: "fault", id: c.fault }),
            }))}
          />
        </>
      )}
      {causes.length > 0 && (
        <p className="small">
          Causes:{" "}
          {causes.map((f) => (
            <Button
              key={f.id}
              variant="link"
              size="sm"
              className="p-0 me-2"
              onClick={() => onChoose({ kind: "fault", id: f.id })}
            >
              {f.name}
            </Button>
          ))}
        </p>
      )}
    </>
  );
}

function FindingEntry({
  pack,
  finding,
  onChoose,
}: Pick<Props, "pack" | "onChoose"> & { finding: Wire["FaultGuideKnownFinding"] }) {
  return (
    <>
      <h2>{finding.question}</h2>
      <p className="small soft">
        {minutes(finding.minutes)} · {finding.who}
        {finding.opens && ` · opens ${finding.opens}`}
        {finding.good && ` · good: ${finding.good}`} · {basis(finding.basis)}
      </p>
      {finding.hint && <p className="small">{finding.hint}</p>}
      {finding.answers.map((given) => {
        const rows = pack.links
          .filter((l) => l.finding === finding.id && l.answer === given.answer)
          .map((l) => ({
            ...l,
            words: pack.faults.find((f) => f.id === l.fault)?.name ?? l.fault,
            go: () => onChoose({ kind: "fault", id: l.fault }),
          }));
        return (
          <div key={given.answer}>
            <h3>
              {given.words}
              {given.leak > 0 && (
                <span className="small soft"> · {percent(given.leak)} without any of these faults</span>
              )}
            </h3>
            {rows.length === 0 ? (
              <p className="small soft">The answer when no fault causes another one.</p>
            ) : (
              <Links rows={rows} />
            )}
          </div>
        );
      })}
      {finding.good === null && <Sayings key={finding.id} appliance={pack.appliance} finding={finding} />}
    </>
  );
}

type Row = { words: string; strength: number; basis: string; through?: string | null; go: () => void };

function Links({ rows }: { rows: Row[] }) {
  return (
    <ul className="links">
      {[...rows]
        .sort((a, b) => b.strength - a.strength)
        .map((row) => (
          <li key={row.words + (row.through ?? "")}>
            <button type="button" onClick={row.go}>
              <span>
                {row.words}
                {row.through && <span className="small soft"> · {row.through}</span>}
              </span>
              <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                <rect width={100 * row.strength} height="10" className="bar first" />
              </svg>
              <span className="numeric">{percent(row.strength)}</span>
              <span className="small soft">{basis(row.basis)}</span>
            </button>
          </li>
        ))}
    </ul>
  );
}
