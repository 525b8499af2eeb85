package theriseed.server.season;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Plantings of the plan have no scheme; what was given up is out of both. */
interface PlantingRepository extends JpaRepository<Planting, UUID> {
    /** Members are read, never written: a season that is looked at while something is written is not compared again. */
    String MEMBER = "select new theriseed.server.season.Member(p.id, p.version, v, p.season, p.ground, p.aim, p.days,"
            + " p.sowing, p.keeping, p.restOverruled, p.firstFlowerOn, p.looked, p.coverLeaked)"
            + " from Planting p join p.variety v";

    @Query(MEMBER + " where p.season between :first and :last and p.schemeId is null and not p.givenUp")
    List<Member> planned(int first, int last);

    /** All of the plan whose first flower was seen, or looked for. */
    @Query(MEMBER + " where p.schemeId is null and not p.givenUp and (p.firstFlowerOn is not null"
            + " or exists (select l.id from BloomLook l where l.plantingId = p.id))")
    List<Member> looked();

    @Query(MEMBER + " where p.schemeId = :scheme and not p.givenUp")
    List<Member> ofScheme(UUID scheme);

    /** Those of the plan that are to be copied or changed. */
    @Query("select p from Planting p join fetch p.variety"
            + " where p.season between :first and :last and p.schemeId is null and not p.givenUp")
    List<Planting> toChange(int first, int last);

    @EntityGraph(attributePaths = "variety")
    List<Planting> findBySchemeId(UUID scheme);

    @EntityGraph(attributePaths = "variety")
    Optional<Planting> findWithVarietyById(UUID id);

    @EntityGraph(attributePaths = "variety")
    List<Planting> findWithVarietyByIdIn(Collection<UUID> ids);

    /** A planting that was searched for, called after its variety and crop. */
    interface Searched {
        UUID getId();

        String getVariety();

        int getSeason();

        UUID getPlotId();
    }

    /** Those in whose variety, plot and season all the patterns are found, newest first. */
    @Query(value = """
                    select p.id, v.name as variety, p.season, p.plot_id as "plotId" from planting p
                        join unnest(:varieties, :called) v (id, name) on v.id = p.variety_id
                        join unnest(:plots, :named) g (id, name) on g.id = p.plot_id
                    where p.scheme_id is null and not p.given_up
                        and lower(v.name || ' ' || g.name || ' ' || p.season) like all(:patterns)
                    order by p.season desc, lower(v.name), p.id""", nativeQuery = true)
    List<Searched> searched(
            String[] patterns, UUID[] varieties, String[] called, UUID[] plots, String[] named, Limit limit);

    @Query("select p.id from Planting p where p.variety.id = :variety and p.schemeId is null and not p.givenUp"
            + " order by p.season desc, p.id")
    List<UUID> ofVariety(UUID variety);

    @Query("select p.variety.id as varietyId, p.season as season from Planting p where p.variety.id in :varieties"
            + " and p.season >= :first and p.aim.purpose = theriseed.server.season.Purpose.SEED"
            + " and p.schemeId is null and not p.givenUp order by p.season")
    List<Planned> plannedForSeed(Collection<UUID> varieties, int first);

    /** That a variety is grown for seed in a season. */
    interface Planned {
        UUID getVarietyId();

        int getSeason();
    }

    @Query("select p.id from Planting p where p.season = :season and p.schemeId is null and not p.givenUp")
    List<UUID> idsOf(int season);

    @Query("select p.id from Planting p where p.season = :season and p.schemeId is null and p.givenUp")
    List<UUID> givenUpIn(int season);

    @Query("select distinct p.season from Planting p where p.id in :ids")
    List<Integer> seasonsOf(Collection<UUID> ids);

    @Query("select distinct p.season from Planting p where p.schemeId is null and not p.givenUp order by p.season")
    List<Integer> seasons();
}
