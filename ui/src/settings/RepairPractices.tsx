import { Form } from "react-bootstrap";
import type { Change, Settings } from "./settings";

/** What is done with a requested part that the symptoms speak against; the usual one second. */
const UNLIKELY: [string, string][] = [
  ["sold", "Sell a requested part without a word, whatever the symptoms say"],
  ["noted", "Sell a requested part, and say when the symptoms point elsewhere"],
  ["asked-first", "Ask first when the symptoms point elsewhere; then sell it all the same"],
];

type Practice =
  "genuineOnly" | "replaceAll" | "replaceRings" | "oilShafts" | "testFirst" | "licensedToCustomers";

/** The two choices of each practice; the usual one first. */
const PRACTICES: { rule: Practice; says: [boolean, string][]; note?: string }[] = [
  {
    rule: "genuineOnly",
    says: [
      [false, "Allow parts of the same specification where the catalog lists them as equivalent"],
      [true, "Genuine parts only"],
    ],
    note: "Applies to fits, where-used lists and purchases from now on; cases already handed over do not change.",
  },
  {
    rule: "replaceAll",
    says: [
      [true, "Replace together what wears together: all rollers, both glides, all interlock switches"],
      [false, "Replace only the failed part"],
    ],
  },
  {
    rule: "replaceRings",
    says: [
      [true, "Replace rings and washers with their rollers"],
      [false, "Reuse rings and washers unless they are bent"],
    ],
  },
  {
    rule: "oilShafts",
    says: [
      [true, "Oil roller shafts with a drop of machine oil"],
      [false, "Keep shafts dry: oil collects lint"],
    ],
  },
  {
    rule: "testFirst",
    says: [
      [true, "Test a part before it is sold or replaced"],
      [false, "Replace a part untested when it costs less than a return trip"],
    ],
  },
  {
    rule: "licensedToCustomers",
    says: [
      [false, "Do not sell customers parts that only a licensed technician may fit"],
      [true, "Sell them to customers too, with the caution"],
    ],
  },
];

/** The repair practices of the trade that the house chooses between. */
export function RepairPractices({
  settings,
  onChange,
}: {
  settings: Settings;
  onChange: (change: Change) => void;
}) {
  return (
    <section className="card-plain" aria-label="Repair practices">
      <span className="bin-tab">Repair practices</span>
      {PRACTICES.map(({ rule, says, note }) => (
        <div className="row-line" key={rule}>
          {says.map(([value, words]) => (
            <Form.Check
              key={words}
              type="radio"
              name={rule}
              id={`${rule}-${value}`}
              label={words}
              checked={settings[rule] === value}
              onChange={() => onChange({ [rule]: value })}
            />
          ))}
          {note && <p className="small soft mt-1 mb-0">{note}</p>}
        </div>
      ))}
      <div className="row-line">
        {UNLIKELY.map(([value, words]) => (
          <Form.Check
            key={value}
            type="radio"
            name="unlikelyRequests"
            id={`unlikelyRequests-${value}`}
            label={words}
            checked={settings.unlikelyRequests === value}
            onChange={() => onChange({ unlikelyRequests: value })}
          />
        ))}
      </div>
    </section>
  );
}
