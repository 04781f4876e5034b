import { useState } from "react";
import type { Wire } from "../shared/api";
import { money, sentence } from "../shared/format";
import { Comparison } from "./Comparison";
import { Alternatives } from "./Alternatives";
import { Supersession } from "./Supersession";
import { UseAtCounter } from "../shared/UseAtCounter";
import { WhereUsed } from "./WhereUsed";
import { specName, statusWord } from "./words";

type Props = {
  whole: Wire["WholePart"];
  succession: Wire["SuccessionWire"];
  standIns: Wire["StandIns"];
};

/** One part: its data, supersession, where used, and alternatives. */
export function Part({ whole, succession, standIns }: Props) {
  const [beside, setBeside] = useState<string | null>(null);
  return (
    <div>
      <Head whole={whole} />
      <Supersession succession={succession} onBeside={setBeside} />
      <Comparison part={whole.part.part} other={beside} onOther={setBeside} />
      <div className="part-columns mt-3">
        <WhereUsed part={whole.part.part} />
        <Alternatives standIns={standIns} onBeside={setBeside} />
      </div>
    </div>
  );
}

function Head({ whole }: { whole: Wire["WholePart"] }) {
  const { part } = whole;
  const specs = Object.entries(whole.specs);
  return (
    <section className="card-plain" aria-label="Part">
      <span className="bin-tab">Part</span>
      <div className="row-line part-head">
        <div>
          <span className="code part-number">{part.part}</span>{" "}
          {part.status !== "current" && <b className="change">{statusWord(part.status)}</b>}
          <div>
            {sentence(part.name)}, {part.maker}
            {part.genuine ? ", genuine" : ", same specification"}
          </div>
          <div className="small soft">
            {whole.packQuantity > 1 ? `pack of ${whole.packQuantity} · ` : ""}
            {whole.returnable ? "returnable" : "not returnable"}
          </div>
        </div>
        <dl className="specs small">
          {specs.map(([spec, value]) => (
            <div key={spec}>
              <dt className="soft">{specName(spec)}</dt>
              <dd className="numeric">{value}</dd>
            </div>
          ))}
        </dl>
        <div className="numeric part-price">
          {part.price ? money(part.price) : <span className="small soft">no price</span>}
          <div>
            <UseAtCounter number={part.part} />
          </div>
        </div>
      </div>
      {whole.safety && (
        <div className="notice">
          <b>Safety part.</b> {whole.safety}
        </div>
      )}
    </section>
  );
}
