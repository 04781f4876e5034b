import { Form } from "react-bootstrap";
import { useBranches } from "../shared/useBranches";
import { Words } from "./Words";
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
          label="Phone or address of the house"
          value={settings.contact}
          onValue={(contact) => onChange({ contact })}
        />
        {branches.map((branch) => (
          <Words
            key={branch}
            id={`contact-${branch}`}
            label={`Phone or address of ${branch} (optional)`}
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
