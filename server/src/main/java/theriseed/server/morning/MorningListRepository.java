package theriseed.server.morning;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MorningListRepository extends JpaRepository<MorningList, String> {
    @Query("select name from MorningList order by name")
    List<String> names();

    /** It, unless another server has it in hand. */
    @Query(value = "select * from morning_list where name = :name for update skip locked", nativeQuery = true)
    Optional<MorningList> taken(String name);
}
