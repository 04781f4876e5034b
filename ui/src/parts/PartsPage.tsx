import { useDeferredValue, useState } from "react";
import { Form } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import type { Wire } from "../shared/api";
import { many, money } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { useLookedAt } from "../shared/lookedAt";
import { NumberList } from "../shared/NumberList";
import { useKeys } from "../shared/useKeys";
import { useSales } from "../shared/useSales";
import { Part } from "./Part";
import "./parts.css";
import { useFound, usePart } from "./useParts";
import { statusWord } from "./words";
import { PartLink } from "../shared/NumberLink";
import { partPage } from "../shared/routes";

const ID = "part-number";

/** Parts: found by number, with supersession, where used and alternatives. */
export function PartsPage() {
  const { part } = useParams();
  const navigate = useNavigate();
  const [typed, setTyped] = useState("");
  const found = useFound(useDeferredValue(typed));
  const whole = usePart(part);
  useLookedAt("part", whole.data?.whole.part.part);
  useKeys({ "/": () => document.getElementById(ID)?.focus() });
  return (
    <>
      <Masthead />
      <main id="main" className="place lists parts">
        <h1>Parts</h1>
        <div className="place-columns lists-columns">
          <section aria-label="Find">
            <Form.Control
              id={ID}
              type="search"
              aria-label="Part number, as far as it can be read"
              placeholder="Part number, as it can be read"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              onKeyDown={(event) => {
                const first = found.data?.[0];
                if (event.key === "Enter" && typed !== "" && first) {
                  void navigate(partPage(first.part));
                  setTyped("");
                }
              }}
            />
            {typed === "" && part === undefined && (
              <p className="soft small mt-2">
                Type a part number as the old part, the invoice or the caller has it. It may be superseded or
                have a typing error: the closest numbers are listed, each with its current number.
              </p>
            )}
            {found.error && (
              <div className="notice bad" role="alert">
                {found.error.message}
              </div>
            )}
            {typed !== "" && found.data && <Found parts={found.data} typed={typed} />}
            {whole.data && <AtHand whole={whole.data.whole} />}
          </section>
          {whole.error && (
            <div className="notice bad" role="alert">
              {whole.error.message}
            </div>
          )}
          {part === undefined && <Usual />}
          {whole.isLoading && <p className="soft p-3">Loading {part} …</p>}
          {whole.data && <Part key={whole.data.whole.part.part} {...whole.data} />}
        </div>
      </main>
    </>
  );
}

/** Where one usually goes on: what was looked at last, and what sells. */
function Usual() {
  const lookedAt = useLookedAt("part", undefined);
  const sales = useSales();
  return (
    <div className="usual">
      <NumberList
        title="Sold most in 90 days"
        rows={(sales?.parts ?? []).map(({ part, count }) => ({
          number: part.part,
          to: partPage(part.part),
          words: part.name,
          figure: many(count, "piece"),
        }))}
      />
      <NumberList
        title="Looked at last"
        rows={lookedAt.map((number) => ({ number, to: partPage(number) }))}
      />
      {sales?.parts.length === 0 && lookedAt.length === 0 && (
        <p className="soft">What sells most, and what was looked at last, will be listed here.</p>
      )}
    </div>
  );
}

function Found({ parts, typed }: { parts: Wire["PartListing"][]; typed: string }) {
  if (parts.length === 0) {
    return <p className="soft p-2">No part number is close to {typed}. Check the number.</p>;
  }
  return (
    <ul className="card-plain candidates" aria-label="Parts found">
      {parts.map((part) => (
        <li key={part.part}>
          <Link to={partPage(part.part)}>
            <span className="code">{part.part}</span>
            <span className="small">{part.name}</span>
            <span className="numeric small">{part.price ? money(part.price) : statusWord(part.status)}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** Stock by branch, kit contents, and the kits that hold it. */
function AtHand({ whole }: { whole: Wire["WholePart"] }) {
  return (
    <>
      <section className="card-plain mt-3" aria-label="Stock by branch">
        <span className="bin-tab">Stock by branch</span>
        {whole.stock.length === 0 && (
          <div className="row-line soft">
            {whole.part.status === "superseded"
              ? "None left; see the current number."
              : "No branch stocks it."}
          </div>
        )}
        {whole.stock.map((stock) => (
          <div className="row-line d-flex justify-content-between" key={stock.branch}>
            <span>{stock.branch}</span>
            <span className="small soft">
              {whole.part.status === "current" ? `more in ${many(stock.leadDays, "day")}` : "discontinued"}
            </span>
            <span className="numeric">{stock.onHand}</span>
          </div>
        ))}
      </section>
      <PiecesList title="Kit contents" pieces={whole.contents} />
      <PiecesList title="In these kits" pieces={whole.kits} />
    </>
  );
}

function PiecesList({ title, pieces }: { title: string; pieces: Wire["Pieces"][] }) {
  if (pieces.length === 0) {
    return null;
  }
  return (
    <section className="card-plain mt-3" aria-label={title}>
      <span className="bin-tab">{title}</span>
      {pieces.map(({ part, quantity }) => (
        <div className="row-line" key={part.part}>
          <b>{quantity} ×</b> <PartLink part={part.part} /> {part.name}{" "}
          <span className="small soft">{part.price && money(part.price)}</span>
        </div>
      ))}
    </section>
  );
}
