import { useState } from "react";
import type { Wire } from "../shared/api";
import { sentence } from "../shared/format";
import { statusWord } from "./PartsPage";
import { SideBySide } from "./SideBySide";
import { StandIns } from "./StandIns";
import { Succession } from "./Succession";
import { WhereUsed } from "./WhereUsed";

type Props = {
  whole: Wire["WholePart"];
  succession: Wire["SuccessionWire"];
  standIns: Wire["StandIns"];
};

/** One part: what it is, what it has become, where it is used, what may stand in for it. */
export function Part({ whole, succession, standIns }: Props) {
  const [beside, setBeside] = useState<string | null>(null);
  return (
    <div>
      <Head whole={whole} />
      <Succession succession={succession} onBeside={setBeside} />
      <SideBySide part={whole.part.part} other={beside} onOther={setBeside} />
      <div className="part-columns mt-3">
        <WhereUsed part={whole.part.part} />
        <StandIns standIns={standIns} onBeside={setBeside} />
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
            {part.genuine ? ", genuine" : ", same-spec make"}
          </div>
          <div className="small soft">
            {whole.packQuantity > 1 ? `${whole.packQuantity} pieces to the bag · ` : ""}
            {whole.returnable ? "may come back" : "not returnable"}
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
          {part.price ?? <span className="small soft">no price</span>}{" "}
          <span className="small soft">{part.currency}</span>
        </div>
      </div>
      {whole.safety && (
        <div className="notice">
          <b>Matters for safety.</b> {whole.safety}
        </div>
      )}
    </section>
  );
}

const UNITS = ["mm", "c", "amps"];

/** "length-mm" as "length, mm". */
export function specName(spec: string): string {
  const words = spec.split("-");
  const unit = words[words.length - 1] ?? "";
  return words.length > 1 && UNITS.includes(unit)
    ? `${words.slice(0, -1).join(" ")}, ${unit === "c" ? "°C" : unit === "amps" ? "A" : unit}`
    : words.join(" ");
}
