import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Form, Table } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { percent, sentence } from "../shared/format";
import { UseRow } from "../shared/UseAtCounter";
import { DEGREES, type Field } from "./check";
import { Entries } from "./Entry";
import { Method } from "./Method";
import { type Understood, useEntered, type Values } from "./useEntered";

/** A spec in a word, without its unit. */
const inShort = (spec: string): string => spec.replace(/-(mm|c)$/, "").replaceAll("-", " ");

const METHOD = [
  "Measure the old part; one figure is enough to begin, and the next to measure is named.",
  "A belt: press it flat, measure it and double that for once round; count its ribs. A used one has stretched, which is allowed for.",
  "With the model number, parts that fit the machine come first; its own are always listed.",
];

const EXAMPLE = { type: "drum-belt", values: { "length-mm": "92 1/4 in", ribs: "4" } };

/** The unit that the name of a spec ends with. */
const unitOfSpec = (spec: string): string | undefined =>
  spec.endsWith("-mm") ? "mm" : spec.endsWith("ohms") ? "Ω" : spec.endsWith("-c") ? DEGREES : undefined;

/** Matches the old part by its measures against the catalog. */
export function MatchCard() {
  const [type, setType] = useState("drum-belt");
  const [model, setModel] = useState("");
  const [values, setValues] = useState<Values>({});
  const types = useQuery({
    queryKey: ["match-types"],
    queryFn: ({ signal }) => answer(api.GET("/api/match", { signal })),
    staleTime: Infinity,
  });
  const specs = types.data?.find((t) => t.partType === type)?.specs ?? [];
  const fields = specs.map(({ spec, words }): Field => ({
    name: spec,
    label: words,
    unit: unitOfSpec(spec),
    otherwise: unitOfSpec(spec) === "mm" ? "mm, or 92 1/4 in" : "",
    example: "",
  }));
  const { entered, understood } = useEntered(fields, values);
  const measures = Object.fromEntries(
    fields
      .filter(({ name }) => entered?.word(name).trim())
      .map(({ name, unit }) => [
        name,
        unit ? (entered?.meter(name) ?? "") : (entered?.word(name).trim() ?? ""),
      ]),
  );
  const measured = Object.keys(measures).length > 0;
  const asked = useDeferredValue(JSON.stringify({ type, model: model.trim(), measures }));
  const found = useQuery({
    queryKey: ["match", asked],
    queryFn: ({ signal }) =>
      answer(
        api.POST("/api/match", {
          signal,
          body: { partType: type, measures, model: model.trim() || null, limit: 6 },
        }),
      ),
    enabled: measured,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const nameOf = (spec: string) => specs.find((s) => s.spec === spec)?.words ?? inShort(spec);
  return (
    <div className="card-plain check">
      <span className="bin-tab">Match the old part</span>
      <div className="check-columns">
        <MatchFields
          types={types.data ?? []}
          type={type}
          onType={(other) => {
            setType(other);
            setValues({});
          }}
          fields={fields}
          values={values}
          understood={understood}
          onValues={setValues}
          model={model}
          onModel={setModel}
        />
        <div>
          <div className="outcome" role="status">
            {!measured && <p className="missing">Still needed: one measure of the old part.</p>}
            {found.error && <p className="notice bad">{found.error.message}</p>}
            {!found.error && found.data && measured && (
              <Found match={found.data} nameOf={nameOf} model={model.trim()} />
            )}
          </div>
          <Method
            steps={METHOD}
            onExample={() => {
              setType(EXAMPLE.type);
              setValues(EXAMPLE.values);
            }}
          />
        </div>
      </div>
    </div>
  );
}

type FieldProps = {
  types: Wire["IdentificationMatchableType"][];
  type: string;
  onType: (type: string) => void;
  fields: Field[];
  values: Values;
  understood: Map<string, Understood>;
  onValues: (values: Values) => void;
  model: string;
  onModel: (model: string) => void;
};

function MatchFields(props: FieldProps) {
  const { types, type, onType, fields, values, understood, onValues, model, onModel } = props;
  return (
    <div className="fields">
      <Form.Group controlId="match-type" className="entry">
        <Form.Label>Part type</Form.Label>
        <Form.Select size="sm" value={type} onChange={(event) => onType(event.target.value)}>
          {types.map(({ partType, name }) => (
            <option key={partType} value={partType}>
              {sentence(name)}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Entries fields={fields} values={values} understood={understood} onValues={onValues} />
      <Form.Group controlId="match-model" className="entry">
        <Form.Label>
          From model <span className="soft small">if known</span>
        </Form.Label>
        <Form.Control size="sm" value={model} onChange={(event) => onModel(event.target.value)} />
      </Form.Group>
    </div>
  );
}

type FoundProps = { match: Wire["MatchAnswer"]; nameOf: (spec: string) => string; model: string };

function Found({ match, nameOf, model }: FoundProps) {
  const known = match.candidates.some((c) => typeof c.fits === "boolean");
  return (
    <>
      <Table responsive size="sm">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col" className="numeric">
              Probability
            </th>
            {known && <th scope="col">Machine</th>}
            <th scope="col">Differences</th>
            <th scope="col">Counter</th>
          </tr>
        </thead>
        <tbody>
          {match.candidates.map((c) => (
            <tr key={c.part}>
              <td>
                <span className="code">{c.part}</span> <span className="small soft">{c.maker}</span>
              </td>
              <td className="numeric">{percent(c.probability)}</td>
              {known && <td>{c.fits === true ? "fits" : "does not fit"}</td>}
              <td className="small">
                {c.differences
                  .map(
                    (d) =>
                      `${inShort(d.spec)} ${String(d.listed)}${d.listedInches ? ` mm, ${d.listedInches}` : ""}`,
                  )
                  .join("; ")}
              </td>
              <td>
                <UseRow part={c.part} model={model || undefined} />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {match.next && (
        <p>
          <b>Measure next:</b> {nameOf(match.next.spec).toLowerCase()}; the likeliest parts have{" "}
          {match.next.values.join(", ")}.
        </p>
      )}
      {match.ignored.length > 0 && (
        <p className="small soft">Not in the catalog, ignored: {match.ignored.join(", ")}</p>
      )}
    </>
  );
}
