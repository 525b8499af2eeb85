import type { Schemas } from '$lib/api/api';

export type Shown = Schemas['Shown'];
type Kind = Shown['kind'];

/** After so long without a word nobody is heard. */
const SILENT_MS = 3000;

/** What the shed's instruments show, while somebody looks at them. */
class Live {
	shown = $state.raw<Shown[]>([]);
	#watched = 0;
	#source?: EventSource;
	#silence?: ReturnType<typeof setTimeout>;

	/** Listens until the function it gives back is called. */
	watch(): () => void {
		this.#watched++;
		this.#source ??= this.#listen();
		return () => {
			this.#watched--;
			if (this.#watched > 0) return;
			this.#source?.close();
			this.#source = undefined;
			clearTimeout(this.#silence);
			this.shown = [];
		};
	}

	of(kind: Kind): Shown | undefined {
		return this.shown.find((one) => one.kind === kind);
	}

	#listen(): EventSource {
		const source = new EventSource('/api/instruments/live');
		source.onmessage = (message) => {
			this.shown = JSON.parse(message.data as string) as Shown[];
			clearTimeout(this.#silence);
			this.#silence = setTimeout(() => (this.shown = []), SILENT_MS);
		};
		return source;
	}
}

export const live = new Live();
