import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Form, Table } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { percent, sentence } from "../shared/format";
import { UseRow } from "../shared/UseAtCounter";

/** A spec in a word, without its unit. */
const inShort = (spec: string): string => spec.replace(/-(mm|c)$/, "").replaceAll("-", " ");

/** Matches the old part by its measures against the catalog. */
export function MatchCard() {
  const [type, setType] = useState("drum-belt");
  const [model, setModel] = useState("");
  const [values, setValues] = useState<Record<string, string>>({});
  const types = useQuery({
    queryKey: ["match-types"],
    queryFn: ({ signal }) => answer(api.GET("/api/match", { signal })),
    staleTime: Infinity,
  });
  const asked = useDeferredValue(JSON.stringify({ type, model: model.trim(), values }));
  const measures = Object.fromEntries(Object.entries(values).filter(([, value]) => value.trim() !== ""));
  const found = useQuery({
    queryKey: ["match", asked],
    queryFn: ({ signal }) =>
      answer(
        api.POST("/api/match", {
          signal,
          body: { partType: type, measures, model: model.trim() || null, limit: 6 },
        }),
      ),
    enabled: Object.keys(measures).length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const specs = types.data?.find((t) => t.partType === type)?.specs ?? [];
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
          specs={specs}
          values={values}
          onValues={setValues}
          model={model}
          onModel={setModel}
        />
        <div className="outcome" role="status">
          {Object.keys(measures).length === 0 && (
            <p className="soft">
              Measure the old part; one figure is enough to begin. A used belt has stretched, which is allowed
              for.
            </p>
          )}
          {found.error && <p className="notice bad">{found.error.message}</p>}
          {!found.error && found.data && Object.keys(measures).length > 0 && (
            <Found match={found.data} nameOf={nameOf} />
          )}
        </div>
      </div>
    </div>
  );
}

type FieldProps = {
  types: Wire["IdentificationMatchableType"][];
  type: string;
  onType: (type: string) => void;
  specs: Wire["IdentificationMeasure"][];
  values: Record<string, string>;
  onValues: (values: Record<string, string>) => void;
  model: string;
  onModel: (model: string) => void;
};

function MatchFields({ types, type, onType, specs, values, onValues, model, onModel }: FieldProps) {
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
      {specs.map(({ spec, words }) => (
        <Form.Group key={spec} controlId={`match-${spec}`} className="entry">
          <Form.Label>{words}</Form.Label>
          <Form.Control
            size="sm"
            value={values[spec] ?? ""}
            onChange={(event) => onValues({ ...values, [spec]: event.target.value })}
          />
          <span className="small soft">{spec.endsWith("-mm") ? "mm, or 92 1/4 in" : ""}</span>
        </Form.Group>
      ))}
      <Form.Group controlId="match-model" className="entry">
        <Form.Label>
          From model <span className="soft small">if known</span>
        </Form.Label>
        <Form.Control size="sm" value={model} onChange={(event) => onModel(event.target.value)} />
      </Form.Group>
    </div>
  );
}

function Found({ match, nameOf }: { match: Wire["MatchAnswer"]; nameOf: (spec: string) => string }) {
  const known = match.candidates.some((c) => typeof c.fits === "boolean");
  return (
    <>
      <Table size="sm">
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
                <UseRow part={c.part} />
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
