import { useQuery } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api, type Wire } from "../../shared/api";
import { money } from "../../shared/format";
import { type Machine, sumOf } from "./machines";

type Props = {
  machines: Machine[];
  at: number;
  /** What the line says of another machine. */
  other: Wire["OtherMachine"] | null;
  /** The number of the case at hand, once it is kept. */
  keptNumber: number | null;
  error: Error | null;
  onTake: (index: number) => void;
  onAdd: (other: Wire["OtherMachine"] | null) => void;
};

/** The machines of the visit, where there are several or the line speaks of another. */
export function MachineStrip({ machines, at, other, keptNumber, error, onTake, onAdd }: Props) {
  if (machines.length < 2 && !other) {
    return keptNumber === null ? null : <KeptVisit number={keptNumber} />;
  }
  return (
    <div className="visit-machines" role="group" aria-label="Machines of this visit">
      {machines.length > 1 &&
        machines.map((machine, index) => (
          <span key={index}>
            <Button variant="quiet" size="sm" aria-pressed={index === at} onClick={() => onTake(index)}>
              {index + 1} <b>{machine.name}</b> {money(machine.total)}
              {machine.unread && index !== at && <span className="change"> · cautions not read</span>}
            </Button>{" "}
            {machine.state.kept && index !== at && (
              <Link className="small" to={`/sheet/${machine.state.kept.number}`}>
                sheet of case {machine.state.kept.number}
              </Link>
            )}
          </span>
        ))}
      {machines.length > 1 && (
        <span className="small">
          together <b>{money(sumOf(machines.map((m) => m.total)))}</b>
        </span>
      )}
      {other ? (
        <Button variant="act" size="sm" onClick={() => onAdd(other)}>
          “{other.text}”: add as another machine <kbd>J</kbd>
        </Button>
      ) : (
        <Button variant="quiet" size="sm" onClick={() => onAdd(null)}>
          Add machine <kbd>J</kbd>
        </Button>
      )}
      {error && (
        <span className="notice bad" role="alert">
          {error.message}
        </span>
      )}
    </div>
  );
}

/** The other cases of a visit that was kept before, where it had several machines. */
function KeptVisit({ number }: { number: number }) {
  const visit = useQuery({
    queryKey: ["visit", number],
    queryFn: () => answer(api.GET("/api/cases/{number}/visit", { params: { path: { number } } })),
  });
  if (visit.data === undefined || visit.data.length < 2) {
    return null;
  }
  return (
    <div className="visit-machines small" role="group" aria-label="Machines of this visit">
      Same visit:
      {visit.data
        .filter((of) => of.number !== number)
        .map((of) => (
          <Link key={of.number} to={`/cases/${of.number}`}>
            case {of.number}, {of.model ?? of.line}
          </Link>
        ))}
    </div>
  );
}
