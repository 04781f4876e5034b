import { Link, useParams } from "react-router";
import { Masthead } from "../shared/Masthead";
import "./bench.css";
import { CheckCard } from "./CheckCard";
import { CHECKS } from "./checks";
import { MeterCard } from "./MeterCard";
import { MatchCard } from "./MatchCard";
import { RangeCard } from "./RangeCard";

const RANGE = { id: "range", name: "Usual range", what: "Any part that is read: igniter, winding, coil …" };
const METER = { id: "meter", name: "Meter practice", what: "Leads on a part that was made up" };
const MATCH = { id: "match", name: "Match the old part", what: "Its measures, against the catalogue" };

/** The bench: readings judged, and the old part matched. */
export function BenchPage() {
  const { check: asked = "element" } = useParams();
  const check = CHECKS.find((c) => c.id === asked);
  return (
    <>
      <Masthead />
      <main id="main" className="place bench">
        <h1>Bench</h1>
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
            <p className="soft">There is no check called {asked}.</p>
          )}
        </div>
      </main>
    </>
  );
}
