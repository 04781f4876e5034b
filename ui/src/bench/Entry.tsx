import { Form } from "react-bootstrap";
import { type Field, unitOf } from "./check";
import type { Understood, Values } from "./useEntered";

type Props = {
  field: Omit<Field, "example"> & { example?: string };
  value: string;
  understood: Understood | undefined;
  onValue: (value: string) => void;
};

/** A field, with its unit until something is entered and then with what is understood, in both units. */
export function Entry({ field, value, understood, onValue }: Props) {
  const id = `bench-${field.name}`;
  const wrong = understood?.error ?? null;
  const beside = understood?.figure ? understood.figure.words : (field.otherwise ?? unitOf(field));
  return (
    <Form.Group controlId={id} className="entry">
      <Form.Label>{field.label}</Form.Label>
      {field.choices ? (
        <Form.Select size="sm" value={value} onChange={(event) => onValue(event.target.value)}>
          <option value="">choose</option>
          {field.choices.map(([word, name]) => (
            <option key={word} value={word}>
              {name}
            </option>
          ))}
        </Form.Select>
      ) : (
        <Form.Control
          size="sm"
          autoComplete="off"
          value={value}
          isInvalid={wrong !== null}
          aria-describedby={`${id}-beside`}
          onChange={(event) => onValue(event.target.value)}
        />
      )}
      <span id={`${id}-beside`} className={wrong ? "small wrong" : "small soft"}>
        {wrong ?? beside}
      </span>
    </Form.Group>
  );
}

type EntriesProps = {
  fields: Field[];
  values: Values;
  understood: Map<string, Understood>;
  onValues: (values: Values) => void;
};

/** All fields of a check. */
export function Entries({ fields, values, understood, onValues }: EntriesProps) {
  return fields.map((field) => (
    <Entry
      key={field.name}
      field={field}
      value={values[field.name] ?? ""}
      understood={understood.get(field.name)}
      onValue={(value) => onValues({ ...values, [field.name]: value })}
    />
  ));
}

/** What is still to be entered, named. */
export function Missing({ labels }: { labels: string[] }) {
  return <p className="missing">Still needed: {labels.map((label) => label.toLowerCase()).join(", ")}.</p>;
}
