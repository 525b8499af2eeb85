import type { Schemas } from '$lib/api/api';
import { joined } from './joined.svelte';

export type Shown = Schemas['Shown'];
type Kind = Shown['kind'];

/** After so long without a word nobody is heard. */
const SILENT_MS = 3000;

/** What the instruments show while somebody looks at them: those joined to this computer, and the simulated ones of a made-up farm. */
class Live {
	#simulated = $state.raw<Shown[]>([]);
	#watched = 0;
	#source?: EventSource;
	#silence?: ReturnType<typeof setTimeout>;

	get shown(): Shown[] {
		const real = joined.shown;
		return [...real, ...this.#simulated.filter((one) => !real.some((other) => other.kind === one.kind))];
	}
	set shown(simulated: Shown[]) {
		this.#simulated = simulated;
	}

	/** Listens until the function it gives back is called. @param simulated whether the farm has instruments that only play */
	watch(simulated: boolean): () => void {
		this.#watched++;
		void joined.again();
		if (simulated) this.#source ??= this.#listen();
		return () => {
			this.#watched--;
			if (this.#watched > 0) return;
			this.#source?.close();
			this.#source = undefined;
			clearTimeout(this.#silence);
			this.#simulated = [];
		};
	}

	of(kind: Kind): Shown | undefined {
		return this.shown.find((one) => one.kind === kind);
	}

	#listen(): EventSource {
		const source = new EventSource('/api/instruments/live');
		source.onmessage = (message) => {
			this.#simulated = JSON.parse(message.data as string) as Shown[];
			clearTimeout(this.#silence);
			this.#silence = setTimeout(() => (this.#simulated = []), SILENT_MS);
		};
		return source;
	}
}

export const live = new Live();
