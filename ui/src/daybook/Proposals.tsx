import { useState } from "react";
import { Button, Form, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { percent } from "../shared/format";
import { keyOfProposal } from "./keyOfProposal";

type Proposal = Wire["ProposalWire"];
type Props = { proposals: Proposal[]; chosen: string[]; onChoose: (chosen: string[]) => void };

/** So many are shown at first. */
const AT_FIRST = 40;

const KINDS: [string, string][] = [
  ["", "all"],
  ["link", "what a fault shows"],
  ["leak", "what is met without a fault"],
  ["rate", "how common a fault is"],
  ["life", "how long parts last"],
  ["sensitivity", "a failed part reads bad"],
  ["specificity", "a sound part reads good"],
  ["minutes", "how long work takes"],
];

/** A figure in the unit of its kind. */
function figure(kind: string, value: number): string {
  if (kind === "life") {
    return `${value.toFixed(1)} years`;
  }
  if (kind === "minutes") {
    return `× ${value.toFixed(2)}`;
  }
  return value < 0.1 ? `${(100 * value).toFixed(1)}\u00a0%` : percent(value);
}

/** What is proposed: before, after, where it lies, and from how many cases. */
export function Proposals({ proposals, chosen, onChoose }: Props) {
  const [kind, setKind] = useState("");
  const [telling, setTelling] = useState(true);
  const [all, setAll] = useState(false);
  const wanted = proposals.filter((p) => (kind === "" || p.kind === kind) && (!telling || p.telling));
  const shown = all ? wanted : wanted.slice(0, AT_FIRST);
  const toggle = (key: string) =>
    onChoose(chosen.includes(key) ? chosen.filter((other) => other !== key) : [...chosen, key]);
  return (
    <>
      <div className="d-flex gap-3 align-items-center mb-2">
        <Form.Select
          size="sm"
          className="w-auto"
          aria-label="Which"
          value={kind}
          onChange={(e) => setKind(e.target.value)}
        >
          {KINDS.map(([slug, words]) => (
            <option key={slug} value={slug}>
              {words}
            </option>
          ))}
        </Form.Select>
        <Form.Check
          id="telling"
          label="only where what is believed lies outside of where it is"
          checked={telling}
          onChange={() => setTelling(!telling)}
        />
        <Button
          variant="quiet"
          size="sm"
          disabled={wanted.length === 0}
          onClick={() => onChoose(wanted.map(keyOfProposal))}
        >
          Tick all {wanted.length}
        </Button>
      </div>
      {wanted.length === 0 && (
        <p className="card-plain p-4">Nothing of this kind: the cases say what the packs say.</p>
      )}
      {wanted.length > 0 && (
        <Table size="sm" className="card-plain proposals">
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Accept</span>
              </th>
              <th scope="col">Of what</th>
              <th scope="col" className="numeric">
                Believed
              </th>
              <th scope="col" className="numeric">
                With the cases
              </th>
              <th scope="col" className="numeric">
                Lies between
              </th>
              <th scope="col" className="numeric">
                Cases
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.map((p) => (
              <tr key={keyOfProposal(p)}>
                <td>
                  <Form.Check
                    aria-label={`Accept: ${p.words}`}
                    checked={chosen.includes(keyOfProposal(p))}
                    onChange={() => toggle(keyOfProposal(p))}
                  />
                </td>
                <td>
                  {p.words} <span className="small soft">{p.appliance}</span>
                </td>
                <td className="numeric">
                  {figure(p.kind, p.before)}
                  {p.inForce != null && <div className="small soft">learnt: {figure(p.kind, p.inForce)}</div>}
                </td>
                <td className="numeric">
                  <b>{figure(p.kind, p.after)}</b>
                </td>
                <td className="numeric">
                  {figure(p.kind, p.low)} and {figure(p.kind, p.high)}
                </td>
                <td className="numeric">
                  {p.seen} of {p.of}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      {shown.length < wanted.length && (
        <Button variant="quiet" size="sm" onClick={() => setAll(true)}>
          Show the other {wanted.length - shown.length}
        </Button>
      )}
    </>
  );
}
