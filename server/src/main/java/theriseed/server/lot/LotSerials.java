package theriseed.server.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.LotNumber;

/** The serials of lot numbers of a year and crop; each is given once. */
@Component
class LotSerials {
    private final LotRepository lots;

    LotSerials(LotRepository lots) {
        this.lots = lots;
    }

    /** The next numbers. Some serials have no check character that may be issued. */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<LotNumber> issue(int year, String cropName, int many) {
        List<LotNumber> issued = new ArrayList<>();
        while (issued.size() < many) {
            int missing = many - issued.size();
            int last = lots.takeSerials(year, LotNumber.cropCode(cropName), missing);
            IntStream.rangeClosed(last - missing + 1, last)
                    .mapToObj(serial -> LotNumber.issue(year, cropName, serial))
                    .flatMap(Optional::stream)
                    .forEach(issued::add);
        }
        return issued;
    }
}
