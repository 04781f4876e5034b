import { Form } from "react-bootstrap";
import type { Change, Rules } from "./rules";

type School = "genuineOnly" | "renewAll" | "renewRings" | "oilShafts" | "testFirst";

/** What each school says, as the rule has it on and off; the usual one first. */
const SCHOOLS: { rule: School; says: [boolean, string][]; note?: string }[] = [
  {
    rule: "genuineOnly",
    says: [
      [false, "A part of the same specification will do, where the catalogue allows it"],
      [true, "Genuine parts only"],
    ],
    note: "Holds for fits, for where a part is used and for baskets, from now on; cases that were handed over stay as they are.",
  },
  {
    rule: "renewAll",
    says: [
      [true, "What wears together is renewed together: all rollers, both glides, all interlock switches"],
      [false, "The failed one alone"],
    ],
  },
  {
    rule: "renewRings",
    says: [
      [true, "Rings and washers are renewed with their wheels"],
      [false, "Rings and washers go in again, unless they are bent"],
    ],
  },
  {
    rule: "oilShafts",
    says: [
      [true, "A drop of machine oil on the shaft of a wheel"],
      [false, "Shafts stay dry: oil draws lint"],
    ],
  },
  {
    rule: "testFirst",
    says: [
      [true, "A part is measured before it is sold, and before it is exchanged"],
      [false, "A part that costs less than a second visit is exchanged untested"],
    ],
  },
];

/** Between which of the trade's schools the house has chosen. */
export function Schools({ rules, onChange }: { rules: Rules; onChange: (change: Change) => void }) {
  return (
    <section className="card-plain" aria-label="Schools">
      <span className="bin-tab">Schools</span>
      {SCHOOLS.map(({ rule, says, note }) => (
        <div className="row-line" key={rule}>
          {says.map(([value, words]) => (
            <Form.Check
              key={words}
              type="radio"
              name={rule}
              id={`${rule}-${value}`}
              label={words}
              checked={rules[rule] === value}
              onChange={() => onChange({ [rule]: value })}
            />
          ))}
          {note && <p className="small soft mt-1 mb-0">{note}</p>}
        </div>
      ))}
    </section>
  );
}
