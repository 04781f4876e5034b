import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "./api";
import "./drawing.css";
import { Figure } from "./Figures";

type Pictures = Wire["PicturesWire"];

/** What the parts of an appliance look like; nothing while it is not known. */
export function usePictures(appliance: string | null | undefined): Pictures | null {
  const { data } = useQuery({
    queryKey: ["pictures", appliance],
    queryFn: () =>
      answer(
        api.GET("/api/knowledge/{appliance}/pictures", { params: { path: { appliance: appliance ?? "" } } }),
      ),
    enabled: Boolean(appliance),
    staleTime: Infinity,
  });
  return data ?? null;
}

/** The picture of a part type. */
export const pictureOf = (pictures: Pictures | null, partType: string): Wire["PictureWire"] | undefined =>
  pictures?.partTypes.find((p) => p.partType === partType);

/** The line picture of a part; its name stands beside it, so that it needs no words of its own. */
export function PartPicture({ figures, side }: { figures: Wire["Figure"][]; side: number }) {
  return (
    <svg className="picture" viewBox={`0 0 ${side} ${side}`} aria-hidden="true">
      {figures.map((figure, index) => (
        <Figure key={index} figure={figure} />
      ))}
    </svg>
  );
}
