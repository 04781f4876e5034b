import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useId, useState } from "react";
import { Button, Form } from "react-bootstrap";
import type { Wire } from "./api";
import { degreesUnit, readFigure } from "./figure";
import "./condition.css";

/** What stands beside a reading. */
export type Beside = Pick<Wire["MeasuredWire"], "celsius" | "volts" | "watts" | "kind">;

type Props = {
  need: NonNullable<Wire["JudgedReading"]["need"]>;
  /** Kinds to choose from, where the kind is needed. */
  choices: string[];
  onSet: (beside: Beside) => void;
};

/** Asks for the one thing that a reading's verdict hangs on: the room's temperature, the nameplate, or the kind of part. */
export function MissingCondition({ need, choices, onSet }: Props) {
  if (need === "kind") {
    return (
      <div className="d-flex flex-wrap align-items-center gap-1 mt-1">
        <span className="small">Which kind is it?</span>
        {choices.map((kind) => (
          <Button key={kind} variant="quiet" size="sm" onClick={() => onSet({ kind })}>
            {kind}
          </Button>
        ))}
      </div>
    );
  }
  return need === "celsius" ? (
    <Figures
      ask="How warm is the room?"
      fields={[{ label: "Room temperature", unit: degreesUnit() }]}
      onSet={([celsius]) => onSet({ celsius })}
    />
  ) : (
    <Figures
      ask="What does its nameplate say?"
      fields={[
        { label: "Nameplate volts", unit: "V" },
        { label: "Nameplate watts", unit: "W" },
      ]}
      onSet={([volts, watts]) => onSet({ volts, watts })}
    />
  );
}

type FiguresProps = {
  ask: string;
  fields: { label: string; unit: string }[];
  onSet: (figures: number[]) => void;
};

function Figures({ ask, fields, onSet }: FiguresProps) {
  const id = useId();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const read = useMutation({
    mutationFn: () => Promise.all(fields.map(({ unit }) => readFigure(typed[unit] ?? "", unit))),
    onSuccess: (figures) => onSet(figures.map(({ value }) => value ?? Number.NaN)),
  });
  const put = (event: FormEvent) => {
    event.preventDefault();
    read.mutate();
  };
  return (
    <Form className="condition small mt-1" onSubmit={put}>
      <div className="w-100">{ask}</div>
      {fields.map((field) => (
        <span key={field.unit} className="d-inline-flex align-items-center gap-1">
          <Form.Label htmlFor={`${id}-${field.unit}`} className="visually-hidden">
            {field.label}
          </Form.Label>
          <Form.Control
            id={`${id}-${field.unit}`}
            size="sm"
            autoComplete="off"
            value={typed[field.unit] ?? ""}
            onChange={(event) => setTyped({ ...typed, [field.unit]: event.target.value })}
          />
          {field.unit}
        </span>
      ))}
      <Button type="submit" variant="quiet" size="sm">
        Use
      </Button>
      {read.error && (
        <div className="w-100 wrong" role="alert">
          {read.error.message}
        </div>
      )}
    </Form>
  );
}
