package synopta.formats.catalog;

/**
 * How much of a delivery is read.
 *
 * @param bytesOfAFile of one file once unpacked
 * @param bytesInAll of all files once unpacked
 * @param mostPacked how many times its packed size a file may have, once it has more than a megabyte
 * @param rows of one file
 * @param faults kept; after as many the rest is not read
 */
public record ImportLimits(long bytesOfAFile, long bytesInAll, int mostPacked, int rows, int faults) {
    /** For a distributor's catalog with some five million fits. */
    public static final ImportLimits USUAL = new ImportLimits(1L << 30, 2L << 30, 200, 8_000_000, 1000);
}
