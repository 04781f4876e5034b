import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import type { Action } from "../casefile/caseState";

type Props = {
  suspects: Wire["Suspect"][];
  known: Wire["KnownFact"][];
  act: (action: Action) => void;
};

/** A bar is full at this weight: 4 doublings of the odds. */
const FULL = 4;

/** How strongly each known fact speaks for (right) or against (left) each suspect. */
export function Why({ suspects, known, act }: Props) {
  const moved = known.filter((k) => suspects.some((s) => weight(s, k.key) !== 0));
  return (
    <div className="card-plain weights gives" role="region" aria-label="Why?" tabIndex={0}>
      <table className="table-plain">
        <thead>
          <tr>
            <th scope="col">Known</th>
            {suspects.map((suspect, index) => (
              <th key={suspect.id} scope="col">
                <span className="rank">{index + 1}</span> {suspect.name}
              </th>
            ))}
            <th scope="col">
              <span className="visually-hidden">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {moved.map((piece) => (
            <tr key={piece.key}>
              <th scope="row">{piece.words}</th>
              {suspects.map((suspect) => (
                <td key={suspect.id}>
                  <WeightBar weight={weight(suspect, piece.key)} />
                </td>
              ))}
              <td>
                <Button
                  className="btn-strike"
                  variant="link"
                  aria-label={`Remove: ${piece.words}`}
                  onClick={() => act({ kind: "excluded", key: piece.key })}
                >
                  ✕
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="small soft m-0">
        {moved.length === 0
          ? "Nothing is known yet: each fault is as likely as it is common."
          : "Right speaks for the fault, left against it. Each step of 1.0 doubles or halves the odds, all else being equal."}
      </p>
    </div>
  );
}

const weight = (suspect: Wire["Suspect"], key: string): number =>
  suspect.because.find((r) => `finding:${r.finding}` === key)?.weight ?? 0;

function WeightBar({ weight }: { weight: number }) {
  if (weight === 0) {
    return <span className="soft">·</span>;
  }
  const length = (50 * Math.min(FULL, Math.abs(weight))) / FULL;
  return (
    <span className="move">
      <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
        <rect
          x={weight > 0 ? 50 : 50 - length}
          width={length}
          height="10"
          className={weight > 0 ? "bar first" : "bar against"}
        />
        <path d="M50 0V10" className="axis" />
      </svg>
      <span className="small">
        {weight > 0 ? "for" : "against"} {Math.abs(weight).toFixed(1)}
      </span>
    </span>
  );
}
