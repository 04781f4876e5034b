import { Button } from "react-bootstrap";
import { AmountField } from "../../shared/AmountField";
import type { Wire } from "../../shared/api";
import { many, money, percent } from "../../shared/format";
import { PartLink } from "../../shared/NumberLink";
import type { Action } from "../casefile/caseState";
import { dragged, dropping, onRowKeys } from "./partRows";
import type { Answer } from "../casefile/case";
import { covers } from "./purchaseOptions";

type Want = Wire["OptionalPart"];
type Props = {
  answer: Answer;
  chosen: Wire["PurchaseOption"] | undefined;
  act: (action: Action) => void;
  years: number;
};

const SOURCES: Record<Wire["OptionalPart"]["source"], string> = {
  job: "You may also need",
  "while-open": "While it is open (accessible parts)",
};

/** Optional parts with their reason and the price they are worth; then the parts that were removed. */
export function OptionalParts({ answer, chosen, act, years }: Props) {
  const wants = answer.wants.filter((want) => want.quantity > 0);
  const left = [
    ...answer.wants.filter((want) => want.quantity === 0).map((want) => want.supplied),
    ...answer.needs.filter((need) => need.quantity === 0).map((need) => need.supplied ?? need.listed),
  ];
  if (wants.length === 0 && left.length === 0) {
    return null;
  }
  return (
    <div
      className="besides"
      {...dropping((part) =>
        act({ kind: "adjusted", parts: [part], change: { quantity: 0, needed: false } }),
      )}
    >
      {Object.entries(SOURCES).map(([source, words]) => {
        const of = wants.filter((want) => want.source === source);
        return of.length === 0 ? null : (
          <section key={source} aria-label={words}>
            <h3 className="small soft">{words}</h3>
            {of.map((want) => (
              <WantRow
                key={want.supplied}
                want={want}
                answer={answer}
                isIn={covers(chosen, want)}
                act={act}
                years={years}
              />
            ))}
          </section>
        );
      })}
      {left.length > 0 && (
        <section aria-label="Removed">
          <h3 className="small soft">Removed</h3>
          {left.map((part) => (
            <div key={part} className="want">
              <PartLink part={part} /> {answer.parts.find((p) => p.part === part)?.name}
              <Button
                variant="quiet"
                size="sm"
                className="take"
                onClick={() => act({ kind: "unadjusted", part })}
              >
                Add back
              </Button>
            </div>
          ))}
        </section>
      )}
    </div>
  );
}

type RowProps = { want: Want; answer: Answer; isIn: boolean; act: Props["act"]; years: number };

function WantRow({ want, answer, isIn, act, years }: RowProps) {
  const part = answer.parts.find((p) => p.part === want.supplied);
  const putIn = () => act({ kind: "adjusted", parts: [want.supplied], change: { needed: true } });
  const remove = () => act({ kind: "adjusted", parts: [want.supplied], change: { quantity: 0 } });
  return (
    <div
      className="want"
      data-row
      tabIndex={0}
      role="group"
      aria-label={`${part?.name ?? want.partType} ${want.supplied}`}
      {...dragged(want.supplied)}
      onKeyDown={onRowKeys({ Enter: putIn, "+": putIn, Delete: remove, "-": remove })}
    >
      <span className={isIn ? "inside yes" : "inside"}>{isIn ? "✓ in bag" : "○"}</span>
      <span>
        {want.quantity > 1 && `${want.quantity} × `}
        <PartLink part={want.supplied} /> {part?.name}
      </span>
      <span className="numeric">
        {part?.price && money(part.price)}
        {want.quantity > 1 && <span className="small soft fw-normal"> each</span>}
      </span>
      <span className="d-flex gap-1">
        {!isIn && (
          <Button variant="quiet" size="sm" className="take" onClick={putIn}>
            Add
          </Button>
        )}
        <Button
          variant="link"
          size="sm"
          className="btn-strike"
          aria-label={`Remove ${want.supplied}`}
          onClick={remove}
        >
          ×
        </Button>
      </span>
      <span className="small soft reason">
        {want.open ? risk(want.open, years) : want.why}{" "}
        <AmountField
          label="worth up to"
          spoken={`Value of ${want.supplied}`}
          value={want.value}
          onValue={(value) => act({ kind: "adjusted", parts: [want.supplied], change: { value } })}
        />
      </span>
    </div>
  );
}

const risk = (open: Wire["WhileOpen"], years: number): string =>
  `${percent(open.risk)} fail within ${many(years, "year")} (new: ${percent(open.riskNew)});`;
