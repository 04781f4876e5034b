import { useQuery } from "@tanstack/react-query";
import { Button, Table } from "react-bootstrap";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { fuelName, many } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { useKeys } from "../shared/useKeys";
import "./parts.css";
import { viaName } from "./words";

/** The models of other brands that take the parts of a case, to print or to export. */
export function CompatiblePage() {
  const [asked] = useSearchParams();
  const navigate = useNavigate();
  const model = asked.get("model") ?? undefined;
  const part = asked.getAll("part");
  const found = useQuery({
    queryKey: ["compatible", model, part],
    queryFn: () => answer(api.GET("/api/compatible", { params: { query: { model, part } } })),
    enabled: part.length > 0,
  });
  useKeys({ p: () => window.print(), b: () => void navigate(-1) });
  return (
    <>
      <Masthead>
        <Button variant="link" size="sm" onClick={() => void navigate(-1)}>
          Back <kbd>B</kbd>
        </Button>
        <a href={`/api/compatible.csv?${asked.toString()}`}>CSV</a>
        <Button variant="act" size="sm" onClick={() => window.print()}>
          Print <kbd>P</kbd>
        </Button>
      </Masthead>
      <main id="main" className="place lists parts">
        <h1>Models of other brands that take these parts</h1>
        {part.length === 0 && (
          <p className="soft">No part was named. Open this page from a case with parts in its bag.</p>
        )}
        {found.error && (
          <div className="notice bad" role="alert">
            {found.error.message}
          </div>
        )}
        {found.isLoading && <p className="soft">Searching the catalog …</p>}
        {found.data && <Compatible found={found.data} model={model} />}
      </main>
    </>
  );
}

function Compatible({ found, model }: { found: Wire["CompatibleAnswer"]; model: string | undefined }) {
  return (
    <section className="card-plain" aria-label="Models">
      <div className="row-line">
        <b>{many(found.total, "model")}</b>
        {model ? (
          <>
            {" "}
            of other brands than that of <span className="code">{model}</span>
          </>
        ) : null}
        {found.total > found.models.length
          ? `; the first ${found.models.length} are listed, all are in the CSV`
          : ""}
      </div>
      <Table responsive size="sm">
        <thead>
          <tr>
            <th scope="col">Model</th>
            <th scope="col">Brand</th>
            {found.parts.map((part) => (
              <th scope="col" key={part.part}>
                <span className="code">{part.part}</span> <span className="fw-normal">{part.name}</span>
              </th>
            ))}
            {model && <th scope="col">Different parts</th>}
          </tr>
        </thead>
        <tbody>
          {found.models.map((line) => (
            <tr key={line.model}>
              <td className="code">{line.model}</td>
              <td className="small">
                {line.brand} {line.fuel ? <span className="soft">{fuelName(line.fuel)}</span> : null}
              </td>
              {found.parts.map((part) => (
                <td className="small" key={part.part}>
                  <Taken via={line.via[part.part]} />
                </td>
              ))}
              {model && <td className="small">{differing(line.differing)}</td>}
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

function Taken({ via }: { via: Wire["UsedModel"]["via"] | undefined }) {
  return via ? <>✓ {viaName(via)}</> : <>–</>;
}

function differing(places: string[] | null | undefined): string {
  if (!places) {
    return "different construction";
  }
  return places.length === 0 ? "none: equivalent model" : places.join(", ").replaceAll("-", " ");
}
