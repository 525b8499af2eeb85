package theriseed.server.season;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Refused;
import theriseed.server.ground.Ground;

/** Keeps a way out: all its steps, or none of them. */
@Service
public class WaysKept {
    private final Plantings plantings;
    private final Ground ground;

    WaysKept(Plantings plantings, Ground ground) {
        this.plantings = plantings;
        this.ground = ground;
    }

    /** What was kept, in the versions it has now. */
    public record Kept(List<Version> plantings, List<Version> neighbours) {}

    /** A record and its version. */
    public record Version(UUID id, int version) {}

    @GrowersWork
    @Transactional
    public Kept keep(PlannedTogether plan, String reason) {
        if (plan.plantings().isEmpty() && plan.neighbours().isEmpty()) {
            throw new Refused("plantings", "nothing", "planting.nothingPlanned");
        }
        return new Kept(
                plan.plantings().stream()
                        .map(one -> new Version(
                                one.id(),
                                plantings
                                        .correct(
                                                one.id(),
                                                one.then().made().from(),
                                                reason,
                                                one.then().facts())
                                        .version()))
                        .toList(),
                plan.neighbours().stream()
                        .map(one -> new Version(
                                one.id(),
                                ground.agree(one.id(), one.version(), one.by(), null)
                                        .version()))
                        .toList());
    }
}
