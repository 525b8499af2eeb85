package theriseed.server.demo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The sample farm over HTTP: made while there is no farm, by whoever opens the first page. */
@RestController
class SampleFarmController {
    private final SampleFarm sample;

    SampleFarmController(SampleFarm sample) {
        this.sample = sample;
    }

    /** @param password of its grower, made at random by whoever asks for it */
    record SampleRequest(@NotNull @Size(max = 100) String password) {
        @Override
        public String toString() {
            return "a sample farm";
        }
    }

    record SampleView(SampleFarm.State state) {}

    @GetMapping("/api/first-run/sample")
    SampleView state() {
        return new SampleView(sample.state());
    }

    @PostMapping("/api/first-run/sample")
    SampleView make(@Valid @RequestBody SampleRequest request) {
        return new SampleView(sample.make(request.password()));
    }

    @PostMapping("/api/farm/thrown-away")
    void throwAway() {
        sample.throwAway();
    }
}
