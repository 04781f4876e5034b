import { Button, Form } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { percent, when } from "../shared/format";

type Proposal = Wire["LearningServiceSuggested"];
type Props = {
  proposal: Proposal;
  chosen: boolean;
  onToggle: () => void;
  /** Whether the supporting cases are shown. */
  opened: boolean;
  onOpen: () => void;
};

const TIMES = ["minutes", "popularity"];

/** A figure in the unit of its kind. */
function figure(kind: string, value: number): string {
  if (kind === "life") {
    return `${value.toFixed(1)} years`;
  }
  if (kind === "saying") {
    return value === 0 ? "not known" : value === 1 ? "said" : percent(value);
  }
  if (TIMES.includes(kind)) {
    return `× ${value.toFixed(2)}`;
  }
  return value < 0.1 ? `${(100 * value).toFixed(value < 0.001 ? 2 : 1)}%` : percent(value);
}

/** One suggestion in sentences, its interval, and the supporting cases. */
export function ProposalRow({ proposal: p, chosen, onToggle, opened, onOpen }: Props) {
  return (
    <>
      <tr>
        <td>
          <Form.Check aria-label={`Select: ${p.words}`} checked={chosen} onChange={onToggle} />
        </td>
        <td>
          {p.sentence} <span className="small soft">{p.appliance ?? "all appliances"}</span>
          {p.inForce != null && (
            <div className="small soft">in use since an earlier update: {figure(p.kind, p.inForce)}</div>
          )}
          {p.declined && (
            <div className="small soft">
              declined by {p.declined.by}, {when(p.declined.at)}
            </div>
          )}
        </td>
        <td className="numeric">
          {figure(p.kind, p.low)} to {figure(p.kind, p.high)}
        </td>
        <td className="numeric text-nowrap">
          <Button variant="link" size="sm" className="p-0" aria-expanded={opened} onClick={onOpen}>
            {p.seen} of {p.of}
          </Button>
        </td>
      </tr>
      {opened && (
        <tr className="behind">
          <td />
          <td colSpan={3}>
            <Cases words="Cases for it:" cases={p.seenIn} />
            <Cases words="Cases against it:" cases={p.others} />
          </td>
        </tr>
      )}
    </>
  );
}

/** At most this many case numbers are listed. */
const MOST_CASES = 20;

function Cases({ words, cases }: { words: string; cases: number[] }) {
  return cases.length === 0 ? null : (
    <div>
      <b>{words}</b>{" "}
      {cases.map((number) => (
        <Link key={number} to={`/cases/${number}/history`} className="code">
          {number}
        </Link>
      ))}
      {cases.length === MOST_CASES && <span className="soft">(last {MOST_CASES})</span>}
    </div>
  );
}
