import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { BeltPath } from "../shared/BeltPath";
import { fuelName, hazardName, money, noteName, when } from "../shared/format";
import { inWords, MachineDrawing } from "../shared/MachineDrawing";
import { numbered } from "../shared/marks";
import { Masthead } from "../shared/Masthead";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import "./sheet.css";

type Written = Wire["RepairSheetWire"];
type Units = "millimeter" | "inch";

/** The repair sheet: cautions first, then the bag, the drawing with the places, and the work. */
export function SheetPage() {
  const { number = "" } = useParams();
  const navigate = useNavigate();
  const [units, setUnits] = useState<Units | undefined>(undefined);
  const [prices, setPrices] = useState(false);
  const written = useQuery({
    queryKey: ["case", number, "sheet", units, prices],
    queryFn: () =>
      answer(
        api.GET("/api/cases/{number}/sheet", {
          params: { path: { number: Number(number) }, query: { units, prices } },
        }),
      ),
    placeholderData: (before) => before,
  });
  const asked = `?prices=${prices}${units === undefined ? "" : `&units=${units}`}`;
  const shown: Units = written.data?.secondUnit === "millimeter" ? "millimeter" : "inch";
  const other: Units = shown === "millimeter" ? "inch" : "millimeter";
  useKeys({
    p: () => window.print(),
    b: () => void navigate(`/cases/${number}`),
    u: () => setUnits(other),
    $: () => setPrices(!prices),
  });
  return (
    <>
      <Masthead>
        <Link to={`/cases/${number}`}>
          Back to the case <kbd>B</kbd>
        </Link>
        <Button variant="quiet" size="sm" onClick={() => setUnits(other)}>
          {other === "millimeter" ? "Show mm" : "Show inches"} <kbd>U</kbd>
        </Button>
        <Button variant="quiet" size="sm" aria-pressed={prices} onClick={() => setPrices(!prices)}>
          Prices <kbd>$</kbd>
        </Button>
        <a href={`/api/cases/${number}/sheet.pdf${asked}`}>PDF</a>
        <a href={`/api/cases/${number}/sheet.txt${asked}`}>Text</a>
        <Button variant="act" size="sm" onClick={() => window.print()}>
          Print <kbd>P</kbd>
        </Button>
      </Masthead>
      <main id="main" className="sheet">
        {written.error && (
          <div className="notice bad" role="alert">
            {written.error.message} <Link to="/cases">Go to cases</Link>
          </div>
        )}
        {written.isPending && <p className="soft">Loading the repair sheet …</p>}
        {written.data && <Sheet sheet={written.data} />}
      </main>
    </>
  );
}

/** Whether the part of a place touches the belt, so that the belt comes off for it: it is drawn then. */
const onBelt = (layout: Wire["LayoutWire"], slot: string): boolean =>
  slot === "belt" ||
  [...(layout.belt?.stations ?? []), ...(layout.belt?.rests ?? [])].some((s) => s.slot === slot);

function Sheet({ sheet }: { sheet: Written }) {
  return (
    <article aria-label={`Repair sheet of case ${sheet.number}`}>
      <header>
        <div>
          <h1>Case {sheet.number}</h1>
          <div>{when(sheet.createdAt)}</div>
          <div>{sheet.reached}</div>
        </div>
        <div className="machine-name">
          <div className="code">{sheet.model ?? "Model not known"}</div>
          <div>
            {sheet.brand} {sheet.appliance}
            {sheet.fuel ? `, ${fuelName(sheet.fuel)}` : ""}
          </div>
        </div>
      </header>
      {sheet.stop && (
        <section aria-label="Stop">
          <h2>Stop</h2>
          <p>
            <b>{sheet.stop}</b>
          </p>
        </section>
      )}
      <h2>Read first</h2>
      <ul className="first">
        {sheet.cautions.map((caution) => (
          <li key={caution.text}>
            <b>▲ {hazardName(caution.hazard)}.</b> {caution.text}
          </li>
        ))}
      </ul>
      <h2>In the bag</h2>
      {sheet.lines.length === 0 ? <p>Nothing was handed over.</p> : <BagTable sheet={sheet} />}
      <ul className="notes">
        {sheet.changes.map((change) => (
          <li key={change}>
            <b>Change:</b> {change}
          </li>
        ))}
        {sheet.remarks.map((remark) => (
          <li key={remark}>{remark}</li>
        ))}
        {sheet.bag.map((entry) => (
          <li key={entry.text}>
            <b>{noteName(entry.kind)}:</b> {entry.text}
          </li>
        ))}
      </ul>
      <Drawn sheet={sheet} />
      <Work sheet={sheet} />
      <p className="small said">Caller said: “{sheet.line}”</p>
    </article>
  );
}

/** The machine with its places marked, and the belt where it comes off. */
function Drawn({ sheet }: { sheet: Written }) {
  const layout = useLayouts(sheet.appliance).find((l) => l.layout === sheet.layout);
  const marks = numbered(sheet.slots);
  if (!layout || marks.size === 0) {
    return null;
  }
  const fuels = sheet.fuel ? [sheet.fuel] : layout.places.flatMap((place) => place.fuels);
  return (
    <>
      <h2>Where it goes</h2>
      <MachineDrawing layout={layout} fuels={fuels} marks={marks} />
      <ul className="place-list">
        {sheet.slots
          .flatMap((slot) => layout.places.find((place) => place.slot === slot) ?? [])
          .map((place) => (
            <li key={place.slot}>
              <b>{marks.get(place.slot)?.rank}</b> {inWords(place)}
            </li>
          ))}
      </ul>
      {layout.belt && sheet.slots.some((slot) => onBelt(layout, slot)) && (
        <>
          <h2>Belt path</h2>
          <BeltPath belt={layout.belt} layout={layout} />
        </>
      )}
    </>
  );
}

/** Tools, steps and checks, as on the printed page. */
function Work({ sheet }: { sheet: Written }) {
  const shownAbove = ["Stop", "Read first", "Handover notes", "Caller said"];
  return (
    <>
      {sheet.sections
        .filter((section) => !shownAbove.includes(section.heading))
        .map((section) => (
          <section key={section.heading} aria-label={section.heading}>
            <h2>{section.heading}</h2>
            <ul className="ticks">
              {section.lines.map((line) => (
                <li key={line}>☐ {line}</li>
              ))}
            </ul>
          </section>
        ))}
    </>
  );
}

function BagTable({ sheet }: { sheet: Written }) {
  return (
    <table>
      <tbody>
        {sheet.lines.map((line) => (
          <tr key={line.part}>
            <td className="tick">☐</td>
            <td className="numeric">{line.quantity} ×</td>
            <td className="code">{line.part}</td>
            <td>{line.name}</td>
            {line.amount && <td className="numeric">{money(line.amount)}</td>}
          </tr>
        ))}
        {sheet.total && (
          <tr className="sum">
            <th scope="row" colSpan={4} className="numeric">
              Sum of the prices
            </th>
            <td className="numeric">{money(sheet.total)}</td>
          </tr>
        )}
      </tbody>
    </table>
  );
}
