import { useState } from "react";
import { Button, Form, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { many } from "../shared/format";
import { keyOfProposal } from "./keyOfProposal";
import { ProposalRow } from "./ProposalRow";

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
  ["confusion", "what a character is taken for"],
  ["slip", "what else goes wrong with a tag"],
  ["popularity", "which models come"],
];

/** What is proposed: before, after, where it lies, and from how many cases. */
export function Proposals({ proposals, chosen, onChoose }: Props) {
  const [kind, setKind] = useState("");
  const [telling, setTelling] = useState(true);
  const [declined, setDeclined] = useState(false);
  const [all, setAll] = useState(false);
  const [opened, setOpened] = useState<string | null>(null);
  const unwanted = proposals.filter((p) => p.declined != null).length;
  const wanted = proposals.filter(
    (p) => (kind === "" || p.kind === kind) && (!telling || p.telling) && (p.declined != null) === declined,
  );
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
        {unwanted > 0 && (
          <Form.Check
            id="declined"
            label={`the ${many(unwanted, "one")} declined`}
            checked={declined}
            onChange={() => setDeclined(!declined)}
          />
        )}
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
              <ProposalRow
                key={keyOfProposal(p)}
                proposal={p}
                chosen={chosen.includes(keyOfProposal(p))}
                onToggle={() => toggle(keyOfProposal(p))}
                opened={opened === keyOfProposal(p)}
                onOpen={() => setOpened(opened === keyOfProposal(p) ? null : keyOfProposal(p))}
              />
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
