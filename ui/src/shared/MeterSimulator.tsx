import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";
import { answer, api } from "./api";
import "./meter.css";
import { PartPicture, pictureOf, usePictures } from "./PartPicture";

const TERMINALS: [string, string][] = [
  ["1", "terminal 1"],
  ["2", "terminal 2"],
  ["casing", "case"],
];

type Props = {
  appliance: string;
  /** The test of the pack that the part is read by. */
  test: string;
  /** Offers to take the reading across the two terminals. */
  onTake?: (value: number | string) => void;
};

/** A simulated meter: its leads are put on the terminals of a simulated part. */
export function MeterSimulator({ appliance, test, onTake }: Props) {
  const [shuffles, setShuffles] = useState(() => Math.floor(Math.random() * 1_000_000));
  const [leads, setLeads] = useState({ red: "1", black: "2" });
  const [turn, setTurn] = useState<"red" | "black">("red");
  const [reveal, setReveal] = useState(false);
  const pictures = usePictures(appliance);
  const shown = useQuery({
    queryKey: ["meter", appliance, test, shuffles, leads, reveal],
    queryFn: () =>
      answer(api.POST("/api/bench/meter", { body: { appliance, test, shuffles, ...leads, reveal } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const picture = pictureOf(pictures, shown.data?.partType ?? "");
  const put = (lead: "red" | "black", terminal: string) => {
    setLeads({ ...leads, [lead]: terminal });
    setTurn(lead === "red" ? "black" : "red");
  };
  const value = shown.data?.ohms;
  const across = leads.red !== "casing" && leads.black !== "casing" && leads.red !== leads.black;
  return (
    <div className="meter">
      <div className="meter-part">
        {pictures && picture && <PartPicture figures={picture.figures} side={pictures.side} />}
        <Terminals leads={leads} turn={turn} onPut={put} />
      </div>
      <div>
        <output className="display" aria-label="Meter reading">
          {value === undefined ? "…" : typeof value === "number" ? `${value} Ω` : value}
        </output>
        <LeadChoice leads={leads} onPut={put} />
        <div className="d-flex flex-wrap gap-2 mt-2">
          {onTake && (
            <Button
              variant="act"
              size="sm"
              disabled={!across || value === undefined}
              onClick={() => value !== undefined && onTake(value)}
            >
              Use this reading
            </Button>
          )}
          <Button variant="quiet" size="sm" onClick={() => setReveal(true)}>
            Show condition
          </Button>
          <Button
            variant="quiet"
            size="sm"
            onClick={() => {
              setShuffles(shuffles + 1);
              setReveal(false);
            }}
          >
            Another part
          </Button>
        </div>
        <p className="small soft mt-2 mb-0" aria-live="polite">
          {shown.data?.condition
            ? `This part is ${shown.data.condition}.`
            : "Practice only: a simulated part that may be good, open, shorted or grounded to its case."}
        </p>
        {shown.error && <p className="notice bad">{shown.error.message}</p>}
      </div>
    </div>
  );
}

type Lead = "red" | "black";
type Leads = Record<Lead, string>;
type LeadProps = { leads: Leads; onPut: (lead: Lead, terminal: string) => void };

/** The part's terminals: the next lead goes on the one that is clicked. */
function Terminals({ leads, turn, onPut }: LeadProps & { turn: Lead }) {
  return (
    <div className="terminals">
      {TERMINALS.map(([terminal, name]) => (
        <button
          key={terminal}
          type="button"
          aria-label={`${turn === "red" ? "Red" : "Black"} lead to ${name}`}
          onClick={() => onPut(turn, terminal)}
        >
          {leads.red === terminal && <span className="lead red">R</span>}
          {leads.black === terminal && <span className="lead black">B</span>}
          {name}
        </button>
      ))}
    </div>
  );
}

/** Where each lead is, by keyboard. */
function LeadChoice({ leads, onPut }: LeadProps) {
  return (["red", "black"] as const).map((lead) => (
    <fieldset key={lead}>
      <legend>{lead === "red" ? "Red" : "Black"} lead on</legend>
      {TERMINALS.map(([terminal, name]) => (
        <label key={terminal}>
          <input
            type="radio"
            name={`lead-${lead}`}
            checked={leads[lead] === terminal}
            onChange={() => onPut(lead, terminal)}
          />{" "}
          {name}
        </label>
      ))}
    </fieldset>
  ));
}
