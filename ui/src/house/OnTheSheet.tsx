import { Form } from "react-bootstrap";
import { useBranches } from "../shared/useBranches";
import { useTyped } from "../shared/useTyped";
import type { Change, Rules } from "./rules";

type Props = { rules: Rules; onChange: (change: Change) => void };

/** What the sheet says besides: how the house and its branches are reached, and which unit is told too. */
export function OnTheSheet({ rules, onChange }: Props) {
  const branches = [...new Set([...useBranches(), ...Object.keys(rules.branchContacts)])].sort();
  return (
    <section className="card-plain" aria-label="On the sheet">
      <span className="bin-tab">On the sheet</span>
      <div className="row-line words-grid">
        <Words
          id="contact"
          label="How the house is reached"
          value={rules.contact}
          onValue={(contact) => onChange({ contact })}
        />
        {branches.map((branch) => (
          <Words
            key={branch}
            id={`contact-${branch}`}
            label={`${branch}, where it has its own`}
            value={rules.branchContacts[branch] ?? ""}
            onValue={(words) => onChange({ branchContacts: { [branch]: words } })}
          />
        ))}
      </div>
      <div className="row-line">
        <Form.Check
          type="radio"
          name="metric"
          id="metric-true"
          label="Sizes in inches are told in millimetres too"
          checked={rules.metric}
          onChange={() => onChange({ metric: true })}
        />
        <Form.Check
          type="radio"
          name="metric"
          id="metric-false"
          label="Sizes in millimetres are told in inches too"
          checked={!rules.metric}
          onChange={() => onChange({ metric: false })}
        />
      </div>
    </section>
  );
}

type WordsProps = { id: string; label: string; value: string; onValue: (words: string) => void };

/** Words that take effect when they are left, or with Enter. */
function Words({ id, label, value, onValue }: WordsProps) {
  const field = useTyped(value, onValue);
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control id={id} size="sm" maxLength={200} {...field} />
    </div>
  );
}
