import { Form } from "react-bootstrap";
import { useBranches } from "../shared/useBranches";
import { useTyped } from "../shared/useTyped";
import type { Change, Settings } from "./settings";

type Props = { settings: Settings; onChange: (change: Change) => void };

/** Contacts and units on the repair sheet. */
export function SheetSettings({ settings, onChange }: Props) {
  const branches = [...new Set([...useBranches(), ...Object.keys(settings.branchContacts)])].sort();
  return (
    <section className="card-plain" aria-label="Repair sheet">
      <span className="bin-tab">Repair sheet</span>
      <div className="row-line words-grid">
        <Words
          id="contact"
          label="Contact of the house"
          value={settings.contact}
          onValue={(contact) => onChange({ contact })}
        />
        {branches.map((branch) => (
          <Words
            key={branch}
            id={`contact-${branch}`}
            label={`Contact of ${branch} (optional)`}
            value={settings.branchContacts[branch] ?? ""}
            onValue={(words) => onChange({ branchContacts: { [branch]: words } })}
          />
        ))}
      </div>
      <div className="row-line">
        <Form.Check
          type="radio"
          name="second-unit"
          id="second-unit-millimeter"
          label="Show millimeters beside sizes in inches"
          checked={settings.secondUnit === "millimeter"}
          onChange={() => onChange({ secondUnit: "millimeter" })}
        />
        <Form.Check
          type="radio"
          name="second-unit"
          id="second-unit-inch"
          label="Show inches beside sizes in millimeters"
          checked={settings.secondUnit === "inch"}
          onChange={() => onChange({ secondUnit: "inch" })}
        />
      </div>
    </section>
  );
}

type WordsProps = { id: string; label: string; value: string; onValue: (words: string) => void };

/** A text field that takes effect when it loses the focus, or with Enter. */
function Words({ id, label, value, onValue }: WordsProps) {
  const field = useTyped(value, onValue);
  return (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control id={id} size="sm" maxLength={200} {...field} />
    </div>
  );
}
