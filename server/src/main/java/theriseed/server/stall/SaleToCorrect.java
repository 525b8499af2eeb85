package theriseed.server.stall;

import java.util.UUID;

/** A sale over the counter is to be corrected. Whoever counted it as part of something larger may refuse it by throwing. */
public record SaleToCorrect(UUID saleId) {}
