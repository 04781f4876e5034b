import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Form } from "react-bootstrap";
import { BandFigure } from "./BandFigure";
import { type Check, type Field, unitOf, usual, type Values } from "./check";

/** One check: its fields, and the verdict as they are filled in. */
export function CheckCard({ check }: { check: Check }) {
  const [values, setValues] = useState<Values>(() =>
    Object.fromEntries(check.fields.map((field) => [field.name, usual(field)])),
  );
  const settled = useDeferredValue(values);
  const complete = check.fields.every((field) => field.optional || settled[field.name]?.trim());
  const result = useQuery({
    queryKey: ["bench", check.id, settled],
    queryFn: ({ signal }) => check.run(settled, signal),
    enabled: complete,
    placeholderData: keepPreviousData,
    retry: false,
  });
  return (
    <div className="card-plain check">
      <span className="bin-tab">{check.name}</span>
      <div className="check-columns">
        <div className="fields">
          {check.fields.map((field) => (
            <Entry
              key={field.name}
              field={field}
              value={values[field.name] ?? ""}
              onValue={(value) => setValues({ ...values, [field.name]: value })}
            />
          ))}
        </div>
        <div className="outcome" role="status">
          {!complete && <p className="soft">{check.what}. Fill in the fields for a verdict.</p>}
          {complete && result.error && <p className="notice bad">{result.error.message}</p>}
          {complete && !result.error && result.data && <Outcome result={result.data} />}
        </div>
      </div>
    </div>
  );
}

/** A verdict with its band, its reason and what to do next. */
export function Outcome({ result }: { result: Awaited<ReturnType<Check["run"]>> }) {
  const { verdict, band, figures } = result;
  return (
    <>
      <p className="judgment" data-verdict={verdict.verdict}>
        {verdict.verdict.replaceAll("-", " ")}
      </p>
      {band && <BandFigure band={band} />}
      <p>{verdict.why}</p>
      <p>
        <b>Next:</b> {verdict.next}
      </p>
      {figures.length > 0 && (
        <dl>
          {figures.map(([name, value]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="small soft">{verdict.source}</p>
    </>
  );
}

type EntryProps = { field: Field; value: string; onValue: (value: string) => void };

function Entry({ field, value, onValue }: EntryProps) {
  return (
    <Form.Group controlId={`bench-${field.name}`} className="entry">
      <Form.Label>
        {field.label}
        {field.optional && <span className="soft small"> if known</span>}
      </Form.Label>
      {field.choices ? (
        <Form.Select size="sm" value={value} onChange={(event) => onValue(event.target.value)}>
          {field.choices.map(([word, name]) => (
            <option key={word} value={word}>
              {name}
            </option>
          ))}
        </Form.Select>
      ) : (
        <Form.Control size="sm" value={value} onChange={(event) => onValue(event.target.value)} />
      )}
      <span className="small soft">{unitOf(field)}</span>
    </Form.Group>
  );
}
