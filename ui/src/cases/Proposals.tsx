import { useState } from "react";
import { Button, Form, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { keyOfProposal } from "./keyOfProposal";
import { ProposalRow } from "./ProposalRow";

type Proposal = Wire["LearningServiceSuggested"];
type Props = { proposals: Proposal[]; chosen: string[]; onChoose: (chosen: string[]) => void };

/** How many are shown at first. */
const AT_FIRST = 40;

const KINDS: [string, string][] = [
  ["", "all kinds"],
  ["link", "symptoms of a fault"],
  ["leak", "symptoms without a fault"],
  ["rate", "how common faults are"],
  ["life", "how long parts last"],
  ["sensitivity", "failed parts that read bad"],
  ["specificity", "sound parts that read good"],
  ["minutes", "repair times"],
  ["confusion", "confused characters on tags"],
  ["slip", "other tag reading errors"],
  ["popularity", "how common models are"],
  ["saying", "what callers mean"],
];

/** The suggested updates in sentences, with the interval and how many cases support them. */
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
      <div className="d-flex flex-wrap gap-3 align-items-center mb-2">
        <KindChoice kind={kind} onKind={setKind} />
        <Form.Check
          id="telling"
          label="Significant differences only"
          checked={telling}
          onChange={() => setTelling(!telling)}
        />
        {unwanted > 0 && (
          <Form.Check
            id="declined"
            label={`${unwanted} declined`}
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
          Select all {wanted.length}
        </Button>
      </div>
      {wanted.length === 0 && (
        <p className="card-plain p-4">No suggestion: the cases agree with the fault guide.</p>
      )}
      {wanted.length > 0 && (
        <Table responsive size="sm" className="card-plain proposals">
          <ProposalHead />
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

function KindChoice({ kind, onKind }: { kind: string; onKind: (kind: string) => void }) {
  return (
    <Form.Select
      size="sm"
      className="w-auto"
      aria-label="Kind"
      value={kind}
      onChange={(e) => onKind(e.target.value)}
    >
      {KINDS.map(([slug, words]) => (
        <option key={slug} value={slug}>
          {words}
        </option>
      ))}
    </Form.Select>
  );
}

function ProposalHead() {
  return (
    <thead>
      <tr>
        <th scope="col">
          <span className="visually-hidden">Accept</span>
        </th>
        <th scope="col">Suggestion</th>
        <th scope="col" className="numeric">
          95% interval
        </th>
        <th scope="col" className="numeric">
          Cases
        </th>
      </tr>
    </thead>
  );
}
