import { useDeferredValue, useState } from "react";
import { Form } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import type { Wire } from "../shared/api";
import { many, percent } from "../shared/format";
import { useLookedAt } from "../shared/lookedAt";
import { Masthead } from "../shared/Masthead";
import { NumberList } from "../shared/NumberList";
import { useKeys } from "../shared/useKeys";
import { useSales } from "../shared/useSales";
import { Constructions } from "./Constructions";
import { ModelView } from "./Model";
import "./models.css";
import { EquivalentModels } from "./EquivalentModels";
import { useModel, useNamed } from "./useModel";
import { modelPage } from "../shared/routes";

const ID = "model-number";

/** Models: found by number, with their parts by place and equivalent models. */
export function ModelsPage() {
  const { model } = useParams();
  const [typed, setTyped] = useState("");
  const named = useNamed(useDeferredValue(typed));
  const found = useModel(model);
  const navigate = useNavigate();
  const lookedAt = useLookedAt("model", found.data?.machine.model);
  const sales = useSales();
  useKeys({ "/": () => document.getElementById(ID)?.focus() });
  return (
    <>
      <Masthead />
      <main id="main" className="place lists machines">
        <h1>Models</h1>
        <div className="place-columns lists-columns">
          <section aria-label="Find">
            <Form.Control
              id={ID}
              type="search"
              aria-label="Model number, as far as it can be read"
              placeholder="Model number, as it can be read"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              onKeyDown={(event) => {
                const first = named.data?.candidates[0];
                if (event.key === "Enter" && typed !== "" && first) {
                  void navigate(modelPage(first.model));
                  setTyped("");
                }
              }}
            />
            {typed === "" && model === undefined && (
              <p className="soft small mt-2">
                Type a model number as the tag, the caller or the invoice has it. The closest models are
                listed, each with its parts by place and its equivalent models of other brands. Or browse the
                constructions.
              </p>
            )}
            {typed === "" && model === undefined && (
              <>
                <NumberList
                  title="Looked at last"
                  rows={lookedAt.map((number) => ({ number, to: modelPage(number) }))}
                />
                <NumberList
                  title="Parts sold for most in 90 days"
                  rows={(sales?.models ?? []).map((sold) => ({
                    number: sold.model,
                    to: modelPage(sold.model),
                    words: `${sold.brand} ${sold.appliance}`,
                    figure: many(sold.count, "case"),
                  }))}
                />
              </>
            )}
            {named.error && (
              <div className="notice bad" role="alert">
                {named.error.message}
              </div>
            )}
            {typed !== "" && named.data && <Candidates reading={named.data} />}
            {found.data && <EquivalentModels twins={found.data.twins} />}
          </section>
          {found.error && (
            <div className="notice bad" role="alert">
              {found.error.message}
            </div>
          )}
          {found.data && <ModelView machine={found.data.machine} parts={found.data.parts} />}
          {found.isLoading && <p className="soft p-3">Loading {model} …</p>}
          {model === undefined && <Constructions />}
        </div>
      </main>
    </>
  );
}

function Candidates({ reading }: { reading: Wire["TagAnswer"] }) {
  if (reading.candidates.length === 0) {
    return <p className="soft p-2">No model is close to {reading.normalized}. Check the number.</p>;
  }
  return (
    <ul className="card-plain candidates">
      {reading.candidates.map((c) => (
        <li key={c.model}>
          <Link to={modelPage(c.model)}>
            <span className="code">{c.model}</span>
            <span className="small">
              {c.brand} {c.appliance}
            </span>
            <span className="numeric small">{percent(c.probability)}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
