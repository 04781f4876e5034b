package synopta.formats.handover;

import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.Image;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfTemplate;
import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import synopta.core.drawing.BeltRun;
import synopta.core.drawing.Bounds;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Pulley;
import synopta.core.knowledge.Belt;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Region;
import synopta.core.quantity.LengthUnit;
import synopta.formats.print.PdfCanvas;
import synopta.formats.print.Typeface;

/** The machine with the places that are worked at, numbered; and the run of its belt, to scale. */
final class MachineDrawingPdf {
    private static final float BADGE = 11;
    private static final float AIR = 14;
    private static final double BELT_AIR_MM = 20;
    private static final double DEGREES_A_STROKE = 4;
    private static final double MM_PER_INCH = 25.4;

    private final PdfContentByte page;
    private final Layout layout;

    MachineDrawingPdf(PdfContentByte page, Layout layout) {
        this.page = page;
        this.layout = layout;
    }

    /** The machine, so wide; places are numbered in their order. */
    Image machine(List<String> slots, float width) {
        Drawing drawing = layout.drawing();
        Bounds all = Stream.concat(
                        drawing.layers().stream().flatMap(layer -> layer.figures().stream()),
                        drawing.spots().stream().flatMap(spot -> spot.figures().stream()))
                .map(Figure::bounds)
                .reduce(Bounds::and)
                .orElse(new Bounds(0, 0, drawing.width(), drawing.height()));
        double scale = (width - 2 * AIR) / (all.right() - all.left());
        float height = (float) ((all.bottom() - all.top()) * scale) + 2 * AIR;
        PdfTemplate sheet = page.createTemplate(width, height);
        PdfCanvas pen = new PdfCanvas(sheet, AIR - all.left() * scale, height - AIR + all.top() * scale, scale);
        drawing.layers().forEach(layer -> layer.figures().forEach(pen::draw));
        drawing.spots().stream()
                .filter(spot -> !slots.contains(spot.slot()))
                .forEach(spot -> spot.figures().forEach(pen::draw));
        List<float[]> taken = new ArrayList<>();
        for (String slot : slots) {
            for (Drawing.Spot spot : drawing.spots()) {
                if (spot.slot().equals(slot)) {
                    spot.figures().forEach(pen::drawBold);
                    badge(sheet, free(pen, spot, taken), slots.indexOf(slot) + 1);
                }
            }
        }
        return Image.getInstance(sheet);
    }

    /** Beside the place, and lower where another number stands already. */
    private static float[] free(PdfCanvas pen, Drawing.Spot spot, List<float[]> taken) {
        Bounds at = spot.bounds();
        float[] corner = {pen.x(at.right()) + 1, pen.y(at.top()) + 1};
        while (taken.stream().anyMatch(t -> Math.abs(t[0] - corner[0]) < BADGE && Math.abs(t[1] - corner[1]) < BADGE)) {
            corner[1] -= BADGE + 1;
        }
        taken.add(corner);
        return corner;
    }

    private static void badge(PdfTemplate sheet, float[] corner, int number) {
        sheet.setColorFill(Color.BLACK);
        sheet.rectangle(corner[0], corner[1], BADGE, BADGE);
        sheet.fill();
        Font white = Typeface.BOLD.size(8);
        white.setColor(Color.WHITE);
        ColumnText.showTextAligned(
                sheet, Element.ALIGN_CENTER, new Phrase("" + number, white), corner[0] + BADGE / 2, corner[1] + 3, 0);
    }

    /** The run of the belt, so wide; empty where there is none or it does not close. */
    Optional<Image> belt(float width) {
        return Optional.ofNullable(layout.belt())
                .flatMap(belt -> belt.run().fold(run -> Optional.of(run(run, width)), no -> Optional.empty()));
    }

    private Image run(BeltRun.Closed run, float width) {
        List<Pulley> pulleys = run.touches().stream().map(BeltRun.Touch::pulley).toList();
        Bounds all = pulleys.stream()
                .map(MachineDrawingPdf::bounds)
                .reduce(Bounds::and)
                .orElseThrow();
        double scale = width / (all.right() - all.left() + 2 * BELT_AIR_MM);
        double left = all.left() - BELT_AIR_MM;
        double bottom = all.top() - BELT_AIR_MM;
        float height = (float) ((all.bottom() - all.top() + 2 * BELT_AIR_MM) * scale);
        PdfTemplate sheet = page.createTemplate(width, height);
        sheet.setLineWidth(0.5f);
        for (Pulley pulley : pulleys) {
            float radius = (float) (pulley.diameterMm() / 2 * scale);
            sheet.circle((float) ((pulley.xMm() - left) * scale), (float) ((pulley.yMm() - bottom) * scale), radius);
        }
        sheet.stroke();
        sheet.setLineWidth(1.8f);
        List<double[]> points =
                run.touches().stream().flatMap(t -> wrap(t).stream()).toList();
        sheet.moveTo((float) ((points.get(0)[0] - left) * scale), (float) ((points.get(0)[1] - bottom) * scale));
        for (double[] point : points) {
            sheet.lineTo((float) ((point[0] - left) * scale), (float) ((point[1] - bottom) * scale));
        }
        sheet.closePathStroke();
        return Image.getInstance(sheet);
    }

    private static Bounds bounds(Pulley pulley) {
        double radius = pulley.diameterMm() / 2;
        return new Bounds(pulley.xMm() - radius, pulley.yMm() - radius, pulley.xMm() + radius, pulley.yMm() + radius);
    }

    /** Points along the belt where it lies on a pulley, in millimeters; none where it passes by. */
    private static List<double[]> wrap(BeltRun.Touch touch) {
        Pulley pulley = touch.pulley();
        List<double[]> points = new ArrayList<>();
        int strokes = Math.max(1, (int) Math.ceil(touch.wrapDegrees() / DEGREES_A_STROKE));
        double came = Math.atan2(touch.on().yMm() - pulley.yMm(), touch.on().xMm() - pulley.xMm());
        for (int i = 0; touch.touching() && i <= strokes; i++) {
            double turned = came - pulley.sense() * Math.toRadians(touch.wrapDegrees()) * i / strokes;
            double radius = pulley.diameterMm() / 2;
            points.add(
                    new double[] {pulley.xMm() + radius * Math.cos(turned), pulley.yMm() + radius * Math.sin(turned)});
        }
        return points;
    }

    /** The caption of the belt's path. */
    static String caption(Belt belt, Region region) {
        String length = belt.run().fold(run -> length(run.lengthMm(), region) + " around, ", no -> "");
        return "Belt path seen from the %s: %sribs on the motor pulley, flat side on the idler."
                .formatted(belt.from().slug(), length);
    }

    private static String length(double mm, Region region) {
        return region.lengthUnit() == LengthUnit.INCH
                ? String.format(Locale.ROOT, "%.1f in (%.0f mm)", mm / MM_PER_INCH, mm)
                : String.format(Locale.ROOT, "%.0f mm (%.1f in)", mm, mm / MM_PER_INCH);
    }
}
