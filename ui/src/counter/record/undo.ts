import { useEffect, useState } from "react";

/** An action that cannot be taken back later: its key waits for Enter. */
export type Armed = "hand over" | "cautions" | "discard";

/** Something that was just done, and how it is taken back. */
export type Offer = { place: "cautions" | "total"; words: string; undo: () => void };

const OFFERED_MS = 5_000;

/** Offers for a few seconds to take back what was just done. */
export function useOffer() {
  const [offer, setOffer] = useState<Offer | null>(null);
  useEffect(() => {
    if (offer === null) {
      return;
    }
    const timer = setTimeout(() => setOffer(null), OFFERED_MS);
    return () => clearTimeout(timer);
  }, [offer]);
  return {
    offer,
    make: setOffer,
    /** Takes it back, if anything is offered; whether there was. */
    take: (): boolean => {
      setOffer(null);
      offer?.undo();
      return offer !== null;
    },
  };
}
