package synopta.formats.handover;

import com.lowagie.text.Element;
import com.lowagie.text.Image;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import java.io.OutputStream;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import synopta.core.catalog.Model;
import synopta.core.knowledge.Layout;
import synopta.core.record.RepairSheet;
import synopta.formats.print.Barcodes;
import synopta.formats.print.PrintText;
import synopta.formats.print.PrintedPage;
import synopta.formats.print.Typeface;

/** The sheet that goes with the parts, on the paper of the region: the bag and what comes first on the left, the work on the right. */
public final class SheetPdf {
    private static final float MARGIN = 34;
    private static final float TEXT = 9;
    private static final float HEAD = 10.5f;
    private static final float QR = 64;
    private static final float DRAWING = 215;
    private static final float BELT = 88;
    private static final float BOX = 8;
    private static final float WIDEST_BARS = 120;

    private final String house;
    private final RepairSheet sheet;

    /**
     * Prints a sheet.
     *
     * @param house the name at its head
     */
    public SheetPdf(String house, RepairSheet sheet) {
        this.house = house;
        this.sheet = sheet;
    }

    /** Writes the pages. */
    public void write(OutputStream out) {
        String title = "Case %d".formatted(sheet.record().number());
        try (PrintedPage page = new PrintedPage(title, house, sheet.region(), MARGIN, out)) {
            page.add(head(page.canvas()));
            List<SheetText.Section> sections = SheetText.sections(sheet);
            sections.stream().filter(s -> s.heading().equals("Read first")).forEach(s -> page.add(block(s)));
            page.add(columns(page.canvas(), sections));
        }
    }

    private PdfPTable head(PdfContentByte canvas) {
        PdfPTable head = new PdfPTable(new float[] {5, 1});
        head.setWidthPercentage(100);
        PdfPCell words = PrintText.bare();
        words.addElement(PrintText.text(Typeface.PLAIN, TEXT, SheetText.reached(house, sheet)));
        words.addElement(PrintText.text(
                Typeface.BOLD, 17, "Case %d".formatted(sheet.record().number())));
        Optional<Model> machine = Optional.ofNullable(sheet.machine());
        String model = machine.map(m -> m.number().written()).orElse("Model not known");
        words.addElement(PrintText.text(Typeface.CODE, 13, model));
        String what = machine.map(
                        m -> "%s %s. ".formatted(m.brand(), m.appliance().slug()))
                .orElse("");
        LocalDate day = LocalDate.ofInstant(sheet.record().createdAt(), ZoneOffset.UTC);
        words.addElement(PrintText.text(
                Typeface.PLAIN, TEXT, what + sheet.region().longDate().format(day)));
        head.addCell(words);
        PdfPCell code = PrintText.bare();
        code.setHorizontalAlignment(Element.ALIGN_RIGHT);
        code.setImage(
                Barcodes.qr(canvas, "SYNOPTA CASE %d".formatted(sheet.record().number()), QR));
        head.addCell(code);
        return head;
    }

    private PdfPTable columns(PdfContentByte canvas, List<SheetText.Section> sections) {
        PdfPTable columns = new PdfPTable(2);
        columns.setWidthPercentage(100);
        columns.setSpacingBefore(4);
        columns.setSplitLate(false);
        PdfPCell left = PrintText.bare();
        left.setPaddingRight(10);
        left.addElement(PrintText.text(Typeface.BOLD, HEAD, "In the bag"));
        left.addElement(bag(canvas));
        sheet.total().ifPresent(total -> left.addElement(PrintText.text(Typeface.BOLD, TEXT, SheetText.total(total))));
        Optional.ofNullable(sheet.layout()).ifPresent(layout -> drawings(left, canvas, layout));
        PdfPCell right = PrintText.bare();
        for (SheetText.Section section : sections) {
            boolean isBag = section.heading().equals("Handover notes");
            if (!section.heading().equals("Read first")) {
                (isBag ? left : right).addElement(block(section));
            }
        }
        columns.addCell(left);
        columns.addCell(right);
        return columns;
    }

    private PdfPTable bag(PdfContentByte canvas) {
        PdfPTable table = new PdfPTable(new float[] {0.6f, 3.4f, 4});
        table.setWidthPercentage(100);
        for (RepairSheet.Line line : sheet.lines()) {
            table.addCell(ticked());
            Phrase part = new Phrase("%d x ".formatted(line.line().quantity()), Typeface.BOLD.size(TEXT));
            part.add(PrintText.phrase(Typeface.CODE, TEXT, line.line().part().written() + "\n"));
            part.add(PrintText.phrase(Typeface.PLAIN, TEXT, line.name()));
            line.amount().ifPresent(price -> part.add(PrintText.phrase(Typeface.BOLD, TEXT, ", " + price.decimal())));
            PdfPCell words = PrintText.bare();
            words.setPhrase(part);
            words.setPaddingBottom(4);
            table.addCell(words);
            Image bars = Barcodes.code128(
                    canvas, line.line().part().written(), line.line().part().key());
            bars.scaleToFit(WIDEST_BARS, bars.getHeight());
            PdfPCell scanned = new PdfPCell(bars, false);
            scanned.setBorder(Rectangle.NO_BORDER);
            scanned.setPadding(Barcodes.QUIET / 2);
            table.addCell(scanned);
        }
        return table;
    }

    private void drawings(PdfPCell cell, PdfContentByte canvas, Layout layout) {
        if (sheet.slots().isEmpty()) {
            return;
        }
        MachineDrawingPdf print = new MachineDrawingPdf(canvas, layout);
        cell.addElement(PrintText.text(Typeface.BOLD, HEAD, "Where it goes"));
        cell.addElement(asItIs(print.machine(sheet.slots(), DRAWING)));
        for (int i = 0; i < sheet.slots().size(); i++) {
            int number = i + 1;
            layout.place(sheet.slots().get(i))
                    .ifPresent(place -> cell.addElement(PrintText.text(
                            Typeface.PLAIN, TEXT, "%d  %s: %s".formatted(number, place.name(), place.where()))));
        }
        boolean isBeltOff =
                sheet.work().steps().stream().anyMatch(s -> s.reaches().containsKey("belt"));
        Optional.ofNullable(layout.belt())
                .filter(belt -> isBeltOff)
                .ifPresent(belt -> print.belt(BELT).ifPresent(image -> {
                    cell.addElement(asItIs(image));
                    cell.addElement(
                            PrintText.text(Typeface.PLAIN, TEXT, MachineDrawingPdf.caption(belt, sheet.region())));
                }));
    }

    private static PdfPTable block(SheetText.Section section) {
        PdfPTable table = new PdfPTable(new float[] {0.5f, 9.5f});
        table.setWidthPercentage(100);
        table.setSpacingBefore(3);
        PdfPCell heading = PrintText.bare();
        heading.setColspan(2);
        heading.setPhrase(PrintText.phrase(Typeface.BOLD, HEAD, section.heading()));
        heading.setPaddingBottom(2);
        table.addCell(heading);
        for (SheetText.Line line : section.lines()) {
            table.addCell(line.tick() ? ticked() : dashed());
            PdfPCell words = PrintText.bare();
            words.setPhrase(PrintText.phrase(Typeface.PLAIN, TEXT, line.text()));
            words.setPaddingBottom(2);
            table.addCell(words);
        }
        return table;
    }

    /** In its own size: an image alone would be stretched to its column. */
    private static PdfPTable asItIs(Image image) {
        PdfPTable table = new PdfPTable(1);
        table.setWidthPercentage(100);
        PdfPCell cell = new PdfPCell(image, false);
        cell.setBorder(Rectangle.NO_BORDER);
        cell.setPadding(0);
        table.addCell(cell);
        return table;
    }

    /** A box to tick: a cell's border would stretch with its row. */
    private static PdfPCell ticked() {
        PdfPCell cell = PrintText.bare();
        PdfPTable box = new PdfPTable(1);
        box.setTotalWidth(BOX);
        box.setLockedWidth(true);
        box.setHorizontalAlignment(Element.ALIGN_LEFT);
        PdfPCell square = new PdfPCell();
        square.setFixedHeight(BOX);
        square.setBorderWidth(0.7f);
        box.addCell(square);
        cell.addElement(box);
        cell.setPaddingTop(3);
        return cell;
    }

    private static PdfPCell dashed() {
        PdfPCell cell = PrintText.bare();
        cell.setPhrase(PrintText.phrase(Typeface.PLAIN, TEXT, "–"));
        return cell;
    }
}
