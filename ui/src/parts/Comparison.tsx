import { useState } from "react";
import { Button, Form, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { keyOf, money } from "../shared/format";
import { specName } from "./words";
import { useComparison } from "./useParts";

const OUTCOMES: Record<Wire["SpecLine"]["outcome"], string> = {
  same: "same",
  exceeds: "higher, allowed",
  differs: "differs",
  "not-known": "not listed for both",
  "does-not-matter": "does not matter",
};

type Props = { part: string; other: string | null; onOther: (part: string | null) => void };

/** Two parts side by side: what differs, whether it matters, and what each contains. */
export function Comparison({ part, other, onOther }: Props) {
  const [typed, setTyped] = useState("");
  const beside = useComparison(keyOf(part), other === null ? null : keyOf(other));
  return (
    <section className="card-plain mt-3" aria-label="Side by side">
      <span className="bin-tab">Side by side</span>
      <Form
        className="row-line d-flex flex-wrap gap-2 align-items-center"
        onSubmit={(event) => {
          event.preventDefault();
          onOther(typed.trim() === "" ? null : typed);
        }}
      >
        <span className="code">{part}</span>
        <label htmlFor="beside">compared with</label>
        <Form.Control
          id="beside"
          size="sm"
          className="beside-number"
          value={typed}
          placeholder={other ?? "another part number"}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button type="submit" variant="quiet" size="sm">
          Compare
        </Button>
        {other !== null && (
          <Button variant="link" size="sm" className="p-0" onClick={() => onOther(null)}>
            Close
          </Button>
        )}
      </Form>
      {beside.error && (
        <div className="notice bad" role="alert">
          {beside.error.message}
        </div>
      )}
      {other !== null && beside.data && <Both both={beside.data} />}
    </section>
  );
}

const price = (amount: string | null | undefined): string => (amount ? money(amount) : "none");

function Both({ both }: { both: Wire["SideBySide"] }) {
  const rows: [string, string, string][] = [
    ["price", price(both.first.price), price(both.second.price)],
    ["maker", both.first.maker, both.second.maker],
    ["in stock, all branches", `${both.first.onHand}`, `${both.second.onHand}`],
  ];
  return (
    <>
      <div className="row-line" role="status">
        <b className={both.interchangeable ? "verdict" : "change"}>
          {both.interchangeable
            ? `${both.second.part} has the same specifications as ${both.first.part}.`
            : `${both.second.part} has different specifications.`}
        </b>{" "}
        <span className="small soft">{both.related.join(". ")}</span>
      </div>
      <Table responsive size="sm">
        <thead>
          <tr>
            <td />
            <th scope="col" className="code">
              {both.first.part}
            </th>
            <th scope="col" className="code">
              {both.second.part}
            </th>
            <th scope="col">Does it matter?</th>
          </tr>
        </thead>
        <tbody>
          {both.specs.map((spec) => (
            <tr key={spec.spec} className={spec.outcome === "differs" ? "differs" : undefined}>
              <th scope="row">{specName(spec.spec)}</th>
              <td>{spec.original ?? "–"}</td>
              <td>{spec.other ?? "–"}</td>
              <td className="small">
                <b>{OUTCOMES[spec.outcome]}</b> <span className="soft">{spec.why}</span>
              </td>
            </tr>
          ))}
          {rows.map(([what, first, second]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{first}</td>
              <td>{second}</td>
              <td />
            </tr>
          ))}
          {both.bag.map((held) => (
            <tr key={held.part.part}>
              <th scope="row">
                contains <span className="code">{held.part.part}</span>
              </th>
              <td>{held.inFirst || "–"}</td>
              <td>{held.inSecond || "–"}</td>
              <td className="small soft">{held.part.name}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  );
}
