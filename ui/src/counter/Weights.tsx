import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import type { Action } from "./caseState";

type Props = {
  suspects: Wire["SuspectWire"][];
  known: Wire["KnownWire"][];
  act: (action: Action) => void;
};

/** Beyond this a bar is full: 4 doublings of the odds. */
const FULL = 4;

/** How each piece of evidence moved the suspects: to the right for, to the left against. */
export function Weights({ suspects, known, act }: Props) {
  const moved = known.filter((k) => suspects.some((s) => weight(s, k.key) !== 0));
  return (
    <div className="card-plain weights gives" role="region" aria-label="What moved them" tabIndex={0}>
      <table className="table-plain">
        <thead>
          <tr>
            <th scope="col">Evidence</th>
            {suspects.map((suspect, index) => (
              <th key={suspect.id} scope="col">
                <span className="rank">{index + 1}</span> {suspect.name}
              </th>
            ))}
            <th scope="col">
              <span className="visually-hidden">Strike out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {moved.map((piece) => (
            <tr key={piece.key}>
              <th scope="row">{piece.words}</th>
              {suspects.map((suspect) => (
                <td key={suspect.id}>
                  <Move weight={weight(suspect, piece.key)} />
                </td>
              ))}
              <td>
                <Button
                  className="btn-strike"
                  variant="link"
                  aria-label={`Without: ${piece.words}`}
                  onClick={() => act({ kind: "struck", key: piece.key })}
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
          ? "No evidence has moved them: they stand as often as they are met."
          : "By how often the odds were doubled (right, for) or halved (left, against), all else as known."}
      </p>
    </div>
  );
}

const weight = (suspect: Wire["SuspectWire"], key: string): number =>
  suspect.because.find((r) => `finding:${r.finding}` === key)?.weight ?? 0;

function Move({ weight }: { weight: number }) {
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
