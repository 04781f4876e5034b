import { useQuery } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { BeltPath } from "../shared/BeltPath";
import { fuelName, hazardName, noteName, when } from "../shared/format";
import { inWords, MachineDrawing, type Mark } from "../shared/MachineDrawing";
import { Masthead } from "../shared/Masthead";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import "./sheet.css";

/** The sheet that goes with the parts: cautions first, then what is in the bag and where it goes. */
export function SheetPage() {
  const { number = "" } = useParams();
  const navigate = useNavigate();
  const kept = useQuery({
    queryKey: ["case", number, "sheet"],
    queryFn: () => answer(api.GET("/api/cases/{number}", { params: { path: { number: Number(number) } } })),
  });
  const record = kept.data;
  const worked = useQuery({
    queryKey: ["sheet", number, record?.revision],
    queryFn: () => answer(api.POST("/api/counter", { body: { ...record } })),
    enabled: record !== undefined,
  });
  useKeys({ p: () => window.print(), b: () => void navigate(`/cases/${number}`) });
  const error = kept.error ?? worked.error;
  return (
    <>
      <Masthead>
        <Link to={`/cases/${number}`}>
          Back to the case <kbd>B</kbd>
        </Link>
        <a href={`/api/cases/${number}/sheet.pdf`}>PDF</a>
        <a href={`/api/cases/${number}/sheet.txt`}>Text</a>
        <Button variant="act" size="sm" onClick={() => window.print()}>
          Print <kbd>P</kbd>
        </Button>
      </Masthead>
      <main id="main" className="sheet">
        {error && (
          <div className="notice bad" role="alert">
            {error.message} <Link to="/day-book">To the day book</Link>
          </div>
        )}
        {!error && (!record || !worked.data) && <p className="soft">Writing the sheet …</p>}
        {record && worked.data && <Sheet record={record} answer={worked.data} />}
      </main>
    </>
  );
}

/** Whether the part of a place touches the belt, so that the belt comes off for it: it is drawn then. */
const onBelt = (layout: Wire["LayoutWire"], slot: string): boolean =>
  slot === "belt" ||
  [...(layout.belt?.stations ?? []), ...(layout.belt?.rests ?? [])].some((s) => s.slot === slot);

type SheetProps = { record: Wire["CaseAnswer"]; answer: Wire["CounterAnswer"] };

function Sheet({ record, answer: worked }: SheetProps) {
  const layouts = useLayouts(worked.appliance);
  const layout = layouts.find((l) => l.layout === worked.layout);
  const slots = [...new Set(worked.needs.flatMap((need) => need.slots))];
  const marks = new Map<string, Mark>(
    slots.map((slot, index) => [slot, { rank: index + 1, probability: null }]),
  );
  return (
    <article aria-label={`Sheet of case ${record.number}`}>
      <header>
        <div>
          <h1>Case {record.number}</h1>
          <div>{when(record.createdAt)}</div>
        </div>
        <div className="machine-name">
          <div className="code">{worked.model?.model ?? "Model not known"}</div>
          <div>
            {worked.model?.brand} {worked.appliance}
            {worked.model?.fuel ? `, ${fuelName(worked.model.fuel)}` : ""}
          </div>
        </div>
      </header>
      <h2>First of all</h2>
      <ul className="first">
        {record.cautions.map((caution) => (
          <li key={caution.text}>
            <b>▲ {hazardName(caution.hazard)}.</b> {caution.text}
          </li>
        ))}
      </ul>
      <h2>In the bag</h2>
      {record.lines.length === 0 ? (
        <p>Nothing was handed over.</p>
      ) : (
        <BagTable record={record} answer={worked} />
      )}
      <Notes answer={worked} />
      {layout && marks.size > 0 && (
        <>
          <h2>Where it goes</h2>
          <MachineDrawing layout={layout} fuels={worked.fuels} marks={marks} />
          <ul className="places-told">
            {slots
              .flatMap((slot) => layout.places.find((place) => place.slot === slot) ?? [])
              .map((place) => (
                <li key={place.slot}>
                  <b>{marks.get(place.slot)?.rank}</b> {inWords(place)}
                </li>
              ))}
          </ul>
          {layout.belt && slots.some((slot) => onBelt(layout, slot)) && (
            <>
              <h2>How the belt lies</h2>
              <BeltPath belt={layout.belt} layout={layout} />
            </>
          )}
        </>
      )}
      <Work number={record.number} />
      <p className="small said">What was said: “{record.line}”</p>
    </article>
  );
}

/** Tools, steps and checks, as on the printed page. */
function Work({ number }: { number: number }) {
  const sheet = useQuery({
    queryKey: ["sheet-work", number],
    queryFn: () => answer(api.GET("/api/cases/{number}/sheet", { params: { path: { number } } })),
  });
  const told = ["First of all", "What goes with it"];
  return (
    <>
      {sheet.data?.sections
        .filter((section) => !told.includes(section.heading))
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

function BagTable({ record, answer: worked }: SheetProps) {
  return (
    <table>
      <tbody>
        {record.lines.map((line) => (
          <tr key={line.part}>
            <td className="tick">☐</td>
            <td className="numeric">{line.quantity} ×</td>
            <td className="code">{line.part}</td>
            <td>{worked.parts.find((p) => p.part === line.part)?.name}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Notes({ answer: worked }: { answer: Wire["CounterAnswer"] }) {
  const changes = [...new Set(worked.needs.flatMap((need) => need.fit.changes))];
  return (
    <ul className="notes">
      {changes.map((change) => (
        <li key={change}>
          <b>Change:</b> {change}
        </li>
      ))}
      {worked.bag.map((entry) => (
        <li key={entry.text}>
          <b>{noteName(entry.kind)}:</b> {entry.text}
        </li>
      ))}
    </ul>
  );
}
