import { useState } from "react";
import { Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { Link } from "react-router";
import { BeltPath } from "../shared/BeltPath";
import { builtRange, fuelName, money, range, sentence } from "../shared/format";
import { MachineDrawing } from "../shared/MachineDrawing";
import { stageAfter, Stages, type Stage, WHOLE } from "../shared/Stages";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import { PartLink } from "../shared/NumberLink";
import { UseAtCounter, UseRow } from "../shared/UseAtCounter";

const NONE = new Map();

type Props = { machine: Wire["ModelWire"]; parts: Wire["PlacedPart"][] };

/** One model: what it is, its parts by place. */
export function ModelView({ machine, parts }: Props) {
  const layouts = useLayouts(machine.appliance);
  const layout = layouts.find((l) => l.layout === machine.layout);
  const [place, setPlace] = useState<string | null>(null);
  const [stage, setStage] = useState<Stage>(WHOLE);
  useKeys({ l: layout ? () => setStage(stageAfter(layout, stage)) : undefined });
  return (
    <div>
      <section className="card-plain" aria-label="Model">
        <span className="bin-tab">Model</span>
        <div className="row-line machine-head">
          <div>
            <div className="code model-number">{machine.model}</div>
            <div>
              {machine.brand} {machine.appliance}
              {machine.fuel ? `, ${fuelName(machine.fuel)}` : ""}
              {machine.volts ? `, ${machine.volts} V` : ""}
            </div>
            <div className="small soft">
              Platform {machine.platform} ·{" "}
              {layout ? (
                <Link to={`/models/constructions/${machine.appliance}/${layout.layout}`}>{layout.name}</Link>
              ) : (
                `layout ${machine.layout}`
              )}
            </div>
            <div className="small soft">
              {machine.builtFrom || machine.builtTo
                ? sentence(builtRange(machine.builtFrom, machine.builtTo))
                : "Build years unknown"}
            </div>
            {machine.note && <div className="small">{machine.note}</div>}
            <UseAtCounter number={machine.model} />
          </div>
          {layout && (
            <div className="small-drawing">
              <Stages layout={layout} stage={stage} onStage={setStage} hint="L" />
              {stage.kind === "belt" && layout.belt ? (
                <BeltPath belt={layout.belt} layout={layout} />
              ) : (
                <MachineDrawing
                  layout={layout}
                  fuels={machine.fuel ? [machine.fuel] : ["electric"]}
                  marks={NONE}
                  layer={stage.kind === "layer" ? stage.layer : null}
                  pointed={place}
                  onPick={(picked) => setPlace(picked.slot === place ? null : picked.slot)}
                />
              )}
            </div>
          )}
        </div>
      </section>
      <Parts model={machine.model} parts={parts} place={place} />
    </div>
  );
}

const appliesTo = (part: Wire["PlacedPart"]): string =>
  [builtRange(part.builtFrom, part.builtTo), range("serial", part.serialFrom, part.serialTo)]
    .filter(Boolean)
    .join(", ") || "all units";

/** What is sold for a part today: itself, or what has taken its place. */
const sold = (part: Wire["PlacedPart"]) => (part.now.length > 0 ? part.now : [part]);

const onHand = (stock: Wire["Stock"][]): number => stock.reduce((sum, { onHand: pieces }) => sum + pieces, 0);

const inBranches = (stock: Wire["Stock"][]): string =>
  stock.map(({ branch, onHand: pieces }) => `${branch}: ${pieces}`).join(", ") || "no branch stocks it";

/** Goes through the parts of the list by the keys; Enter then uses the one that has the focus. */
function step(by: 1 | -1) {
  const links = [...document.querySelectorAll<HTMLElement>("[data-row-link]")];
  const at = links.findIndex((link) => link === document.activeElement);
  links[at < 0 ? (by > 0 ? 0 : links.length - 1) : (at + by + links.length) % links.length]?.focus();
}

type PartsProps = { model: string; parts: Wire["PlacedPart"][]; place: string | null };

function Parts({ model, parts, place }: PartsProps) {
  useKeys({ ArrowDown: () => step(1), ArrowUp: () => step(-1) });
  return (
    <section className="card-plain mt-3" aria-label="Parts by place">
      <span className="bin-tab">Parts by place</span>
      <Table responsive size="sm">
        <thead>
          <tr>
            <th scope="col">Place</th>
            <th scope="col" className="numeric">
              Quantity
            </th>
            <th scope="col">Part</th>
            <th scope="col">Name</th>
            <th scope="col">Applies to</th>
            <th scope="col" className="numeric">
              Price
            </th>
            <th scope="col" className="numeric">
              In stock
            </th>
            <th scope="col">
              <kbd>↑</kbd> <kbd>↓</kbd>
              <span className="visually-hidden">Use at counter</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {parts.map((part) => (
            <tr
              key={part.slot + part.part + appliesTo(part)}
              className={part.slot === place ? "picked" : undefined}
              aria-current={part.slot === place ? "true" : undefined}
            >
              <td>{sentence(part.slot.replaceAll("-", " "))}</td>
              <td className="numeric">{part.quantity}</td>
              <td>
                <PartLink part={part.part} />
                {part.now.map((today) => (
                  <div key={today.part} className="small text-nowrap">
                    now <PartLink part={today.part} />
                  </div>
                ))}
                {part.now.length === 0 && part.status !== "current" && (
                  <div className="small change">{part.status}</div>
                )}
              </td>
              <td>{part.name}</td>
              <td className="small">{appliesTo(part)}</td>
              <td className="numeric">
                {sold(part).map((one, index) => (
                  <div key={index}>
                    {one.price ? money(one.price) : <span className="soft">no price</span>}
                  </div>
                ))}
              </td>
              <td className="numeric">
                {sold(part).map((one, index) => (
                  <div key={index} title={inBranches(one.stock)}>
                    {onHand(one.stock)}
                  </div>
                ))}
              </td>
              <td className="text-nowrap">
                <UseRow part={part.part} model={model} />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}
