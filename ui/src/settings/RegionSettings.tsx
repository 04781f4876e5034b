import { Form } from "react-bootstrap";
import { useTyped } from "../shared/useTyped";
import type { Change, Settings } from "./settings";

type Props = { settings: Settings; onChange: (change: Change) => void };

const REGIONS: [string, string][] = [
  ["united-states", "United States: Letter paper, inches and °F first, MM/DD/YYYY, sales tax added"],
  ["metric", "Metric: A4 paper, millimeters and °C, day before month, tax included in prices"],
];

const CLOCKS: [string, string][] = [
  ["twelve-hours", "12-hour clock (2:30 PM)"],
  ["twenty-four-hours", "24-hour clock (14:30)"],
];

/** Region, clock, and the currency that counts while the catalog has no prices. */
export function RegionSettings({ settings, onChange }: Props) {
  const currency = useTyped(
    settings.currency,
    (text) => onChange({ currency: text.toUpperCase() }),
    (text) => /^[A-Za-z]{3}$/.test(text),
  );
  return (
    <section className="card-plain" aria-label="Region">
      <span className="bin-tab">Region</span>
      <Choices
        name="region"
        choices={REGIONS}
        chosen={settings.region}
        onChoose={(region) => onChange({ region })}
      />
      <Choices
        name="clock"
        choices={CLOCKS}
        chosen={settings.clock}
        onChoose={(clock) => onChange({ clock })}
      />
      <div className="row-line figures-line">
        <div>
          <Form.Label htmlFor="currency">Currency</Form.Label>
          <Form.Control id="currency" size="sm" maxLength={3} {...currency} />
        </div>
        <p className="small soft mb-0">The price list’s currency, once the catalog has prices.</p>
      </div>
    </section>
  );
}

type ChoicesProps = {
  name: string;
  choices: [string, string][];
  chosen: string;
  onChoose: (value: string) => void;
};

function Choices({ name, choices, chosen, onChoose }: ChoicesProps) {
  return (
    <div className="row-line">
      {choices.map(([value, words]) => (
        <Form.Check
          key={value}
          type="radio"
          name={name}
          id={`${name}-${value}`}
          label={words}
          checked={chosen === value}
          onChange={() => onChoose(value)}
        />
      ))}
    </div>
  );
}
