import { Link, useParams } from "react-router";
import { Masthead } from "../shared/Masthead";
import "./bench.css";
import { CheckCard } from "./CheckCard";
import { CHECKS } from "./checks";
import { MeterCard } from "./MeterCard";
import { MatchCard } from "./MatchCard";
import { RangeCard } from "./RangeCard";

const RANGE = { id: "range", name: "Usual range", what: "Igniter, winding, coil, switch …" };
const METER = { id: "meter", name: "Meter simulator", what: "A simulated part and meter" };
const MATCH = { id: "match", name: "Match the old part", what: "Its measures against the catalog" };

/** The test bench: readings are judged, and an old part is matched. */
export function BenchPage() {
  const { check: asked = "element" } = useParams();
  const check = CHECKS.find((c) => c.id === asked);
  return (
    <>
      <Masthead />
      <main id="main" className="place bench">
        <h1>Test bench</h1>
        <div className="place-columns bench-columns">
          <nav aria-label="Checks" className="card-plain">
            {[RANGE, ...CHECKS, METER, MATCH].map(({ id, name, what }) => (
              <Link key={id} to={`/bench/${id}`} aria-current={id === asked ? "page" : undefined}>
                <b>{name}</b>
                <span className="small soft">{what}</span>
              </Link>
            ))}
          </nav>
          {asked === MATCH.id ? (
            <MatchCard />
          ) : asked === RANGE.id ? (
            <RangeCard />
          ) : asked === METER.id ? (
            <MeterCard />
          ) : check ? (
            <CheckCard key={check.id} check={check} />
          ) : (
            <p className="soft">There is no check {asked}. Choose one on the left.</p>
          )}
        </div>
      </main>
    </>
  );
}
